import { inspectRuleText, inspectText, showIn, spokenSchools } from '@kesto/contract/wording';
import type { JointPlan } from '@kesto/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { useTokens } from '@/ui/theme';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { AtTheTorch, Flags, MakeSafe, Notes } from '@/features/plan';
import { FillerCompare } from './fillers/FillerCompare';
import { FillerList } from './fillers/FillerList';
import type { PlannerView } from './usePlannerScreen';
import { WORDS } from './words';

/** Verdict, fillers with reasons, what to heed, what to inspect. */
export function Reasons({ view, plan, underFlags }: { view: PlannerView; plan: JointPlan; underFlags?: ReactNode }) {
  const { units, van, planner, reasonProblem } = view;
  const { reason } = planner.draft;
  const t = useTokens();
  const show = showIn(units);
  return (
    <View style={arrange.stack10}>
      <Flags plan={plan} units={units} />
      <MakeSafe plan={plan} units={units} />
      {underFlags}
      <FillerList
        rows={plan.fillers}
        chosen={plan.chosen?.filler.designation ?? null}
        van={van}
        show={show}
        onChoose={(choose) => planner.change({ choose })}
      />
      <FillerCompare view={view} />
      {plan.chosen?.verdict === 'avoid' || view.differs ? (
        <TextField
          label={view.differs ? WORDS.whyThisJointIs : WORDS.whyAllTheSame(plan.chosen?.filler.designation ?? '')}
          value={reason}
          onChange={(text) => planner.change({ reason: text })}
          multiline
          error={reasonProblem}
          testID="reason"
        />
      ) : null}
      <AtTheTorch plan={plan} units={units} />
      <View style={arrange.stack4}>
        <Notes plan={plan} units={units} />
      </View>
      <View style={{ borderTopWidth: 2, borderColor: t.copper, paddingTop: 8, gap: 3 }}>
        <Words size={15} bold>
          {WORDS.lookForAfterwards}
        </Words>
        {plan.inspect.map((point) => (
          <Words key={point.code} size={14}>
            {inspectText(point, show)} <Words size={14} tone="ink2">{`(${inspectRuleText(point.code)})`}</Words>
          </Words>
        ))}
      </View>
      <SchoolsSpoken view={view} />
      <Words size={14} tone="ink2" style={{ borderTopWidth: 1, borderColor: t.rule, paddingTop: 8 }}>
        {WORDS.advice}
      </Words>
    </View>
  );
}

/** Which school the plan follows where practitioners differ, and whose choice that is. */
function SchoolsSpoken({ view }: { view: PlannerView }) {
  const t = useTokens();
  return (
    <View style={{ borderTopWidth: 1, borderColor: t.rule, paddingTop: 8, gap: 3 }}>
      <Words size={15} bold>
        {WORDS.shopPractice}
      </Words>
      {spokenSchools({ joint: view.planner.draft.schools, job: view.schools.job, shop: view.schools.shop }).map((row) => (
        <Words key={row.question} size={14}>
          {row.question}: {row.answer} <Words size={14} tone="ink2">{`(${row.whose})`}</Words>
        </Words>
      ))}
    </View>
  );
}
