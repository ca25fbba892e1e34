import type { JobView } from '@kesto/contract';
import { cautionText, drawnName, pointerText, showIn, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { formatMass, formatNumber } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { Facts, StageSheet } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Reading } from '@/ui/Reading';
import type { SheetAction } from '@/ui/Sheet';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import { BeforeStartForm, NewCylinder, ReadScale, SettledForm, TrimForm } from './Forms';
import { SumBar, SumTable } from './RunningSum';
import { ScaleDrawing } from './ScaleDrawing';
import { TrimBar } from './TrimBar';
import { useChargeWeigh, type ChargeWeighWork } from './useChargeWeigh';

type Panel = 'new' | 'scale' | 'before' | 'settle' | 'trim';

interface ChargeWeighingProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
}

/** The one action, by what keeps the stage open. */
function actionOf(weigh: ChargeWeighWork, acts: { open: (panel: Panel) => void; up: () => void }): SheetAction {
  const { work, charge, cylinders } = weigh;
  if (work.state !== 'open') return { label: WORDS.toJob, onPress: acts.up };
  const disabled = work.busy;
  const [gate] = work.gates;
  if (!gate) return { label: WORDS.onward, disabled, onPress: () => void work.note('done', {}).then((kept) => kept && acts.up()) };
  if (gate.gate === 'not-before-start') return { label: WORDS.beforeAction, disabled, onPress: () => acts.open('before') };
  if (gate.gate === 'not-settled') return { label: WORDS.settle, disabled, onPress: () => acts.open('settle') };
  if (charge?.isCharged) return { label: WORDS.allIn, disabled, onPress: () => void weigh.keepCharged() };
  if (cylinders.length === 0) return { label: WORDS.firstCylinder, disabled, onPress: () => acts.open('new') };
  return { label: WORDS.readScale, disabled, onPress: () => acts.open('scale') };
}

function panelOf(panel: Panel | null, weigh: ChargeWeighWork, { job, graph }: ChargeWeighingProps, onKept: () => void): ReactNode {
  const last = weigh.cylinders.at(-1);
  if (panel === 'scale' && last) return <ReadScale weigh={weigh} cylinder={last} onKept={onKept} />;
  if (panel === 'new' || panel === 'scale') return <NewCylinder weigh={weigh} onKept={onKept} />;
  if (panel === 'before') return <BeforeStartForm weigh={weigh} onKept={onKept} />;
  if (panel === 'settle') return <SettledForm weigh={weigh} job={job} graph={graph} onKept={onKept} />;
  return panel === 'trim' ? <TrimForm weigh={weigh} onKept={onKept} /> : null;
}

/** A charge, weighed in: what is left, cylinder by cylinder, and what the settled machine says. */
export function ChargeWeighing(props: ChargeWeighingProps) {
  const { job, graph, work } = props;
  const units = useUnits();
  const wide = useIsWide();
  const router = useRouter();
  const weigh = useChargeWeigh(job, graph, work);
  const [panel, setPanel] = useState<Panel | null>(null);
  const [width, setWidth] = useState(wide ? 700 : 358);
  const close = () => setPanel(null);
  const { charge, refrigerant, began, law } = weigh;
  const left = formatMass(Math.abs(charge?.leftKg ?? 0), units);
  const isOver = (charge?.leftKg ?? 0) < 0;
  const other = formatMass(Math.abs(charge?.leftKg ?? 0), { ...units, mass: units.mass === 'kg' ? 'lb-oz' : 'kg' });
  return (
    <StageSheet
      job={job}
      work={work}
      title={`${WORDS.title}, ${refrigerant}`}
      subtitle={charge?.isCritical ? WORDS.weighedOnly : WORDS.weighed}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? actionOf(weigh, { open: setPanel, up: () => router.push(`/jobs/${job.id}`) }) : null}
      why={weigh.isKept && work.state === 'open' ? stillOpenText(work.gates) : undefined}
      over={panel ? { content: panelOf(panel, weigh, props, close), onClose: close } : null}
      more={(shut) => (
        <View style={styles.keys}>
          <FrameKey label={WORDS.swap} onPress={() => (shut(), setPanel('new'))} />
          {charge?.isCritical ? null : <FrameKey label={WORDS.trim} onPress={() => (shut(), setPanel('trim'))} />}
          <FrameKey label={WORDS.settle} onPress={() => (shut(), setPanel('settle'))} />
        </View>
      )}
      aside={
        <Facts
          facts={work.facts.filter(({ stage }) => stage === 'charge')}
          nameOf={(id) => (graph ? drawnName(graph, id) : id)}
          work={work}
        />
      }
    >
      <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}>
        <View style={wide ? styles.beside : undefined}>
          <ScaleDrawing weigh={weigh} width={wide ? Math.min(width, 460) : width} />
          <Reading
            label={charge?.isCharged ? WORDS.isIn : isOver ? WORDS.tooMuch : WORDS.stillToGo}
            value={charge?.isCharged ? WORDS.charged : left.value}
            unit={charge?.isCharged ? '' : left.unit}
            size={48}
            tone={isOver && !charge?.isCharged ? 'red' : 'copper'}
            note={charge?.isCharged ? '' : `${other.value} ${other.unit}`}
            testID="charge-left"
          />
        </View>
        <SumBar weigh={weigh} width={width} />
        <SumTable weigh={weigh} />
        <TrimBar weigh={weigh} width={width} />
      </View>
      {weigh.found && !weigh.isSettled ? (
        <Words size={15} bold>
          {WORDS.unsettled}
        </Words>
      ) : null}
      {weigh.found?.pointers.map((code) => (
        <Words key={code} size={15}>
          {pointerText(code, weigh.settled?.metering ?? 'valve')}
        </Words>
      ))}
      {(charge?.cautions ?? []).map((caution, i) => (
        <FlagLine
          key={caution.code}
          letter={String.fromCharCode(97 + i)}
          stop={caution.severity === 'stop'}
          text={cautionText(caution, showIn(units))}
        />
      ))}
      {weigh.rates ? (
        <Words size={15}>{WORDS.loses(formatNumber(weigh.rates.annualised, 0), formatNumber(weigh.rates.rolling, 0))}</Words>
      ) : null}
      {law?.tonnesCo2e ? (
        <Words size={15}>
          {[
            WORDS.co2(formatNumber(law.tonnesCo2e, 1)),
            ...(law.checkMonths ? [WORDS.checkEach(law.checkMonths)] : []),
            ...(law.recheckDays ? [WORDS.recheck(law.recheckDays)] : []),
          ].join('; ')}
        </Words>
      ) : null}
      {began?.isUnknown ? <Words size={15}>{WORDS.unknownSays}</Words> : null}
      <Words size={14} tone="ink2">
        {WORDS.cuffs}
      </Words>
    </StageSheet>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: 40, alignItems: 'center' },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
