import { calcErrorText, HEAT_SIDE_WORDS } from '@kesto/contract/wording';
import { HEAT_SIDES, workOut, type FlowRow, type HeatSide, type Told } from '@kesto/core';
import type { JobView } from '@kesto/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { FigureFields } from '@/forms/FigureFields';
import type { Read } from '@/forms/fields';
import { useFigures } from '@/forms/useFigures';
import { Choice, KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { FormProps } from './formProps';

const FIGURES = {
  drop: { label: WORDS.heatDrop, kind: 'drop', optional: true },
  flow: { label: WORDS.heatFlow, kind: 'water-flow', optional: true },
  airFlow: { label: WORDS.heatAirFlow, kind: 'pump-speed', optional: true },
  in: { label: WORDS.heatIn, kind: 'temperature', optional: true },
  out: { label: WORDS.heatOut, kind: 'temperature', optional: true },
  dryIn: { label: WORDS.heatDryIn, kind: 'temperature', optional: true },
  dryOut: { label: WORDS.heatDryOut, kind: 'temperature', optional: true },
  wetIn: { label: WORDS.heatWetIn, kind: 'temperature', optional: true },
  wetOut: { label: WORDS.heatWetOut, kind: 'temperature', optional: true },
  glycol: { label: WORDS.heatGlycol, kind: 'number', hint: 'fresh water where empty', optional: true },
} as const;
type Figures = Read<typeof FIGURES>;

/** What is asked of a side, and of water with or without the maker's table. */
function askedOf(side: HeatSide, table: readonly FlowRow[]): readonly (keyof typeof FIGURES)[] {
  if (side === 'air') return ['airFlow', 'dryIn', 'wetIn', 'dryOut', 'wetOut'];
  return [...(table.length > 0 ? (['drop'] as const) : []), 'flow', 'in', 'out', 'glycol'];
}

/** What was read, as it is kept; null where a temperature of it is missing. */
function toldOf(side: HeatSide, table: readonly FlowRow[], read: Figures): Told<'heat-check'> | null {
  const [entering, out] = side === 'air' ? [read.dryIn, read.dryOut] : [read.in, read.out];
  if (!entering || !out) return null;
  const ends = { side, in: entering, out };
  if (side === 'air') {
    const { airFlow, wetIn, wetOut } = read;
    return { ...ends, ...(airFlow ? { flow: airFlow } : {}), ...(wetIn ? { wetIn } : {}), ...(wetOut ? { wetOut } : {}) };
  }
  const { drop, flow, glycol } = read;
  const byTable = drop && table.length > 0 ? { drop, table } : {};
  return { ...ends, ...byTable, ...(flow ? { flow } : {}), ...(glycol ? { glycolPercent: glycol.value } : {}) };
}

/** Where of the water is typed what the engine calls so. */
const OF_WATER: Readonly<Record<string, keyof typeof FIGURES>> = {
  table: 'drop',
  flow: 'flow',
  drop: 'drop',
  in: 'in',
  out: 'out',
  glycol: 'glycol',
};
/** Where of the air is typed what the engine calls so. */
const OF_AIR: Readonly<Record<string, keyof typeof FIGURES>> = {
  ...{ flow: 'airFlow', 'in.dry': 'dryIn', 'out.dry': 'dryOut' },
  ...{ 'in.wet': 'wetIn', 'out.wet': 'wetOut', wetIn: 'wetIn', wetOut: 'wetOut' },
};
/** The field that is complained of. */
const fieldOf = (side: HeatSide, field: string): keyof typeof FIGURES =>
  side === 'air' ? (OF_AIR[field] ?? 'airFlow') : (OF_WATER[field] ?? 'flow');

/** The heat that water or air carries: what the machine does, against its plate. */
export function HeatCheckForm({ weigh, job, onKept }: FormProps & { readonly job: JobView }) {
  const table = job.plate.waterTable ?? [];
  const [side, setSide] = useState<HeatSide>(table.length > 0 ? 'water' : 'air');
  const figures = useFigures(weigh.work.keptAs('heat-check'), FIGURES);
  const keep = () =>
    figures.submit(async (read) => {
      const told = toldOf(side, table, read);
      if (!told) {
        const ends = side === 'air' ? (['dryIn', 'dryOut'] as const) : (['in', 'out'] as const);
        for (const end of ends) if (!read[end]) figures.complain(end, WORDS.heatNeeded);
        return false;
      }
      const worked = workOut('heat-check', told, { altitudeM: job.site.altitudeM });
      if (!worked.ok) {
        for (const error of worked.errors) figures.complain(fieldOf(side, error.field), calcErrorText(error));
        return false;
      }
      const isSafe = await weigh.work.note('heat-check', { ...told, ...worked.value });
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.heatTitle}</Heading>
      <Words size={15} tone="ink2">
        {side === 'water' && table.length === 0 ? WORDS.heatNoTable : WORDS.heatSays}
      </Words>
      <Choice
        label={WORDS.heatSide}
        value={side}
        onChange={setSide}
        options={HEAT_SIDES.map((value) => ({ value, label: HEAT_SIDE_WORDS[value] }))}
      />
      <FigureFields figures={figures} of={askedOf(side, table)} />
      <KeepKey label={WORDS.keepHeat} busy={weigh.work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
