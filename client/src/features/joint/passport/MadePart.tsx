import type { JointView } from '@kesto/contract';
import { calledAsText, coldFlawText } from '@kesto/contract/wording';
import { inTurn, madeCold, readChain } from '@kesto/core';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { FlagLine } from '@/ui/Flag';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { PlanAgainstMade } from '../PlanAgainstMade';
import type { usePassport } from '../usePassport';
import { MadeDrawing } from './MadeDrawing';
import { Verdict } from './Verdict';
import { WORDS } from './words';

interface MadePartProps {
  readonly joint: JointView;
  readonly passport: ReturnType<typeof usePassport>;
}

/** As it was made: the section, and each figure of the plan beside what was done. */
export function MadePart({ joint, passport }: MadePartProps) {
  const wide = useIsWide();
  const cold = madeCold(inTurn(readChain(joint.entries)), null);
  const { plan } = joint;
  return (
    <View style={wide ? styles.columns : styles.list}>
      {passport.plan ? (
        <View style={wide ? styles.drawing : null}>
          {wide ? <Words bold>{WORDS.asMade}</Words> : null}
          <MadeDrawing joint={joint} plan={passport.plan} units={passport.units} />
        </View>
      ) : null}
      <View style={[styles.list, wide && styles.figures]}>
        {wide ? null : <Verdict joint={joint} isUnbroken={passport.integrity.status === 'intact'} />}
        {calledAsText(joint) ? (
          <Words size={15} tone="amber">
            {calledAsText(joint)}
          </Words>
        ) : null}
        {passport.rows.length > 0 ? <PlanAgainstMade rows={passport.rows} /> : null}
        {plan ? (
          <Words size={15} tone="ink2">
            {WORDS.plannedBy(plan.by, format(new Date(plan.at), 'd MMMM HH:mm'))}
          </Words>
        ) : null}
        {plan?.reason ? <Words size={15}>{WORDS.againstAdvice(plan.reason)}</Words> : null}
        {passport.engineDiffers && plan ? (
          <Words size={14} tone="amber">
            {WORDS.otherEngine(plan.engineVersion)}
          </Words>
        ) : null}
        {cold && cold.flaws.length > 0 ? <FlagLine stop letter="!" text={coldFlawText(cold.flaws)} /> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  columns: { flexDirection: 'row', gap: 32 },
  drawing: { flex: 1 },
  figures: { width: 432, paddingTop: 4 },
});
