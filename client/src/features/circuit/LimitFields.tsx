import { calcErrorText } from '@kesto/contract/wording';
import { limitErrors, type CircuitPart, type Quantity } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

const FIGURES = {
  pressure: { label: WORDS.bears, kind: 'pressure', hint: WORDS.bearsSays, optional: true },
  test: { label: WORDS.tested, kind: 'pressure', hint: WORDS.testedSays, optional: true },
  relief: { label: WORDS.opens, kind: 'pressure', hint: WORDS.opensSays, optional: true },
} as const;

/** Nothing but a wall: what it bears follows from its size. */
const WALLS: readonly CircuitPart['kind'][] = ['tube', 'fitting', 'port'];
export const hasLimits = ({ kind }: CircuitPart): boolean => !WALLS.includes(kind);

const textOf = (quantity: Quantity | undefined) => (quantity ? `${quantity.value} ${quantity.unit}` : '');

interface LimitFieldsProps {
  readonly circuit: string;
  readonly part: CircuitPart;
  readonly onKeep: (limits: CircuitPart['limits']) => void;
}

/** What a part bears, as its maker says it: a hold goes no higher, and a strength test needs the maker's own. */
export function LimitFields({ circuit, part, onKeep }: LimitFieldsProps) {
  const { limits = {} } = part;
  const figures = useFigures(`${circuit}.limits.${part.id}`, FIGURES, {
    pressure: textOf(limits.pressure),
    test: textOf(limits.test),
    relief: textOf(limits.relief),
  });
  const keep = () =>
    figures.submit(({ pressure, test, relief }) => {
      const said = { ...(pressure ? { pressure } : {}), ...(test ? { test } : {}), ...(relief ? { relief } : {}) };
      const [wrong] = limitErrors(said);
      if (wrong && 'field' in wrong) {
        figures.complain(wrong.field as keyof typeof FIGURES, calcErrorText(wrong)); // cast: named as the fields are
        return false;
      }
      onKeep(Object.keys(said).length > 0 ? said : undefined);
      return true;
    });
  return (
    <View style={styles.all}>
      <Words size={15}>{WORDS.limits}</Words>
      <FigureFields figures={figures} of={part.kind === 'relief-valve' ? figures.keys : ['pressure', 'test']} />
      <FrameKey label={WORDS.setLimits} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 8 } });
