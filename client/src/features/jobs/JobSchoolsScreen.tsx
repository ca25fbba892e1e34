import type { JobView } from '@kesto/contract';
import { SCHOOL_QUESTIONS, SCHOOL_TEXTS, schoolName } from '@kesto/contract/wording';
import { differingSchool, type Schools } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useShopSchools } from '@/data/shop/api';
import { answered, SchoolRow } from '@/features/shop';
import { useWrite } from '@/outbox';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { jobCells } from '@/data/jobs/cells';
import { WithJob } from '@/data/jobs/WithJob';
import { jobEntryWrite } from '@/data/jobs/writes';
import { WORDS } from './words';

export function JobSchoolsScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready job={job} />}</WithJob>;
}

/** Where one job is made otherwise than the shop does it, and why. */
function Ready({ job }: { job: JobView }) {
  const router = useRouter();
  const { data: shop = {} } = useShopSchools();
  const [schools, setSchools] = useState<Schools>(job.schools?.schools ?? {});
  const [reason, setReason] = useState(job.schools?.reason ?? '');
  const { keep: write, busy, problem } = useWrite();
  const differs = differingSchool(schools, shop) !== null;
  async function keep() {
    const values = { schools, ...(reason.trim() ? { reason: reason.trim() } : {}) };
    if (await write(jobEntryWrite(job.id, uuid(), { kind: 'schools', values }))) router.replace(`/jobs/${job.id}`);
  }
  const reasonProblem = problem?.field === 'values.reason' ? problem.message : null;
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.jobPractice(job.number)}
      subtitle={WORDS.exceptionsFromShopPracticeLabel}
      up={{ label: WORDS.job(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={{ label: busy ? WORDS.keeping : WORDS.keepItSo, disabled: busy, onPress: () => void keep() }}
    >
      {problem && !reasonProblem ? <Failed message={problem.message} /> : null}
      {differs || reason ? (
        <TextField
          label={WORDS.whyThisJobDiffers}
          value={reason}
          onChange={setReason}
          multiline
          error={reasonProblem}
          testID="job-reason"
        />
      ) : (
        <Words tone="ink2">{WORDS.nothingDiffersYet}</Words>
      )}
      {SCHOOL_QUESTIONS.map((question) => (
        <SchoolRow
          key={question}
          question={question}
          value={schools[question]}
          unset={{
            label: WORDS.asTheShop,
            says: shop[question] ? WORDS.theShop(schoolName(question, shop[question])) : SCHOOL_TEXTS[question].usual,
          }}
          onChoose={(answer) => setSchools(answered(schools, question, answer))}
        />
      ))}
    </Sheet>
  );
}
