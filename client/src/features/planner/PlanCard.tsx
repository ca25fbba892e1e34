import type { JointPlan, UnitPreferences } from '@kesto/core';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { Cross, Tick } from '@/ui/marks';
import { Reading } from '@/ui/Reading';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { planHeadline, cardReadings, partReadings, type CardReading, type WorkingName } from '@kesto/contract/wording';
import { WORDS } from './words';

export function Headline({ plan }: { plan: JointPlan }) {
  const { text, good } = planHeadline(plan);
  const stops = plan.cautions.filter((c) => c.severity === 'stop').length;
  return (
    <View style={arrange.level12}>
      {good ? <Tick size={28} /> : <Cross size={26} />}
      <View style={arrange.fill}>
        <Heading size={24}>{text}</Heading>
        {stops > 0 ? (
          <Words size={15} bold tone="red">
            {WORDS.toSettleFirst(stops === 1 ? 'One thing' : `${stops} things`)}
          </Words>
        ) : null}
      </View>
    </View>
  );
}

function OpenReading({ row, onWhy, slim = false }: { row: CardReading; onWhy: (name: WorkingName) => void; slim?: boolean }) {
  return (
    <Reading
      label={row.label}
      value={row.reading.value}
      unit={row.reading.unit}
      {...(slim ? { size: 17 as const } : { note: row.note })}
      assumed={row.assumed}
      onOpen={() => onWhy(row.name)}
      testID={`reading-${row.name}`}
    />
  );
}

interface ReadingsProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly onWhy: (name: WorkingName) => void;
}

/** Phone: five readings before the torch, five at it. */
export function CardReadings({ plan, units, onWhy }: ReadingsProps) {
  const t = useTokens();
  const { before, torch } = cardReadings(plan, units);
  const columns = [
    { title: 'before the torch', rows: before },
    { title: 'at the torch', rows: torch },
  ];
  const parts = partReadings(plan, units);
  return (
    <View style={arrange.stack8}>
      <View style={styles.readings}>
        {columns.map(({ title, rows }) => (
          <View key={title} style={arrange.fill2}>
            <Words size={15} bold>
              {title}
            </Words>
            {rows.map((row) => (
              <View key={row.name} style={{ borderTopWidth: 1, borderColor: t.rule }}>
                <OpenReading row={row} onWhy={onWhy} />
              </View>
            ))}
          </View>
        ))}
      </View>
      <PartReadings parts={parts} onWhy={onWhy} />
    </View>
  );
}

function PartReadings({ parts, onWhy }: { parts: readonly CardReading[]; onWhy: ReadingsProps['onWhy'] }) {
  const t = useTokens();
  if (parts.length === 0) return null;
  return (
    <View style={arrange.columns18}>
      {parts.map((row) => (
        <View key={row.name} style={{ flexGrow: 1, flexBasis: 150, borderTopWidth: 1, borderColor: t.rule }}>
          <OpenReading row={row} onWhy={onWhy} />
        </View>
      ))}
    </View>
  );
}

/** What the wide drawing shows already stands under it in a slim line; its working opens there. */
const ON_THE_DRAWING: readonly WorkingName[] = ['depth', 'gap', 'trickle', 'aim'];

/** Wide: the readings as cells under the drawing. */
export const ReadingCells = memo(function ReadingCells({ plan, units, onWhy }: ReadingsProps) {
  const t = useTokens();
  const { before, torch } = cardReadings(plan, units);
  const all = [...before, ...torch];
  const cells = (rows: readonly CardReading[], slim: boolean) => (
    <View style={{ flexDirection: 'row', borderTopWidth: 1, borderColor: t.rule }}>
      {rows.map((row, i) => (
        <View
          key={row.name}
          style={{
            flex: 1,
            paddingLeft: i === 0 ? 0 : 10,
            paddingRight: 8,
            borderRightWidth: i === rows.length - 1 ? 0 : 1,
            borderColor: t.rule,
          }}
        >
          <OpenReading row={row} onWhy={onWhy} slim={slim} />
        </View>
      ))}
    </View>
  );
  return (
    <View>
      {cells(
        all.filter((row) => ON_THE_DRAWING.includes(row.name)),
        true,
      )}
      {cells(
        all.filter((row) => !ON_THE_DRAWING.includes(row.name)),
        false,
      )}
      <PartReadings parts={partReadings(plan, units)} onWhy={onWhy} />
    </View>
  );
});

const styles = StyleSheet.create({
  readings: { flexDirection: 'row', gap: 18 },
});
