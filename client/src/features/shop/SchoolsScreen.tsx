import { SCHOOL_QUESTIONS, SCHOOL_TEXTS } from '@kesto/contract/wording';
import type { SchoolQuestion } from '@kesto/core';
import { errorText } from '@/api/api';
import { useIsLead } from '@/session/useIsLead';
import { Sheet } from '@/ui/Sheet';
import { Failed, Loading } from '@/ui/states';
import { useWrite } from '@/outbox';
import { useShopSchools } from '@/data/shop/api';
import { schoolsWrite } from '@/data/shop/writes';
import { answered, SchoolRow } from './SchoolRow';
import { WORDS } from './words';

/** Where practitioners differ: what each school gains and risks, and which one this shop follows. */
export function SchoolsScreen() {
  const schools = useShopSchools();
  const { keep, problem } = useWrite();
  const mayChange = useIsLead();
  const chosen = schools.data;
  const choose = (question: SchoolQuestion, answer: string | null) =>
    void (schools.data && keep(schoolsWrite(answered(schools.data, question, answer), schools.data)));
  return (
    <Sheet
      tag="shop"
      title={WORDS.shopPractice}
      subtitle={mayChange ? WORDS.howThisShopDoes : WORDS.chosenByTheLead}
      up={{ label: WORDS.you, href: '/me' }}
      cells={{ here: 'person' }}
    >
      {problem ? <Failed message={problem.message} /> : null}
      {schools.error ? <Failed message={errorText(schools.error)} onRetry={() => void schools.refetch()} /> : null}
      {chosen ? (
        SCHOOL_QUESTIONS.map((question) => (
          <SchoolRow
            key={question}
            question={question}
            value={chosen[question]}
            unset={{ label: WORDS.usual, says: SCHOOL_TEXTS[question].usual }}
            locked={!mayChange}
            onChoose={(answer) => choose(question, answer)}
          />
        ))
      ) : schools.error ? null : (
        <Loading what={WORDS.shopPracticeLabel} />
      )}
    </Sheet>
  );
}
