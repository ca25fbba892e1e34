import type { FoundAsked } from '@kesto/contract';
import { JOINT_STATE_WORDS } from '@kesto/contract/wording/record';
import { JOINT_STATES } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePeople } from '@/data/people/api';
import { FrameKey, LabelledChoice, Pill } from '@/ui/Buttons';
import { Heading } from '@/ui/Words';
import { TextField } from '@/ui/UnitField';
import { WORDS } from './words';

type Typed = 'tag' | 'unit' | 'filler' | 'lot' | 'from' | 'to';
const FIELDS: readonly (readonly [Typed, string, string?])[] = [
  ['tag', WORDS.byTag],
  ['unit', WORDS.byUnit],
  ['filler', WORDS.byFiller],
  ['lot', WORDS.byLot],
  ['from', WORDS.from, WORDS.dayHint],
  ['to', WORDS.to, WORDS.dayHint],
];
const DAY = /^\d{4}-\d{2}-\d{2}$/;
const isWrong = (field: Typed, text: string) => (field === 'from' || field === 'to') && text !== '' && !DAY.test(text);

const EVERY = '';
const STATES = [
  { value: EVERY, label: WORDS.any },
  ...JOINT_STATES.map((value) => ({ value: value as string, label: JOINT_STATE_WORDS[value] })),
];

interface Props {
  readonly asked: FoundAsked;
  readonly onAsk: (asked: FoundAsked) => void;
}

/** What is looked for: each that is said has to fit. */
export function FoundFilters({ asked, onAsk }: Props) {
  const [typed, setTyped] = useState<FoundAsked>(asked);
  const { data: shop } = usePeople();
  const makers = [{ value: EVERY, label: WORDS.everybody }, ...(shop?.people ?? []).map(({ id, name }) => ({ value: id, label: name }))];
  const set = (change: FoundAsked) => setTyped((before) => ({ ...before, ...change }));
  const wrong = FIELDS.some(([field]) => isWrong(field, typed[field] ?? ''));
  const look = () => {
    if (!wrong) onAsk(Object.fromEntries(Object.entries(typed).flatMap(([key, value]) => (value?.trim() ? [[key, value.trim()]] : []))));
  };
  return (
    <View style={styles.list}>
      <Heading size={17}>{WORDS.asked}</Heading>
      {FIELDS.map(([field, label, hint]) => (
        <TextField
          key={field}
          label={label}
          value={typed[field] ?? ''}
          onChange={(text) => set({ [field]: text })}
          hint={hint}
          error={isWrong(field, typed[field] ?? '') ? WORDS.dayWrong : null}
          onEnter={look}
        />
      ))}
      <LabelledChoice label={WORDS.byPerson} options={makers} value={typed.person ?? EVERY} onChange={(person) => set({ person })} />
      <LabelledChoice
        label={WORDS.byState}
        options={STATES}
        value={typed.state ?? EVERY}
        onChange={(state) => set({ state: state as FoundAsked['state'] })} // cast: one of them, or none
      />
      <Pill label={WORDS.look} onPress={look} disabled={wrong} />
      <FrameKey
        label={WORDS.clear}
        onPress={() => {
          setTyped({});
          onAsk({});
        }}
      />
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 10 } });
