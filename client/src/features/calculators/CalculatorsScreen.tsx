import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FieldError } from '@/ui/FieldError';
import { Choice } from '@/ui/Buttons';
import { Reading } from '@/ui/Reading';
import { Sheet } from '@/ui/Sheet';
import { useIsWide, useTokens } from '@/ui/theme';
import { UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { CalculatorPicture } from './CalculatorPicture';
import { initialValues, work, type Answer, type Calculator, type Values } from './calculator';
import { CALCULATORS } from './kinds';
import { PutInJob } from './PutInJob';
import { sumOf } from './sum';
import { WORDS } from './words';

/** Without a job: one sum at a time, answered as it is typed. */
export function CalculatorsScreen() {
  const units = useUnits();
  const wide = useIsWide();
  const [name, setName] = useState(CALCULATORS[0]?.name ?? '');
  const [typed, setTyped] = useState<Readonly<Record<string, Values>>>({});
  const [putting, setPutting] = useState(false);
  const calculator = CALCULATORS.find((c) => c.name === name);
  const values = useMemo(
    () => (calculator ? { ...initialValues(calculator, units), ...typed[name] } : {}),
    [calculator, units, typed, name],
  );
  const worked = useMemo(() => (calculator ? work(calculator, values, units) : null), [calculator, values, units]);
  const change = (key: string, text: string) => setTyped({ ...typed, [name]: { ...typed[name], [key]: text } });
  const answer = worked?.answer ? <AnswerView answer={worked.answer} /> : <Words tone="ink2">{WORDS.mendTheField}</Words>;
  const sum = calculator && worked?.answer ? sumOf(calculator, { values, answer: worked.answer, units }) : null;
  const putInJob = sum && putting ? <PutInJob key={name} sum={sum} joint={calculator?.joint?.(values) ?? null} /> : null;
  const aside = (
    <View style={arrange.stack18}>
      {answer}
      {putInJob}
    </View>
  );
  return (
    <Sheet
      tag="bench"
      title={calculator?.title ?? ''}
      subtitle={WORDS.oneSumWithoutA}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'bench' }}
      aside={wide ? aside : undefined}
      action={sum ? { label: putting ? WORDS.backToTheSum : WORDS.putInAJobLabel, onPress: () => setPutting(!putting) } : undefined}
      {...(wide ? {} : { over: putInJob, overOpen: putting && sum !== null })}
    >
      <Choice label={WORDS.sum} value={name} onChange={setName} options={CALCULATORS.map((c) => ({ value: c.name, label: c.name }))} />
      {calculator && worked ? (
        <View style={arrange.stack14}>
          <View style={{ flexDirection: wide ? 'row' : 'column', gap: wide ? 24 : 14 }}>
            <View style={{ flex: wide ? 1.35 : undefined, gap: 8 }}>
              {worked.answer?.picture ? <CalculatorPicture picture={worked.answer.picture} units={units} /> : null}
              <Words>{calculator.says}</Words>
            </View>
            {wide ? null : answer}
            <View style={{ flex: wide ? 1 : undefined }}>
              <Fields calculator={calculator} values={values} problems={worked.problems} onChange={change} />
            </View>
          </View>
          <Choices calculator={calculator} values={values} problems={worked.problems} onChange={change} />
        </View>
      ) : null}
    </Sheet>
  );
}

function AnswerView({ answer }: { answer: Answer }) {
  const t = useTokens();
  return (
    <View role="status" aria-label={WORDS.answer} style={{ gap: 10, borderTopWidth: 2, borderColor: t.copper, paddingTop: 8 }}>
      <View style={arrange.columns18}>
        {answer.rows.map((row) => (
          <View key={row.label} style={{ minWidth: 150, flexGrow: 1, borderBottomWidth: 1, borderColor: t.rule }}>
            <Reading
              label={row.label}
              value={row.reading.value}
              unit={row.reading.unit}
              {...(row.note ? { note: row.note } : {})}
              size={28}
              testID={`answer-${row.label}`}
            />
          </View>
        ))}
      </View>
      {answer.notes.map((note) => (
        <Words key={note.text} size={15} tone={note.stop ? 'red' : 'ink'} bold={note.stop ?? false}>
          {note.text}
        </Words>
      ))}
    </View>
  );
}

interface AskedProps {
  readonly calculator: Calculator;
  readonly values: Values;
  readonly problems: Readonly<Record<string, string>>;
  readonly onChange: (key: string, text: string) => void;
}

function Fields({ calculator, values, problems, onChange }: AskedProps) {
  return (
    <View style={arrange.wrap12}>
      {calculator.fields.map((field) => (
        <UnitField
          key={field.key}
          label={field.label}
          value={values[field.key] ?? ''}
          onChange={(text) => onChange(field.key, text)}
          error={problems[field.key]}
          testID={`field-${field.key}`}
        />
      ))}
    </View>
  );
}

function Choices({ calculator, values, problems, onChange }: AskedProps) {
  return calculator.choices.map((choice) => (
    <View key={choice.key} style={arrange.stack6}>
      <Heading size={15}>{choice.label}</Heading>
      <Choice
        label={choice.label}
        value={values[choice.key] ?? null}
        options={choice.options}
        onChange={(value) => onChange(choice.key, value)}
      />
      <FieldError text={problems[choice.key]} />
    </View>
  ));
}
