import type { VanStock } from '@kesto/contract';
import { cautionText, inspectText, showIn } from '@kesto/contract/wording';
import type { JointPlan, UnitPreferences } from '@kesto/core';
import { View } from 'react-native';
import { Cross, Tick } from '@/ui/marks';
import { FlagLine, letterOf } from '@/ui/Flag';
import { Reading } from '@/ui/Reading';
import { useTokens } from '@/ui/theme';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { cardReadings, type CardReading, type WorkingName } from './cardReadings';
import { FillerList } from './FillerList';

export function headline(plan: JointPlan): { text: string; good: boolean } {
  const stopped = plan.chosen === null || plan.cautions.some((c) => ['gap-reject', 'cannot-reach', 'carbon-dioxide'].includes(c.code));
  if (stopped) return { text: 'Do not braze it like this', good: false };
  return {
    text: `${plan.cautions.some((c) => c.severity === 'stop') ? 'Settle this first, then braze' : 'Braze it here'}, ${plan.flux.required ? 'with' : 'no'} flux`,
    good: !plan.cautions.some((c) => c.severity === 'stop'),
  };
}

export function Headline({ plan }: { plan: JointPlan }) {
  const { text, good } = headline(plan);
  const stops = plan.cautions.filter((c) => c.severity === 'stop').length;
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
      {good ? <Tick size={28} /> : <Cross size={26} />}
      <View style={{ flex: 1 }}>
        <Heading size={24}>{text}</Heading>
        {stops > 0 ? (
          <Words size={15} bold tone="red">
            {stops === 1 ? 'One thing' : `${stops} things`} to settle first
          </Words>
        ) : null}
      </View>
    </View>
  );
}

/** Stops first, then cautions; each letter stands on the drawing too. */
export function FlagList({ plan, units }: { plan: JointPlan; units: UnitPreferences }) {
  const show = showIn(units);
  const flagged = plan.cautions.filter((c) => c.severity !== 'note');
  const notes = plan.cautions.filter((c) => c.severity === 'note');
  return (
    <View>
      {flagged.map((c, i) => (
        <FlagLine key={`${c.code}${i}`} letter={letterOf(i)} stop={c.severity === 'stop'} text={cautionText(c, show)} />
      ))}
      {notes.map((c, i) => (
        <Words key={`${c.code}${i}`} size={14} tone="ink2" style={{ paddingVertical: 3 }}>
          {cautionText(c, show)}
        </Words>
      ))}
    </View>
  );
}

function Column({ title, rows, onWhy }: { title: string; rows: readonly CardReading[]; onWhy: (name: WorkingName) => void }) {
  const t = useTokens();
  return (
    <View style={{ flex: 1, gap: 2 }}>
      <Words size={15} bold>
        {title}
      </Words>
      {rows.map((row) => (
        <View key={row.name} style={{ borderTopWidth: 1, borderColor: t.rule }}>
          <Reading
            label={row.label}
            value={row.reading.value}
            unit={row.reading.unit}
            note={row.note}
            assumed={row.assumed}
            onOpen={() => onWhy(row.name)}
            testID={`reading-${row.name}`}
          />
        </View>
      ))}
    </View>
  );
}

export function CardReadings({ plan, units, onWhy }: { plan: JointPlan; units: UnitPreferences; onWhy: (name: WorkingName) => void }) {
  const { before, torch } = cardReadings(plan, units);
  return (
    <View style={{ flexDirection: 'row', gap: 18 }}>
      <Column title="before the torch" rows={before} onWhy={onWhy} />
      <Column title="at the torch" rows={torch} onWhy={onWhy} />
    </View>
  );
}

/** Wide: the same readings in one row of cells under the drawing. */
export function ReadingCells({ plan, units, onWhy }: { plan: JointPlan; units: UnitPreferences; onWhy: (name: WorkingName) => void }) {
  const t = useTokens();
  const { before, torch } = cardReadings(plan, units);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', borderTopWidth: 1, borderColor: t.rule }}>
      {[...before, ...torch].map((row) => (
        <View
          key={row.name}
          style={{ width: '20%', minWidth: 150, paddingHorizontal: 10, paddingVertical: 2, borderRightWidth: 1, borderColor: t.rule }}
        >
          <Reading
            label={row.label}
            value={row.reading.value}
            unit={row.reading.unit}
            note={row.note}
            assumed={row.assumed}
            onOpen={() => onWhy(row.name)}
            testID={`reading-${row.name}`}
          />
        </View>
      ))}
    </View>
  );
}

export interface ReasonsProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly van: VanStock;
  readonly reason: string;
  readonly reasonProblem: string | null;
  readonly onChoose: (designation: string) => void;
  readonly onReason: (text: string) => void;
}

/** Verdict, fillers with reasons, what to heed, what to inspect. */
export function Reasons({ plan, units, van, reason, reasonProblem, onChoose, onReason }: ReasonsProps) {
  const t = useTokens();
  const show = showIn(units);
  return (
    <View style={{ gap: 10 }}>
      <FlagList plan={plan} units={units} />
      <FillerList rows={plan.fillers} chosen={plan.chosen?.filler.designation ?? null} van={van} show={show} onChoose={onChoose} />
      {plan.chosen?.verdict === 'avoid' ? (
        <TextField
          label={`why ${plan.chosen.filler.designation} all the same`}
          value={reason}
          onChange={onReason}
          multiline
          error={reasonProblem}
          testID="reason"
        />
      ) : null}
      <View style={{ borderTopWidth: 2, borderColor: t.copper, paddingTop: 8, gap: 3 }}>
        <Words size={15} bold>
          Look for afterwards
        </Words>
        {plan.inspect.map((point) => (
          <Words key={point.code} size={14}>
            {inspectText(point, show)}
          </Words>
        ))}
      </View>
      <Words size={14} tone="ink2" style={{ borderTopWidth: 1, borderColor: t.rule, paddingTop: 8 }}>
        Advice: local code, maker’s sheet and licence win.
      </Words>
    </View>
  );
}
