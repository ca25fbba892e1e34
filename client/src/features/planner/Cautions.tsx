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

/** Stops first, then cautions, each with its letter on the drawing and with where its full rule stands. */
export function Cautions({ plan, units, stages }: CautionsProps) {
  const show = showIn(units);
  const isShown = (c: Caution) => stages === undefined || stages.includes(c.stage);
  const flagged = plan.cautions.filter((c) => c.severity !== 'note');
  const notes = plan.cautions.filter((c) => c.severity === 'note' && isShown(c));
  return (
    <View>
      {flagged.map((c, i) =>
        isShown(c) ? (
          <FlagLine
            key={`${c.code}${i}`}
            letter={letterOf(i)}
            stop={c.severity === 'stop'}
            text={cautionText(c, show)}
            below={`${c.stage} · full rule: ${cautionRuleText(c.code)}`}
          />
        ) : null,
      )}
      {notes.map((c, i) => (
        <Words key={`${c.code}${i}`} size={14} tone="ink2" style={{ paddingVertical: 3 }}>
          {cautionText(c, show)} ({cautionRuleText(c.code)})
        </Words>
      ))}
    </View>
  );
}
