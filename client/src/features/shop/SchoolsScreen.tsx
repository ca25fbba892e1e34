import { SCHOOL_QUESTIONS, SCHOOL_TEXTS } from '@kesto/contract/wording';
import { SCHOOLS, type SchoolQuestion, type Schools } from '@kesto/core';
import { View } from 'react-native';
import { errorText } from '@/api/api';
import { useMeQuery } from '@/features/session/api';
import { Choice } from '@/ui/Keys';
import { Sheet } from '@/ui/Sheet';
import { Failed, Loading } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { usePutSchoolsMutation, useSchoolsQuery } from './api';

const USUAL = 'usual';

/** Where practitioners differ: what each school gains and risks, and which one this shop follows. */
export function SchoolsScreen() {
  const schools = useSchoolsQuery();
  const { data: me } = useMeQuery();
  const [put, { error }] = usePutSchoolsMutation();
  const mayChange = me?.person.role === 'lead' || me?.person.role === 'admin';
  const chosen = schools.data;
  function choose(question: SchoolQuestion, answer: string) {
    const { [question]: _before, ...rest } = schools.data ?? {};
    void put((answer === USUAL ? rest : { ...rest, [question]: answer }) as Schools); // cast: the answers offered are the question's own
  }
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
          <School
            key={question}
            question={question}
            value={chosen[question] ?? USUAL}
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

interface SchoolProps {
  readonly question: SchoolQuestion;
  readonly value: string;
  readonly locked: boolean;
  readonly onChoose: (answer: string) => void;
}

function School({ question, value, locked, onChoose }: SchoolProps) {
  const t = useTokens();
  const text = SCHOOL_TEXTS[question];
  const chosen = text.answers[value];
  const options = [USUAL, ...SCHOOLS[question]].map((answer) => ({ value: answer, label: answer, disabled: locked && answer !== value }));
  return (
    <View style={{ gap: 8, borderTopWidth: 1, borderColor: t.rule, paddingTop: 10 }}>
      <Heading size={17}>{text.question}</Heading>
      <Choice label={text.question} value={value} options={options} onChange={onChoose} />
      {chosen ? (
        <View>
          <Words size={15}>
            <Words size={15} bold>
              for{' '}
            </Words>
            {chosen.gains}
          </Words>
          <Words size={15}>
            <Words size={15} bold>
              but{' '}
            </Words>
            {chosen.risks}
          </Words>
        </View>
      ) : (
        <Words size={15} tone="ink2">
          {text.usual}
        </Words>
      )}
    </View>
  );
}
