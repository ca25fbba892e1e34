import { BEFORE_START_WORDS } from '@kesto/contract/wording';
import { BEFORE_START, startTogether, type BeforeStart, type CircuitGraph } from '@kesto/core';
import type { JobView } from '@kesto/contract';
import { formatMass, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ReadingsFields, useReadings } from '@/features/readings';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { useUnits } from '@/session/units';
import { Choice, FrameKey, KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { FormProps } from './formProps';

type Said = 'seen' | 'not-here';

/** What is seen to before the machine is started, or is not on it. */
export function BeforeStartForm({ weigh, onKept }: FormProps) {
  const [said, setSaid] = useState<Readonly<Partial<Record<BeforeStart, Said>>>>({});
  const open = BEFORE_START.filter((point) => weigh.openStart.includes(point));
  const together = startTogether(open);
  const points = [...open.filter((point) => !together.includes(point)), ...together];
  const unsaid = together.filter((point) => said[point] === undefined);
  const seeTogether = () => setSaid({ ...said, ...Object.fromEntries(unsaid.map((point) => [point, 'seen'])) });
  const of = (what: Said) => points.filter((point) => said[point] === what);
  const keep = async () => {
    if (await weigh.keepBefore(of('seen'), of('not-here'))) onKept();
  };
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.beforeTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.beforeSays}
      </Words>
      {points.map((point) => (
        <View key={point} style={styles.point}>
          <Words size={15} bold style={styles.says}>
            {BEFORE_START_WORDS[point]}
          </Words>
          <Choice
            label={BEFORE_START_WORDS[point]}
            value={said[point] ?? null}
            onChange={(value) => setSaid({ ...said, [point]: value })}
            options={[
              { value: 'seen', label: WORDS.seen },
              { value: 'not-here', label: WORDS.notHere },
            ]}
          />
        </View>
      ))}
      {unsaid.length > 1 ? <FrameKey label={WORDS.togetherSeen(unsaid.length)} onPress={seeTogether} /> : null}
      <KeepKey label={WORDS.keepBefore} busy={weigh.work.busy} disabled={of('seen').length === 0} onPress={() => void keep()} />
    </View>
  );
}

const STEADY = { steady: { label: WORDS.steady, kind: 'minutes' } } as const;

/** Readings of the machine run in. */
export function SettledForm({ weigh, job, graph, onKept }: FormProps & { job: JobView; graph: CircuitGraph | null }) {
  const form = useReadings(job, graph, weigh.work);
  const figures = useFigures(weigh.work.keptAs('steady'), STEADY, { steady: '15 min' });
  const [doorsShut, setDoors] = useState(false);
  const [airSeen, setAir] = useState(false);
  const keep = () =>
    figures.submit(({ steady }) =>
      form.submit(async (request) => {
        const isSafe = await weigh.work.note('settled-readings', { request, steadyMinutes: steady.value, doorsShut, airSeen });
        if (isSafe) onKept();
        return isSafe;
      }),
    );
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.settleTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.settleSays}
      </Words>
      <FigureFields figures={figures} />
      <CheckRow label={WORDS.doors} checked={doorsShut} onChange={setDoors} />
      <CheckRow label={WORDS.air} checked={airSeen} onChange={setAir} />
      <ReadingsFields work={form} />
      <KeepKey label={WORDS.keepReadings} busy={weigh.work.busy} onPress={() => void keep()} />
    </View>
  );
}

const TRIM = { by: { label: 'by', kind: 'mass' }, why: { label: 'why', kind: 'words' } } as const;

/** A little more, or a little less, and why. */
export function TrimForm({ weigh, onKept }: FormProps) {
  const units = useUnits();
  const figures = useFigures(weigh.work.keptAs('trim'), TRIM);
  const [isOut, setIsOut] = useState(false);
  const keep = () =>
    figures.submit(async ({ by, why }) => {
      const isSafe = await weigh.trim(by, isOut, why);
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.trimTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.trimSays(readingText(formatMass(weigh.trimKg, units)))}
      </Words>
      <FigureFields figures={figures} />
      <CheckRow label={WORDS.trimOut} checked={isOut} onChange={setIsOut} />
      <KeepKey label={WORDS.keepTrim} busy={weigh.work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 10 },
  point: { gap: 4, paddingVertical: 4 },
  says: { flexShrink: 1 },
});
