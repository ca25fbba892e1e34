import { TUBES, formatLength, readingText, type TubeRow, type UnitPreferences, LENGTH_UNITS } from '@kesto/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { ListRow } from '@/ui/ListRow';
import { Choice } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';

const OFFERED = TUBES.filter((row) => row.standard === 'ASTM B280' || row.standard === 'EN 12735-1').filter(
  (row, i, all) => all.findIndex((other) => other.name === row.name && other.wallM === row.wallM && other.system === row.system) === i,
);

const sizeText = ({ name, system }: TubeRow) => `${name} ${system === 'inch' ? 'in' : 'mm'}`;

/** Standard tube, inch and metric, each with its actual outside diameter and wall. */
export function SizePicker({ units, onPick }: { units: UnitPreferences; onPick: (row: TubeRow) => void }) {
  const t = useTokens();
  const [system, setSystem] = useState<'inch' | 'metric'>('inch');
  return (
    <View style={arrange.stack8}>
      <Choice
        label={WORDS.kindOfTube}
        value={system}
        onChange={setSystem}
        options={[
          { value: 'inch', label: WORDS.inchTube },
          { value: 'metric', label: WORDS.metricTube },
        ]}
      />
      <ScrollView style={{ maxHeight: 220, borderWidth: 1, borderColor: t.rule }} tabIndex={0} aria-label={WORDS.tubeSizes}>
        {OFFERED.filter((row) => row.system === system).map((row) => (
          <ListRow
            key={`${row.name}${row.wallM}`}
            says={WORDS.tubeOfWall(sizeText(row), readingText(formatLength(row.wallM, units, 2)))}
            onPress={() => onPick(row)}
            style={styles.size}
          >
            <Mono size={20} style={styles.length}>
              {sizeText(row)}
            </Mono>
            <Words size={15} tone="ink2" style={arrange.fill}>
              {WORDS.outside(readingText(formatLength(row.outsideM, units, 2)), readingText(formatLength(row.wallM, units, 2)))}
            </Words>
          </ListRow>
        ))}
      </ScrollView>
    </View>
  );
}

/** A picked row as the text a person would have typed. */
export function pickedText(row: TubeRow): { od: string; wall: string } {
  if (row.system === 'metric') return { od: `${row.name} mm`, wall: `${(row.wallM * 1000).toFixed(2)} mm` };
  return { od: `${row.name} in`, wall: `${(row.wallM / LENGTH_UNITS.in).toFixed(3)} in` };
}

const styles = StyleSheet.create({
  size: { paddingHorizontal: 12 },
  length: { width: 110 },
});
