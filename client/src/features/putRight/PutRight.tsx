import { FIELD_NAMES, fieldWordText } from '@kesto/contract/wording';
import type { KindId } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { Choice, LabelledChoice, KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import type { Specs } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Words } from '@/ui/Words';
import { changedIn, correctableOf, specsOf, textsOf, type Correctable, type Values } from './correctable';
import { WORDS } from './words';

interface PutRightProps {
  readonly keptAs: string;
  readonly kind: KindId;
  /** What the entry says now. */
  readonly values: Values;
  readonly busy: boolean;
  /** True once it is safe. */
  readonly onCorrect: (values: Values, why: string) => Promise<boolean>;
  readonly onStrike: (why: string) => Promise<boolean>;
}

const WAYS = [
  { value: 'anew', label: 'say it anew' },
  { value: 'strike', label: 'strike it out' },
] as const;

/** An entry is never changed: what puts it right is an entry of its own that names it and says why. */
export function PutRight(props: PutRightProps) {
  const fields = correctableOf(props.kind, props.values);
  const [way, setWay] = useState<(typeof WAYS)[number]['value']>('anew');
  const strikes = way === 'strike' || fields.length === 0;
  return (
    <View style={styles.form}>
      {fields.length > 0 ? <Choice label={WORDS.howItIsPut} value={way} options={[...WAYS]} onChange={setWay} /> : null}
      <Words size={14} tone="ink2">
        {strikes ? 'It no longer counts. It stays to be read, with your reason.' : 'What it said first stays to be read, with your reason.'}
      </Words>
      {strikes ? <StrikeForm {...props} /> : <AnewForm {...props} fields={fields} />}
    </View>
  );
}

const BECAUSE = { because: { label: 'why it is put right', kind: 'words' } } as const;

function StrikeForm({ keptAs, busy, onStrike }: PutRightProps) {
  const figures = useFigures(`${keptAs}.strike`, BECAUSE);
  return (
    <>
      <FigureFields figures={figures} />
      <KeepKey main={false} label={WORDS.strikeItOut} busy={busy} onPress={() => void figures.submit(({ because }) => onStrike(because))} />
    </>
  );
}

function AnewForm({ keptAs, values, fields, busy, onCorrect }: PutRightProps & { fields: readonly Correctable[] }) {
  const units = useUnits();
  const texts = textsOf(fields, values, units);
  const specs: Specs = { ...specsOf(fields), ...BECAUSE };
  const figures = useFigures(`${keptAs}.anew`, specs, texts);
  const [picked, setPicked] = useState<Values>({});
  const pick = (key: string, value: unknown) => setPicked({ ...picked, [key]: value });
  const isSame = Object.keys(texts).every((key) => figures.textOf(key) === texts[key]) && Object.keys(picked).length === 0;
  const keep = (read: Readonly<Record<string, unknown>>) => {
    const isTyped = (key: string) => figures.textOf(key) !== texts[key];
    return onCorrect({ ...changedIn(fields, read, isTyped), ...picked }, String(read['because']));
  };
  return (
    <>
      {fields.map((field) =>
        field.as === 'word' ? (
          <View key={field.key} style={styles.field}>
            <LabelledChoice
              label={FIELD_NAMES[field.key] ?? field.key}
              value={String(picked[field.key] ?? values[field.key] ?? '')}
              options={field.words.map((value) => ({ value, label: fieldWordText(field.key, value) }))}
              onChange={(value) => pick(field.key, value)}
            />
          </View>
        ) : field.as === 'truth' ? (
          <CheckRow
            key={field.key}
            label={FIELD_NAMES[field.key] ?? field.key}
            checked={(picked[field.key] ?? values[field.key]) === true}
            onChange={(value) => pick(field.key, value)}
          />
        ) : null,
      )}
      <FigureFields figures={figures} />
      <KeepKey main={false} label={WORDS.putItRight} busy={busy} disabled={isSame} onPress={() => void figures.submit(keep)} />
    </>
  );
}

const styles = StyleSheet.create({ form: { gap: 10, paddingVertical: 8 }, field: { gap: 4 } });
