import { BEFORE_START_WORDS, misfitText } from '@kesto/contract/wording';
import { BEFORE_START, tellsWell, type BeforeStart, type CircuitGraph } from '@kesto/core';
import type { JobView } from '@kesto/contract';
import { formatMass, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ReadingsFields, useReadings } from '@/features/readings';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { useUnits } from '@/session/units';
import { Choice, KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { ChargeWeighWork, WeighedCylinder } from './useChargeWeigh';

interface FormProps {
  readonly weigh: ChargeWeighWork;
  readonly onKept: () => void;
}

const NEW = {
  name: { label: 'cylinder', kind: 'name' },
  before: { label: 'on the scale before', kind: 'mass' },
  after: { label: 'now', kind: 'mass', hint: 'as before, where none went in yet', optional: true },
  stampedTare: { label: 'stamped tare', kind: 'mass', optional: true },
  putBack: { label: WORDS.putBackWhy, kind: 'words', optional: true },
} as const;
const ALWAYS = ['name', 'before', 'after', 'stampedTare'] as const;
const AGAIN = { after: { label: 'on the scale now', kind: 'mass' } } as const;

/** A cylinder that was not on the scale yet. */
export function NewCylinder({ weigh, onKept }: FormProps) {
  const figures = useFigures(weigh.work.keptAs(`cylinder.${weigh.cylinders.length}`), NEW);
  const [isBack, setIsBack] = useState(false);
  const keep = () =>
    figures.submit(async ({ name, before, after = before, stampedTare, putBack }) => {
      if (isBack && !putBack) {
        figures.complain('putBack', WORDS.putBackNeeded);
        return false;
      }
      const told = { name, before, after, ...(stampedTare ? { stampedTare } : {}), ...(isBack && putBack ? { putBack } : {}) };
      const misfit = tellsWell('cylinder-weighed', told);
      if (misfit) {
        figures.complain('after', misfitText(misfit));
        return false;
      }
      const isSafe = await weigh.weigh(told);
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.scaleTitle}</Heading>
      <Words size={15} tone="ink2">{`${WORDS.scaleSays} ${WORDS.another(weigh.refrigerant)}`}</Words>
      <FigureFields figures={figures} of={ALWAYS} />
      <CheckRow label={WORDS.putBack} checked={isBack} onChange={setIsBack} />
      {isBack ? (
        <>
          <Words size={15}>{WORDS.putBackSays}</Words>
          <FigureFields figures={figures} of={['putBack']} />
        </>
      ) : null}
      <KeepKey label={WORDS.keepWeight} busy={weigh.work.busy} onPress={() => void keep()} />
    </View>
  );
}

/** The cylinder that stands on it, read again. */
export function ReadScale({ weigh, cylinder, onKept }: FormProps & { cylinder: WeighedCylinder }) {
  const figures = useFigures(weigh.work.keptAs(`scale.${cylinder.name}`), AGAIN);
  const keep = () =>
    figures.submit(async ({ after }) => {
      const { name, before, stampedTare } = cylinder.kept;
      const told = { name, before, after, ...(stampedTare ? { stampedTare } : {}) };
      const misfit = tellsWell('cylinder-weighed', told);
      if (misfit) {
        figures.complain('after', misfitText(misfit));
        return false;
      }
      const isSafe = await weigh.weigh(told);
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{`${WORDS.scaleTitle}, ${cylinder.name}`}</Heading>
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.keepWeight} busy={weigh.work.busy} onPress={() => void keep()} />
    </View>
  );
}

type Said = 'seen' | 'not-here';

/** What is seen to before the machine is started, or is not on it. */
export function BeforeStartForm({ weigh, onKept }: FormProps) {
  const [said, setSaid] = useState<Readonly<Partial<Record<BeforeStart, Said>>>>({});
  const points = BEFORE_START.filter((point) => weigh.openStart.includes(point));
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
