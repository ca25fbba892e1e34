import { SCHOOL_QUESTIONS, SCHOOL_TEXTS } from '@kesto/contract/wording';
import type { SchoolQuestion } from '@kesto/core';
import { errorText } from '@/api/api';
import { useMeQuery } from '@/features/session/api';
import { Sheet } from '@/ui/Sheet';
import { Failed, Loading } from '@/ui/states';
import { usePutSchoolsMutation, useSchoolsQuery } from './api';
import { answered, SchoolRow } from './SchoolRow';

/** Where practitioners differ: what each school gains and risks, and which one this shop follows. */
export function SchoolsScreen() {
  const schools = useSchoolsQuery();
  const { data: me } = useMeQuery();
  const [put, { error }] = usePutSchoolsMutation();
  const mayChange = me?.person.role === 'lead' || me?.person.role === 'admin';
  const chosen = schools.data;
  const choose = (question: SchoolQuestion, answer: string | null) => void put(answered(schools.data ?? {}, question, answer));
  return (
    <Sheet
      tag="shop"
      title="Schools"
      subtitle={mayChange ? 'how this shop does it' : 'chosen by the lead'}
      up={{ label: 'you', href: '/me' }}
      cells={{ here: 'person' }}
    >
      {error ? <Failed message={errorText(error)} /> : null}
      {schools.error ? <Failed message={errorText(schools.error)} onRetry={() => void schools.refetch()} /> : null}
      {chosen ? (
        SCHOOL_QUESTIONS.map((question) => (
          <SchoolRow
            key={question}
            question={question}
            value={chosen[question]}
            unset={{ label: 'usual', says: SCHOOL_TEXTS[question].usual }}
            locked={!mayChange}
            onChoose={(answer) => choose(question, answer)}
          />
        ))
      ) : schools.error ? null : (
        <Loading what="the shop’s schools" />
      )}
    </Sheet>
  );
}
