import type { JobView } from '@kesto/contract';
import { CYLINDER_HOLDS_WORDS, misfitText } from '@kesto/contract/wording';
import {
  CYLINDER_HOLDS,
  cylinderFill,
  isCarbonDioxide,
  leastServicePressure,
  tellsWell,
  type CylinderHolds,
  type RecoveryCylinder,
} from '@kesto/core';
import { formatGaugePressure, formatMass, formatNumber, readingText, writeMass } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import { useVanStock } from '@/data/van/api';
import { useUnits } from '@/session/units';
import { FigureFields } from '@/forms/FigureFields';
import type { Read } from '@/forms/fields';
import { massKg } from '@/forms/si';
import { readFields } from '@/forms/fields';
import { useFigures, type Figures } from '@/forms/useFigures';
import { arrange } from '@/ui/arrange';
import { FlagLine } from '@/ui/Flag';
import { Choice, FrameKey, KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const FIGURES = {
  tare: { label: 'tare, by its stamp', kind: 'mass', hint: 'as 12.1 kg' },
  water: { label: 'water, by its stamp', kind: 'mass', hint: 'what it would hold, as 21.6 kg' },
  before: { label: 'on the scale before', kind: 'mass', hint: 'as 12.1 kg where empty' },
  gross: { label: 'on the scale after', kind: 'mass' },
  minutes: { label: 'how long it took', kind: 'minutes', hint: 'as 40 min, 1 h 10' },
  downTo: { label: 'pulled down to', kind: 'pressure', hint: 'by the rule of the place', optional: true },
} as const;

/** What came out, by the scale. */
export function RecoveredForm({ job, work, onKept }: { job: JobView; work: StageWork; onKept: () => void }) {
  const figures = useFigures(work.keptAs('recovered'), FIGURES);
  const units = useUnits();
  const { data: van } = useVanStock();
  const [full, setFull] = useState<number | null>(null);
  const [holds, setHolds] = useState<CylinderHolds | null>(null);
  const take = ({ tare, water }: RecoveryCylinder) =>
    figures.setAll({ tare: writeMass(massKg(tare), units), ...(water ? { water: writeMass(massKg(water), units) } : {}) });
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    const [tareKg, beforeKg, grossKg, waterKg] = [massKg(read.tare), massKg(read.before), massKg(read.gross), massKg(read.water)];
    const misfit = tellsWell('recovered', { tareKg, beforeKg, grossKg, minutes: read.minutes.value, waterKg });
    if (misfit) {
      figures.complain(misfit.field === 'beforeKg' ? 'before' : 'gross', misfitText(misfit));
      return false;
    }
    const fill = cylinderFill(waterKg, grossKg - tareKg, job.circuit.refrigerant);
    if (fill && fill.share > 1 && !full) {
      setFull(fill.mostKg);
      return false;
    }
    const more = { ...(holds ? { holds } : {}), ...(read.downTo ? { downTo: read.downTo } : {}) };
    return closing(onKept)(work.note('recovered', { tareKg, beforeKg, grossKg, minutes: read.minutes.value, waterKg, ...more }));
  }
  return (
    <View style={arrange.stack10}>
      <Heading size={17}>{WORDS.refrigerantOut}</Heading>
      <FlagLine letter="a" text={WORDS.neverAbove80Of} />
      <View style={arrange.wrap8}>
        {(van?.recovery ?? []).map((cylinder) => (
          <FrameKey key={cylinder.id} label={cylinder.name} onPress={() => take(cylinder)} />
        ))}
      </View>
      <ServicePressure refrigerant={job.circuit.refrigerant} />
      <Words size={15}>{WORDS.whatIsInItNow}</Words>
      <Choice
        label={WORDS.whatIsInItNow}
        value={holds}
        options={CYLINDER_HOLDS.map((value) => ({ value, label: CYLINDER_HOLDS_WORDS[value] }))}
        onChange={setHolds}
      />
      {holds === 'another' ? <FlagLine stop letter="b" text={WORDS.mixedGasCanNeither} /> : null}
      <FigureFields figures={figures} of={['tare', 'water', 'before']} />
      <MayTake figures={figures} refrigerant={job.circuit.refrigerant} />
      <FigureFields figures={figures} of={['gross', 'minutes', 'downTo']} />
      {full ? <FlagLine stop letter="d" text={WORDS.thisCylinderTakesKg(formatNumber(full, 1), job.circuit.refrigerant)} /> : null}
      <KeepKey label={WORDS.keepWhatCameOut} busy={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}

/** What the cylinder has to be stamped with, before anything goes in. */
function ServicePressure({ refrigerant }: { refrigerant: string }) {
  const units = useUnits();
  const least = leastServicePressure(refrigerant);
  if (least === null) return null;
  return <Words size={15}>{WORDS.forACylinderStamped(refrigerant, readingText(formatGaugePressure(least, units)))}</Words>;
}

/** What may still go in, before it begins: 80 % of its water at 25 °C, less what is in it. */
function MayTake({ figures, refrigerant }: { figures: Figures<typeof FIGURES>; refrigerant: string }) {
  const units = useUnits();
  if (isCarbonDioxide(refrigerant)) return <FlagLine letter="c" text={WORDS.carbonDioxideGoesInto} />;
  const { read } = readFields(FIGURES, Object.fromEntries(figures.keys.map((key) => [key, figures.textOf(key)])), units);
  if (!read.tare || !read.water || !read.before) return null;
  const fill = cylinderFill(massKg(read.water), massKg(read.before) - massKg(read.tare), refrigerant);
  if (!fill) return null;
  return fill.leftKg > 0 ? (
    <Words size={15} role="status">
      {WORDS.ofMayStillGo(readingText(formatMass(fill.leftKg, units)), refrigerant)}
    </Words>
  ) : (
    <FlagLine stop letter="c" text={WORDS.thisCylinderIsFull} />
  );
}
