import type { StoredPlan } from '@kesto/contract';
import { planDifferences } from '@kesto/contract/wording';
import { ENGINE_VERSION, planJoint, type UnitPreferences } from '@kesto/core';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

interface PlanAnewProps {
  readonly stored: StoredPlan;
  readonly units: UnitPreferences;
  readonly onPlanAnew: () => void;
}

/** A newer engine offers its answer beside the kept one, figure by figure; the kept plan stands until somebody takes the new one. */
export function PlanAnew({ stored, units, onPlanAnew }: PlanAnewProps) {
  const t = useTokens();
  const rows = useMemo(() => {
    const anew = planJoint({ ...stored.request, choose: stored.chosen });
    const open = anew.ok ? anew : planJoint(stored.request);
    return open.ok ? planDifferences(stored.plan, open.value, units) : null;
  }, [stored, units]);
  return (
    <View style={{ gap: 6, borderLeftWidth: 6, borderColor: t.amber, paddingLeft: 12 }} testID="plan-anew">
      <Words bold>{`Kept as engine ${stored.engineVersion} planned it; ${ENGINE_VERSION} is here now.`}</Words>
      {rows === null ? <Words size={15}>{WORDS.itTakesThisJointNo}</Words> : null}
      {rows?.length === 0 ? <Words size={15}>{WORDS.itSaysTheSame}</Words> : null}
      {(rows ?? []).map((row) => (
        <View key={row.label} style={styles.line}>
          <Words size={14} tone="ink2" style={arrange.fill}>
            {row.label}
          </Words>
          <Mono size={14} bold={false}>
            {row.kept}
          </Mono>
          <Words size={14}>{WORDS.now}</Words>
          <Mono size={14}>{row.anew}</Mono>
        </View>
      ))}
      {rows?.length === 0 ? null : <FrameKey label={WORDS.planItAnew} onPress={onPlanAnew} />}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 10, alignItems: 'baseline' },
});
