import type { JobView } from '@kesto/contract';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { Comment, CommentsOfJob } from '@/features/comment';
import { PaperKeys } from '@/features/paper';
import { JobMark } from './JobMark';
import { useJobRecord } from './useJobRecord';
import { WORDS } from './words';

/** The job's own chain and its joints', checked here or given away as one file. */
export function JobRecord({ job }: { job: JobView }) {
  const record = useJobRecord(job);
  return (
    <View style={arrange.stack8}>
      <Heading size={17}>{WORDS.theJobsRecord}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.whatWasNoted}
      </Words>
      {record.check?.status === 'checked' ? <JobMark found={record.check.found} /> : null}
      {record.check?.status === 'failed' ? <Failed message={record.check.message} /> : null}
      <PaperKeys page="jobPdf" id={job.id} name={`${job.unit.tag}-job-${job.number}`} />
      <PaperKeys page="labelsPdf" id={job.id} name={`${job.unit.tag}-labels`} />
      <View style={arrange.wrap8}>
        <FrameKey label={record.busy ? WORDS.checking : WORDS.checkTheWholeJob} disabled={record.busy} onPress={record.look} />
        <FrameKey label={WORDS.materialsForTheBill} onPress={record.giveMaterials} />
        <FrameKey label={WORDS.giveACopyOf} disabled={record.busy} onPress={record.give} />
      </View>
      <CommentsOfJob job={job} />
      <Comment of="job" id={job.id} />
    </View>
  );
}
