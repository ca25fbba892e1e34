import type { JointView } from '@kesto/contract';
import { HOLD_STILL_S, LPM_PER_M3_PER_S, writeTime, type JointPlan, type UnitPreferences } from '@kesto/core';
import { formatOnRule, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { useVanStock } from '@/data/van/api';
import { differsFromPlan } from '@/features/record';
import { PlanDrawing } from '@/features/plan';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey, KeepKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { lengthM, timeS } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { Words } from '@/ui/Words';
import { BigClock } from './BigClock';
import type { RunWork } from './useRun';
import { wrapText } from './WrapBody';
import { WORDS } from './words';

const USED = {
  rod: { label: 'rod that went in', kind: 'length' },
  flowed: { label: 'it flowed after, about', kind: 'time' },
  lot: { label: 'lot, from the packet', kind: 'name', optional: true },
  reason: { label: 'why another filler than planned', kind: 'name', optional: true },
  note: { label: 'note', kind: 'words', optional: true },
} as const;

/** What stands there before anything is typed: the plan's rod, and its time as far as the flame burnt so long. */
function usual(plan: JointPlan, burntS: number, liveS: number | null, units: UnitPreferences) {
  const planned = liveS ?? plan.heat?.seconds ?? burntS;
  return {
    rod: plan.rod ? readingText(formatOnRule(plan.rod.lengthM, units)) : '',
    flowed: writeTime(Math.round(Math.min(planned, Math.max(1, burntS)))),
  };
}

/** What the flood and the trickle were, by the taps that were kept. */
function purgeAsMade({ events }: RunWork, plan: JointPlan) {
  const last = (kind: string) => events.findLast((event) => event.kind === kind);
  const [began, trickle] = [last('flooding-began'), last('trickle-set')];
  const flooded = began && trickle ? Math.round((Date.parse(trickle.at) - Date.parse(began.at)) / 1000) : null;
  const set = trickle?.values['lpm'];
  const planned = plan.purge?.trickleM3PerS ? plan.purge.trickleM3PerS * LPM_PER_M3_PER_S : null;
  return { floodSeconds: flooded, purgeLpm: typeof set === 'number' ? set : planned };
}

interface UsedBodyProps {
  readonly joint: JointView;
  readonly plan: JointPlan;
  readonly work: RunWork;
}

/** The flame is off: what went in, as planned unless somebody says otherwise. */
export function UsedBody({ joint, plan, work }: UsedBodyProps) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const { run, now, note, chosen } = work;
  const burntS = run.litAt !== null && run.flameOffAt !== null ? (run.flameOffAt - run.litAt) / 1000 : 0;
  const lit = work.events.findLast(({ kind }) => kind === 'lit')?.values['filler'];
  const [filler, setFiller] = useState(typeof lit === 'string' ? lit : chosen);
  const [open, setOpen] = useState(false);
  const photos = usePhotos();
  const lotNow = van?.fillers.find(({ designation }) => designation === filler)?.lot ?? '';
  const usually = { ...usual(plan, burntS, run.flowedAfterS, units), lot: lotNow };
  const figures = useFigures(`run.${joint.id}.${run.flameOffAt}.used`, USED, usually);
  const differs = differsFromPlan(joint, filler);
  const fit = work.events.findLast(({ kind }) => kind === 'dry-fit')?.values['depthMm'];
  const still = HOLD_STILL_S - (run.since === null ? HOLD_STILL_S : (now - run.since) / 1000);
  async function keep({ rod, flowed, lot = '', reason = '', note: said = '' }: Read<typeof USED>): Promise<boolean> {
    if (differs && reason.trim() === '') {
      setOpen(true);
      figures.complain('reason', 'is needed: another filler than the plan’s went in');
      return false;
    }
    const after = Math.round(timeS(flowed));
    const values = {
      ...{ filler, rodMm: Number((1000 * lengthM(rod)).toPrecision(6)), seconds: after, ...purgeAsMade(work, plan) },
      ...{ depthMm: typeof fit === 'number' ? fit : null, protection: wrapText(plan), note: said.trim() },
      ...(lot.trim() === '' ? {} : { lot: lot.trim() }),
      ...(differs ? { reason: reason.trim() } : {}),
    };
    const again = joint.state === 'rework' || joint.state === 'sent-back';
    const shas = photos.photos.map(({ sha256 }) => sha256);
    // Both at once: a page that ends between them would keep half of what was said.
    const kept = await Promise.all([
      ...(run.flowedAfterS === null ? [note('flowed', { seconds: after, how: 'told-after' })] : []),
      note(again ? 'reworked' : 'brazed', values, shas),
    ]);
    return kept.every(Boolean);
  }
  const fillers = [...new Set([chosen, ...(van?.fillers ?? []).map(({ designation }) => designation)])];
  return (
    <View style={arrange.stack12}>
      <BigClock
        seconds={still}
        tone={still > 0 ? 'amber' : 'teal'}
        says={still > 0 ? WORDS.holdItStill : WORDS.itIsSet}
        below="the gas goes on: under 200 °C it may stop"
      />
      <Words size={17}>
        <Words size={17} bold>
          {filler}
        </Words>
        {figures.textOf('lot') ? `, lot ${figures.textOf('lot')}` : ''},{' '}
        {WORDS.wentIn(figures.textOf('rod'), `${run.flowedAfterS === null ? 'about ' : ''}${figures.textOf('flowed')}`)}
      </Words>
      {open ? (
        <>
          <Choice
            label={WORDS.fillerThatWentIn}
            value={filler}
            options={fillers.map((value) => ({ value, label: value }))}
            onChange={setFiller}
          />
          <FigureFields figures={figures} of={differs ? ['rod', 'lot', 'flowed', 'reason', 'note'] : ['rod', 'lot', 'flowed', 'note']} />
          <PhotoStrip photos={photos} />
        </>
      ) : (
        <FrameKey label={WORDS.itDiffered} says={WORDS.itDifferedFromThe} onPress={() => setOpen(true)} />
      )}
      {open ? null : <PlanDrawing plan={plan} units={units} detail="sizes" />}
      <KeepKey label={WORDS.soItWasMade} busy={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
