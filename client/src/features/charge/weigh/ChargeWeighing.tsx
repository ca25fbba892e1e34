import type { JobView } from '@kesto/contract';
import { cautionText, drawnName, HEAT_SIDE_WORDS, pointerText, showIn, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { formatMass, formatNumber } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { stageHref } from '@/data/stages/stageHref';
import type { StageWork } from '@/data/stages/useStage';
import { gatesOfItsOwn, Facts, StageSheet } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine, letterOf } from '@/ui/Flag';
import { Reading } from '@/ui/Reading';
import type { SheetAction } from '@/ui/Sheet';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Sisters } from '../Sisters';
import { WORDS } from '../words';
import { NewCylinder, ReadScale } from './CylinderForms';
import { BeforeStartForm, SettledForm, TrimForm } from './Forms';
import { LeakRecord } from './LeakRecord';
import { HeatCheckForm } from './HeatCheckForm';
import { SumBar, SumTable } from './RunningSum';
import { ScaleDrawing } from './ScaleDrawing';
import { TrimBar } from './TrimBar';
import { useChargeWeigh, type ChargeWeighWork } from './useChargeWeigh';

type Panel = 'new' | 'scale' | 'before' | 'settle' | 'trim' | 'heat';

interface ChargeWeighingProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  /** Begun a moment ago: the first cylinder goes on the scale. */
  readonly isBegunNow: boolean;
}

/** The one action, by what keeps the stage open. */
function actionOf(weigh: ChargeWeighWork, acts: { open: (panel: Panel) => void; up: () => void; onward: () => void }): SheetAction {
  const { work, charge, cylinders } = weigh;
  if (work.state !== 'open') return { label: WORDS.toJob, onPress: acts.up };
  const disabled = work.busy;
  const [gate] = gatesOfItsOwn(work);
  if (!gate) return { label: WORDS.onward, disabled, onPress: () => void work.note('done', {}).then((kept) => kept && acts.onward()) };
  if (gate.gate === 'not-before-start') return { label: WORDS.beforeAction, disabled, onPress: () => acts.open('before') };
  if (gate.gate === 'not-settled') return { label: WORDS.settle, disabled, onPress: () => acts.open('settle') };
  if (charge?.isCharged) return { label: WORDS.allIn, disabled, onPress: () => void weigh.keepCharged() };
  if (cylinders.length === 0) return { label: WORDS.firstCylinder, disabled, onPress: () => acts.open('new') };
  return { label: WORDS.readScale, disabled, onPress: () => acts.open('scale') };
}

function panelOf(
  panel: Panel | null,
  weigh: ChargeWeighWork,
  { job, graph }: ChargeWeighingProps,
  acts: { onKept: () => void; onWhole: () => void },
): ReactNode {
  const { onKept } = acts;
  const last = weigh.cylinders.at(-1);
  if (panel === 'scale' && last) return <ReadScale weigh={weigh} cylinder={last} {...acts} />;
  if (panel === 'new' || panel === 'scale') return <NewCylinder weigh={weigh} {...acts} />;
  if (panel === 'before') return <BeforeStartForm weigh={weigh} onKept={onKept} />;
  if (panel === 'settle') return <SettledForm weigh={weigh} job={job} graph={graph} onKept={onKept} />;
  if (panel === 'heat') return <HeatCheckForm weigh={weigh} job={job} onKept={onKept} />;
  return panel === 'trim' ? <TrimForm weigh={weigh} onKept={onKept} /> : null;
}

/** A charge, weighed in: what is left, cylinder by cylinder, and what the settled machine says. */
export function ChargeWeighing(props: ChargeWeighingProps) {
  const { job, graph, work } = props;
  const router = useRouter();
  const weigh = useChargeWeigh(job, graph, work);
  const [panel, setPanel] = useState<Panel | null>(props.isBegunNow ? 'new' : null);
  const close = () => setPanel(null);
  // All of it is in: what is seen to before the first start comes next.
  const toStart = () => setPanel(weigh.openStart.length > 0 ? 'before' : null);
  const { refrigerant, began } = weigh;
  const acts = { open: setPanel, up: () => router.push(`/jobs/${job.id}`), onward: () => router.push(stageHref(job.id, 'hand-over')) };
  return (
    <StageSheet
      job={job}
      work={work}
      title={`${WORDS.title}, ${refrigerant}`}
      subtitle={weigh.isCritical ? WORDS.weighedOnly : WORDS.weighed}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? actionOf(weigh, acts) : null}
      why={weigh.isKept && work.state === 'open' ? stillOpenText(work.gates) : undefined}
      over={panel ? { content: panelOf(panel, weigh, props, { onKept: close, onWhole: toStart }), onClose: close } : null}
      more={(shut) => (
        <View style={styles.keys}>
          <FrameKey label={WORDS.swap} onPress={() => (shut(), setPanel('new'))} />
          {weigh.isCritical ? null : <FrameKey label={WORDS.trim} onPress={() => (shut(), setPanel('trim'))} />}
          <FrameKey label={WORDS.settle} onPress={() => (shut(), setPanel('settle'))} />
          <FrameKey label={WORDS.heat} onPress={() => (shut(), setPanel('heat'))} />
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
      <OnTheScale weigh={weigh} />
      <WhatItSays weigh={weigh} />
      {weigh.isCritical || began?.isUnknown ? <Sisters job={job} /> : null}
      <LeakRecord weigh={weigh} />
      {began?.isUnknown ? <Words size={15}>{WORDS.unknownSays}</Words> : null}
      <Words size={14} tone="ink2">
        {WORDS.cuffs}
      </Words>
    </StageSheet>
  );
}

/** What is left to go in, in the person's unit and spelled out, and how it came to that. */
function OnTheScale({ weigh }: { weigh: ChargeWeighWork }) {
  const units = useUnits();
  const wide = useIsWide();
  const [width, setWidth] = useState(wide ? 700 : 358);
  const { charge } = weigh;
  const left = formatMass(Math.abs(charge?.leftKg ?? 0), units);
  const isOver = (charge?.leftKg ?? 0) < 0;
  const other = formatMass(Math.abs(charge?.leftKg ?? 0), { ...units, mass: units.mass === 'kg' ? 'lb-oz' : 'kg' });
  return (
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
  );
}

/** What the readings point to, what to heed, the heat that was checked. */
function WhatItSays({ weigh }: { weigh: ChargeWeighWork }) {
  const units = useUnits();
  const { found, heat, charge } = weigh;
  return (
    <>
      {found && !weigh.isSettled ? (
        <Words size={15} bold>
          {WORDS.unsettled}
        </Words>
      ) : null}
      {found?.pointers.map((code) => (
        <Words key={code} size={15}>
          {pointerText(code, weigh.settled?.metering ?? 'valve')}
        </Words>
      ))}
      {(charge?.cautions ?? []).map((caution, i) => (
        <FlagLine key={caution.code} letter={letterOf(i)} stop={caution.severity === 'stop'} text={cautionText(caution, showIn(units))} />
      ))}
      {heat ? (
        <Words size={15} bold>
          {WORDS.heatMoved(HEAT_SIDE_WORDS[heat.side], formatNumber(Math.abs(heat.heatW) / 1000, 1))}
        </Words>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', gap: 40, alignItems: 'center' },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
