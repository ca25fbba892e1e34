import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FigureField, TextField, UnitField } from '@/ui/UnitField';
import type { FieldSpec, KeyOf, Specs } from './fields';
import { keypadFor, unitsFor } from './unitsFor';
import type { Figures } from './useFigures';

interface FigureFieldsProps<S extends Specs> {
  readonly figures: Figures<S>;
  /** Some of the fields alone, in this order. */
  readonly of?: readonly KeyOf<S>[];
}

/** The fields of a small form: figures side by side where they fit, words each on a line of its own. */
export function FigureFields<S extends Specs>({ figures, of = figures.keys }: FigureFieldsProps<S>) {
  return (
    <View style={arrange.wrap12}>
      {of.map((key) => (
        <Field key={key} figures={figures} name={key} />
      ))}
    </View>
  );
}

const specOf = (specs: Specs, name: string): FieldSpec => specs[name] ?? { label: name, kind: 'words' };

function Field<S extends Specs>({ figures, name }: { figures: Figures<S>; name: KeyOf<S> }) {
  const { label, kind, hint, testID = `figure-${name}` } = specOf(figures.specs, name);
  // The field that is typed in is drawn anew, and not the screen it stands on.
  const value: string = useWatch({ control: figures.control, name }) ?? '';
  const own = useUnits();
  const units = unitsFor(kind, own);
  const common = {
    ...{ label, value, testID, error: figures.problemOf(name), hint: value === '' ? hint : undefined },
    onChange: (text: string) => figures.set(name, text),
  };
  return kind === 'words' || kind === 'name' ? (
    <View style={styles.whole}>
      <TextField {...common} multiline={kind === 'words'} />
    </View>
  ) : units.length > 1 ? (
    <FigureField {...common} units={units} {...keypadFor(kind, own)} />
  ) : (
    <UnitField {...common} {...(units.length > 0 ? { units } : {})} />
  );
}

const styles = StyleSheet.create({
  whole: { flexBasis: '100%' },
});
