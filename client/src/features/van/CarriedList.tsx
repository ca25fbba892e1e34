import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { Carried } from './Carried';

interface CarriedListProps<Thing> {
  readonly title: string;
  /** Said while nothing is there. */
  readonly none: string;
  readonly things: readonly Thing[];
  readonly nameOf: (thing: Thing) => string;
  readonly saysOf: (thing: Thing) => string;
  readonly isLate?: (thing: Thing) => boolean;
  /** Null for whoever only reads. */
  readonly onTakeOff: ((thing: Thing) => void) | null;
  /** On the key that begins another one, and its form. */
  readonly another: string;
  readonly form: (done: () => void) => ReactNode;
}

/** Things of one sort that are carried: each can be taken off, and another put on. */
export function CarriedList<Thing>({ title, none, things, nameOf, saysOf, isLate, onTakeOff, another, form }: CarriedListProps<Thing>) {
  const [adding, setAdding] = useState(false);
  return (
    <View style={arrange.stack6}>
      <Heading size={20}>{title}</Heading>
      {things.length === 0 ? (
        <Words size={15} tone="ink2">
          {none}
        </Words>
      ) : null}
      {things.map((thing) => (
        <Carried
          key={nameOf(thing)}
          name={nameOf(thing)}
          says={saysOf(thing)}
          late={isLate?.(thing) ?? false}
          onTakeOff={onTakeOff && (() => onTakeOff(thing))}
        />
      ))}
      {onTakeOff === null ? null : adding ? form(() => setAdding(false)) : <FrameKey label={another} onPress={() => setAdding(true)} />}
    </View>
  );
}
