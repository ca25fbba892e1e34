import type { JobView } from '@kesto/contract';
import { calcErrorText, cautionText, holdText, showIn } from '@kesto/contract/wording';
import { gaugeEndsBelow, heldFigures, hold, holdRequestOf, type CircuitGraph, type Hold, type StageValues } from '@kesto/core';
import { formatGaugePressure, formatMass, formatNumber, gaugePascals, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { useVanStock } from '@/data/van/api';
import { useUnits } from '@/session/units';
import type { StageWork } from '@/data/stages/useStage';
import { CheckRow } from '@/ui/CheckRow';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { asDifference } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { FrameKey, KeepKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Flag, FlagLine } from '@/ui/Flag';
import { Heading, Words } from '@/ui/Words';
import { holdHere } from '@/data/stages/sections';
import { WORDS } from './words';

const FIGURES = {
  volume: { label: 'volume', kind: 'volume', hint: 'as 2.3 L' },
  minutes: { label: 'watched', kind: 'minutes', hint: 'as 30 min, 15 h 20; from 15 min after filling' },
  startPressure: { label: 'pressure at the start', kind: 'pressure' },
  startTemperature: { label: 'pipe at the start', kind: 'temperature' },
  endPressure: { label: 'pressure at the end', kind: 'pressure' },
  endTemperature: { label: 'pipe at the end', kind: 'temperature' },
  startSun: { label: 'in the sun at the start', kind: 'temperature', hint: 'where some of it stands in the sun', optional: true },
  endSun: { label: 'in the sun at the end', kind: 'temperature', optional: true },
  step: { label: 'step of the gauge', kind: 'pressure', hint: 'as the van’s gauge where empty *', optional: true },
  off: { label: 'thermometer off, K', kind: 'number', hint: 'as the van’s where empty *', optional: true },
} as const;

interface HoldFormProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly parts: readonly string[];
  readonly volumeL: number;
  readonly nameOf: (place: string) => string;
  readonly work: StageWork;
  readonly onKept: () => void;
}

type Asked = Pick<
  StageValues['section-hold'],
  'volume' | 'minutes' | 'start' | 'end' | 'inSun' | 'gauge' | 'temperatureUncertaintyK' | 'supplyShut'
>;

/** A hold of one section from two readings by hand: the amount of gas, not its pressure. */
export function HoldForm({ job, graph, parts, volumeL, nameOf, work, onKept }: HoldFormProps) {
  const units = useUnits();
  const figures = useFigures(
    work.keptAs(`hold.${parts.join('+')}`),
    FIGURES,
    volumeL > 0 ? { volume: `${formatNumber(volumeL, 2)} L`, minutes: '30 min' } : { minutes: '30 min' },
  );
  const { data: van } = useVanStock();
  const photos = usePhotos();
  const [supplyShut, setSupplyShut] = useState(false);
  const [found, setFound] = useState<Hold | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const ends = gaugeEndsBelow(job.circuit.lowSideDesignGaugePa, van?.instruments ?? []);
  const limit = readingText(formatGaugePressure(gaugePascals(job.circuit.lowSideDesignGaugePa), units));

  function askedFrom(read: Read<typeof FIGURES>): Asked {
    const usual = holdHere(job, van);
    const gauge = read.step ? { resolution: asDifference(read.step) } : usual.gauge;
    const temperatureUncertaintyK = read.off?.value ?? usual.temperatureUncertaintyK;
    return {
      ...{ volume: read.volume, minutes: read.minutes.value, gauge, temperatureUncertaintyK, supplyShut },
      start: { pressure: read.startPressure, temperature: read.startTemperature },
      end: { pressure: read.endPressure, temperature: read.endTemperature },
      ...(read.startSun && read.endSun ? { inSun: { start: read.startSun, end: read.endSun } } : {}),
    };
  }
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    const lone = read.startSun && !read.endSun ? 'endSun' : read.endSun && !read.startSun ? 'startSun' : null;
    if (lone) {
      figures.complain(lone, 'is needed too: sun at the start and at the end');
      return false;
    }
    const values = askedFrom(read);
    const held = { refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM, facts: work.facts, graph };
    const answer = hold(holdRequestOf({ parts, ...values }, held));
    const [error] = answer.ok ? [] : answer.errors;
    setProblem(error ? `${error.field} ${calcErrorText(error)}` : null);
    setFound(answer.ok ? answer.value : null);
    if (!answer.ok) return false;
    return work.note(
      'section-hold',
      { parts, ...values, ...heldFigures(answer.value) },
      photos.photos.map(({ sha256 }) => sha256),
    );
  }
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.holdASection}</Heading>
      <Words size={15}>{parts.map(nameOf).join(', ')}</Words>
      <View style={styles.caution}>
        <Flag letter="a" />
        <Words size={15} style={styles.says}>
          {WORDS.nitrogenOnly(limit)}
        </Words>
      </View>
      {ends === null ? null : (
        <FlagLine stop letter="b" text={WORDS.theVansGaugeEnds(readingText(formatGaugePressure(gaugePascals(ends), units)))} />
      )}
      <CheckRow label={WORDS.cylinderShutRegulatorBacked} checked={supplyShut} onChange={setSupplyShut} />
      <FigureFields figures={figures} />
      <PhotoStrip photos={photos} />
      {problem ? <Failed message={problem} /> : null}
      <KeepKey label={WORDS.keepThisHold} busy={work.busy} onPress={() => void figures.submit(keep)} />
      {found ? <Found found={found} refrigerant={job.circuit.refrigerant} onClose={onKept} /> : null}
    </View>
  );
}

function Found({ found, refrigerant, onClose }: { found: Hold; refrigerant: string; onClose: () => void }) {
  const units = useUnits();
  const tone = found.verdict === 'leaking' ? 'red' : found.verdict === 'tight' ? 'teal' : 'amber';
  const show = showIn(units);
  return (
    <View style={styles.found}>
      <Words size={20} bold tone={tone} role="status">
        {holdText(found, refrigerant, (grams) => readingText(formatMass(grams / 1000, units)))}
      </Words>
      {found.cautions.map((caution) => (
        <Words key={caution.code} size={15} tone="ink2">
          {cautionText(caution, show)}
        </Words>
      ))}
      <FrameKey label={WORDS.closeLabel} onPress={onClose} />
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 10 },
  caution: { flexDirection: 'row', gap: 10 },
  says: { flex: 1 },
  found: { gap: 4 },
});
