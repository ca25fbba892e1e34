import { cautionRuleText, cautionText, showIn } from '@kesto/contract/wording';
import type { Caution, JointPlan, Stage, UnitPreferences } from '@kesto/core';
import { View } from 'react-native';
import { FlagLine, letterOf } from '@/ui/Flag';
import { Words } from '@/ui/Words';

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
  const flagged = plan.cautions.filter((c) => c.severity !== 'note');
  return (
    <View>
      {flagged.map((c, i) =>
        isShown(c, stages) ? (
          <FlagLine
            key={`${c.code}${i}`}
            letter={letterOf(i)}
            stop={c.severity === 'stop'}
            text={cautionText(c, show)}
            below={`${c.severity === 'stop' ? 'stop · ' : ''}${c.stage.replace('-', ' ')} · full rule: ${cautionRuleText(c)}`}
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
