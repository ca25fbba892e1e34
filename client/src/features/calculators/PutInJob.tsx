import type { JobSumValues } from '@kesto/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { errorText } from '@/api/api';
import { useTodayQuery } from '@/data/today/api';
import type { Draft } from '@/draft/drafts';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Empty, Failed, Loading } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { usePutInJob } from './usePutInJob';
import { WORDS } from './words';

interface PutInJobProps {
  readonly sum: JobSumValues;
  /** The joint the sum is of, where it is of one. */
  readonly joint: Draft | null;
}

/** Where the sum goes: into a job's notes as it stands, or on as a joint to plan. */
export function PutInJob({ sum, joint }: PutInJobProps) {
  const today = useTodayQuery();
  const put = usePutInJob();
  const [picked, setPicked] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const jobs = today.data?.jobs ?? [];
  const job = jobs.find(({ id }) => id === picked) ?? jobs[0];
  if (today.error) return <Failed message={errorText(today.error)} onRetry={() => void today.refetch()} />;
  if (!today.data) return <Loading what={WORDS.theJobs} />;
  if (!job) return <Empty title={WORDS.noJobIsOpen} text={WORDS.openAJobFirst} />;
  const values = { ...sum, ...(note.trim() ? { note: note.trim() } : {}) };
  return (
    <View style={arrange.stack10} role="group" aria-label={WORDS.putInAJob}>
      <Heading size={17}>{WORDS.intoWhichJob}</Heading>
      <Choice
        label={WORDS.intoWhichJobLabel}
        value={job.id}
        options={jobs.map(({ id, unit, number }) => ({ value: id, label: `${unit.tag} · job ${number}` }))}
        onChange={setPicked}
      />
      <TextField label={WORDS.whatItIsFor} value={note} onChange={setNote} />
      <View style={arrange.wrap8}>
        <FrameKey label={WORDS.keepTheSumThere} disabled={put.busy} onPress={() => void put.keep(job, values)} />
        {joint ? (
          <FrameKey
            label={WORDS.planThisJointThere}
            disabled={put.busy}
            onPress={() => void put.plan(job.id, note.trim() || `From the ${sum.calculator} sum`, joint)}
          />
        ) : null}
      </View>
      {put.problem ? <Failed message={put.problem} /> : null}
      {put.doneWith(values) ? (
        <Words bold tone="teal" role="status">
          {put.doneWith(values)}
        </Words>
      ) : null}
    </View>
  );
}
