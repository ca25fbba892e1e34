import { StyleSheet, View } from 'react-native';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import { FormFigure } from '@/forms/FormFields';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import type { UnitForm } from './unitForm';
import { WORDS } from './words';

const MOST = 12;
const EMPTY = { drop: '', flow: '' };

/** The maker's table of the water side, typed once: by it the flow is read from the pressure it drops. */
export function WaterTable({ form }: { form: UseFormReturn<UnitForm> }) {
  const units = useUnits();
  const rows = useWatch({ control: form.control, name: 'waterTable' });
  const isMetric = units.length === 'metric';
  const add = () => form.setValue('waterTable', rows.length === 0 ? [EMPTY, EMPTY] : [...rows, EMPTY]);
  return (
    <View style={styles.all}>
      <Heading size={20}>{WORDS.waterTable}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.waterTableSays}
      </Words>
      {rows.map((_row, i) => (
        // Lines have no name of their own: they are taken off from the end.
        <View key={i} style={styles.row}>
          <FormFigure control={form.control} name={`waterTable.${i}.drop`} label={WORDS.dropAt(i + 1)} unit={isMetric ? 'kPa' : 'psi'} />
          <FormFigure control={form.control} name={`waterTable.${i}.flow`} label={WORDS.flowAt(i + 1)} unit={isMetric ? 'L/min' : 'gpm'} />
        </View>
      ))}
      <View style={styles.keys}>
        {rows.length < MOST ? <FrameKey label={rows.length === 0 ? WORDS.typeTable : WORDS.anotherLine} onPress={add} /> : null}
        {rows.length > 0 ? <FrameKey quiet label={WORDS.lineOff} onPress={() => form.setValue('waterTable', rows.slice(0, -1))} /> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
