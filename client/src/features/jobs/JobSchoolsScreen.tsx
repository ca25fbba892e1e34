import type { JobView } from '@kesto/contract';
import { SCHOOL_QUESTIONS, SCHOOL_TEXTS, schoolName } from '@kesto/contract/wording';
import { differingSchool, type Schools } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorField, errorText } from '@/api/api';
import { useSchoolsQuery } from '@/features/shop/api';
import { answered, SchoolRow } from '@/features/shop/SchoolRow';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { usePutJobEntryMutation } from './api';
import { jobCells } from './cells';
import { WithJob } from './WithJob';

export function JobSchoolsScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready key={job.schools?.id ?? 'none'} job={job} />}</WithJob>;
}

/** Where one job is made otherwise than the shop does it, and why. */
function Ready({ job }: { job: JobView }) {
  const router = useRouter();
  const { data: shop = {} } = useSchoolsQuery();
  const [schools, setSchools] = useState<Schools>(job.schools?.schools ?? {});
  const [reason, setReason] = useState(job.schools?.reason ?? '');
  const [put, { isLoading, error }] = usePutJobEntryMutation();
  const attempt = useRef<{ readonly id: string; readonly of: string } | null>(null);
  const differs = differingSchool(schools, shop) !== null;
  async function keep() {
    const values = { schools, ...(reason.trim() ? { reason: reason.trim() } : {}) };
    const of = JSON.stringify(values);
    if (attempt.current?.of !== of) attempt.current = { id: uuid(), of };
    const result = await put({ jobId: job.id, entryId: attempt.current.id, body: { kind: 'schools', values } });
    if (result.data) router.replace(`/jobs/${job.id}`);
  }
  const reasonProblem = error && errorField(error) === 'values.reason' ? errorText(error) : null;
  return (
    <Sheet
      tag={job.unit.tag}
      title={`job ${job.number}, schools`}
      subtitle="where it is made otherwise than the shop does it"
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={{ label: isLoading ? 'Storing' : 'Keep it so', disabled: isLoading, onPress: () => void keep() }}
    >
      {error && !reasonProblem ? <Failed message={errorText(error)} /> : null}
      {differs || reason ? (
        <TextField label="why this job differs" value={reason} onChange={setReason} multiline error={reasonProblem} testID="job-reason" />
      ) : (
        <Words tone="ink2">Nothing differs yet: the joints of this job are planned as the shop does it.</Words>
      )}
      {SCHOOL_QUESTIONS.map((question) => (
        <SchoolRow
          key={question}
          question={question}
          value={schools[question]}
          unset={{
            label: 'as the shop',
            says: shop[question] ? `The shop: ${schoolName(question, shop[question])}.` : SCHOOL_TEXTS[question].usual,
          }}
          onChoose={(answer) => setSchools(answered(schools, question, answer))}
        />
      ))}
    </Sheet>
  );
}
