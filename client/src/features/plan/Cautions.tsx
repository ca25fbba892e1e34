import { cautionRuleText, cautionText, showIn, STAGE_WORDS } from '@kesto/contract/wording';
import type { Caution, JointPlan, Stage, UnitPreferences } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { FlagLine, letterOf } from '@/ui/Flag';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { flaggedOf, makeSafeOf } from './heeded';
import { WORDS } from './words';

interface CautionsProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  /** Only what matters at these stages; all without. */
  readonly stages?: readonly Stage[];
}

const isShown = (c: Caution, stages: CautionsProps['stages']) => stages === undefined || stages.includes(c.stage);

/** Stops first, then cautions, each with its letter on the drawing and with where its full rule stands. */
export function Flags({ plan, units, stages }: CautionsProps) {
  const show = showIn(units);
  return (
    <View>
      {flaggedOf(plan).map((c, i) =>
        isShown(c, stages) ? (
          <FlagLine
            key={`${c.code}${i}`}
            letter={letterOf(i)}
            stop={c.severity === 'stop'}
            text={cautionText(c, show)}
            below={`${c.severity === 'stop' ? 'stop · ' : ''}${STAGE_WORDS[c.stage]} · full rule: ${cautionRuleText(c)}`}
          />
        ) : null,
      )}
    </View>
  );
}

/** What is good to know; nothing in it can hurt. */
export function Notes({ plan, units, stages }: CautionsProps) {
  const show = showIn(units);
  return plan.cautions
    .filter((c) => c.severity === 'note' && isShown(c, stages))
    .map((c, i) => (
      <Words key={`${c.code}${i}`} size={14} tone="ink2">
        {cautionText(c, show)}
        {c.authority === 'practice' ? '' : ` (${cautionRuleText(c)})`}
      </Words>
    ));
}

/** What every flame here asks, told once and briefly; `open` where the flame comes next. */
export function MakeSafe({ plan, units, open: openAtFirst = false }: CautionsProps & { open?: boolean }) {
  const [open, setOpen] = useState(openAtFirst);
  const show = showIn(units);
  const points = makeSafeOf(plan);
  if (points.length === 0) return null;
  return (
    <View style={styles.makeSafe}>
      {openAtFirst ? (
        <Words size={15} bold>
          {WORDS.makeSafeFirst}
        </Words>
      ) : (
        <FrameKey label={open ? WORDS.makeSafeFirstClose : WORDS.makeSafeFirstPoints(points.length)} onPress={() => setOpen(!open)} />
      )}
      {open
        ? points.map((c) => (
            <Words key={c.code} size={15}>
              {cautionText(c, show)} <Words size={14} tone="ink2">{`(${cautionRuleText(c)})`}</Words>
            </Words>
          ))
        : null}
    </View>
  );
}

const styles = StyleSheet.create({
  makeSafe: { gap: 6, alignItems: 'flex-start' },
});
