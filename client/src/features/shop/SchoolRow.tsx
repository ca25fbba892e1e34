import { SCHOOL_TEXTS, schoolName, type SchoolAnswer } from '@kesto/contract/wording';
import { SCHOOLS, type SchoolQuestion, type Schools } from '@kesto/core';
import { View } from 'react-native';
import { Choice } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** Answers with one more given, or taken back where `answer` is null. */
export function answered(schools: Schools, question: SchoolQuestion, answer: string | null): Schools {
  const { [question]: _before, ...rest } = schools;
  return (answer === null ? rest : { ...rest, [question]: answer }) as Schools; // cast: the answers offered are the question's own
}

interface SchoolRowProps {
  readonly question: SchoolQuestion;
  readonly value: string | undefined;
  /** The word for no answer of one's own, and what then holds. */
  readonly unset: { readonly label: string; readonly says: string };
  readonly locked?: boolean;
  /** Null: no answer of one's own. */
  readonly onChoose: (answer: string | null) => void;
}

/** One question practitioners answer differently: the schools by name, and what each gains and risks. */
export function SchoolRow({ question, value, unset, locked = false, onChoose }: SchoolRowProps) {
  const t = useTokens();
  const text = SCHOOL_TEXTS[question];
  const shown = value ?? unset.label;
  const options = [unset.label, ...SCHOOLS[question]].map((answer) => ({
    value: answer,
    label: answer === unset.label ? answer : schoolName(question, answer),
    disabled: locked && answer !== shown,
  }));
  return (
    <View style={{ gap: 8, borderTopWidth: 1, borderColor: t.rule, paddingTop: 10 }}>
      <Heading size={17}>{text.question}</Heading>
      <Choice
        label={text.question}
        value={shown}
        options={options}
        onChange={(answer) => onChoose(answer === unset.label ? null : answer)}
      />
      <Words tone="ink2" size={15}>
        {unset.says}
      </Words>
      {Object.entries(text.answers).map(([answer, weighed]) => (
        <ForAndBut key={answer} chosen={answer === value} {...weighed} />
      ))}
    </View>
  );
}

function ForAndBut({ name, chosen, gains, risks }: SchoolAnswer & { chosen: boolean }) {
  return (
    <Words size={14} tone={chosen ? 'ink' : 'ink2'}>
      <Words size={14} bold>
        {name}
      </Words>{' '}
      {WORDS.forAndBut(gains, risks)}
    </Words>
  );
}
