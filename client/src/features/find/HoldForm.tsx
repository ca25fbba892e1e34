import type { JobView } from '@kesto/contract';
import { calcErrorText, HOLD_VERDICT_WORDS } from '@kesto/contract/wording';
import { hold, holdRequestOf, type Hold, type StageValues } from '@kesto/core';
import { formatGaugePressure, formatNumber, formatYearlyLoss, gaugePascals, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { useVanStock } from '@/features/van/api';
import { useUnits } from '@/state/units';
import type { StageWork } from '@/features/stage/useStage';
import type { Read } from '@/ui/form/fields';
import { FigureFields } from '@/ui/form/FigureFields';
import { asDifference } from '@/ui/form/si';
import { useFigures } from '@/ui/form/useFigures';
import { FrameKey, KeepKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Flag } from '@/ui/Flag';
import { Heading, Words } from '@/ui/Words';
import { holdHere } from './sections';

const FIGURES = {
  volume: { label: 'volume', kind: 'volume', hint: 'as 2.3 L' },
  minutes: { label: 'watched, minutes', kind: 'number', hint: 'from 15 min after the last filling' },
  startPressure: { label: 'pressure at the start', kind: 'pressure' },
  startTemperature: { label: 'pipe at the start', kind: 'temperature' },
  endPressure: { label: 'pressure at the end', kind: 'pressure' },
  endTemperature: { label: 'pipe at the end', kind: 'temperature' },
  step: { label: 'the gauge shows steps of', kind: 'pressure', hint: 'as the van’s gauge where empty *', optional: true },
  off: { label: 'thermometer off by, K', kind: 'number', hint: 'as the van’s where empty *', optional: true },
} as const;

interface HoldFormProps {
  readonly job: JobView;
  readonly parts: readonly string[];
  readonly volumeL: number;
  readonly nameOf: (place: string) => string;
  readonly work: StageWork;
  readonly onKept: () => void;
}

type Asked = Pick<StageValues['section-hold'], 'volume' | 'minutes' | 'start' | 'end' | 'gauge' | 'temperatureUncertaintyK'>;

/** A hold of one section from two readings by hand: the amount of gas, not its pressure. */
export function HoldForm({ job, parts, volumeL, nameOf, work, onKept }: HoldFormProps) {
  const units = useUnits();
  const figures = useFigures(
    work.keptAs(`hold.${parts.join('+')}`),
    FIGURES,
    volumeL > 0 ? { volume: `${formatNumber(volumeL, 2)} L`, minutes: '30' } : { minutes: '30' },
  );
  const { data: van } = useVanStock();
  const [found, setFound] = useState<Hold | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const limit = readingText(formatGaugePressure(gaugePascals(job.circuit.lowSideDesignGaugePa), units));

  function askedFrom(read: Read<typeof FIGURES>): Asked {
    const usual = holdHere(job, van);
    const gauge = read.step ? { resolution: asDifference(read.step) } : usual.gauge;
    const temperatureUncertaintyK = read.off?.value ?? usual.temperatureUncertaintyK;
    return {
      ...{ volume: read.volume, minutes: read.minutes.value, gauge, temperatureUncertaintyK },
      start: { pressure: read.startPressure, temperature: read.startTemperature },
      end: { pressure: read.endPressure, temperature: read.endTemperature },
    };
  }
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    const values = askedFrom(read);
    const held = { refrigerant: job.circuit.refrigerant, altitudeM: job.site.altitudeM, facts: work.facts };
    const answer = hold(holdRequestOf({ parts, ...values }, held));
    const [error] = answer.ok ? [] : answer.errors;
    setProblem(error ? `${error.field} ${calcErrorText(error)}` : null);
    setFound(answer.ok ? answer.value : null);
    if (!answer.ok) return false;
    const { verdict, leakPaM3S, smallestSeenPaM3S, gramsPerYear } = answer.value;
    return work.note('section-hold', { parts, ...values, verdict, leakPaM3S, smallestSeenPaM3S, gramsPerYear });
  }
  return (
    <View style={{ gap: 10 }}>
      <Heading size={20}>Hold a section</Heading>
      <Words size={15}>{parts.map(nameOf).join(', ')}</Words>
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <Flag letter="a" />
        <Words size={15} style={{ flex: 1 }}>
          Nitrogen only, by a regulator with its relief set. The low side’s limit is {limit}: go up in steps, soap at each.
        </Words>
      </View>
      <FigureFields figures={figures} />
      {problem ? <Failed message={problem} /> : null}
      <KeepKey label="Keep this hold" busy={work.busy} onPress={() => void figures.submit(keep)} />
      {found ? <Found found={found} refrigerant={job.circuit.refrigerant} onClose={onKept} /> : null}
    </View>
  );
}

function Found({ found, refrigerant, onClose }: { found: Hold; refrigerant: string; onClose: () => void }) {
  const units = useUnits();
  const tone = found.verdict === 'leaking' ? 'red' : found.verdict === 'tight' ? 'teal' : 'amber';
  const scientific = (value: number) => value.toExponential(1).replace('e', ' × 10^');
  return (
    <View style={{ gap: 4 }}>
      <Words size={20} bold tone={tone} role="status">
        {HOLD_VERDICT_WORDS[found.verdict]}
      </Words>
      {found.verdict === 'leaking' && found.gramsPerYear !== null ? (
        <Words size={15}>
          about {readingText(formatYearlyLoss(found.gramsPerYear / 1000, units, 2))} of {refrigerant} through the same hole
        </Words>
      ) : null}
      {found.verdict === 'cannot-tell' ? (
        <Words size={15}>
          {found.minutesNeeded === null
            ? 'This gauge and thermometer cannot see the leak that is looked for, however long it is held.'
            : `Hold it ${formatNumber(found.minutesNeeded, 0)} min more to tell the leak that is looked for.`}
        </Words>
      ) : null}
      <Words size={15} tone="ink2">
        This hold sees leaks from {scientific(found.smallestSeenPaM3S)} Pa m³/s on; it read {scientific(found.leakPaM3S)}.
      </Words>
      <FrameKey label="Close" onPress={onClose} />
    </View>
  );
}
