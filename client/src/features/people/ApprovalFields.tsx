import type { Approval } from '@kesto/contract';
import { APPROVAL_WORDS } from '@kesto/contract/wording/people';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { UnitField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

const DAY = /^\d{4}-\d\d-\d\d$/;

interface ApprovalFieldsProps {
  readonly scope: Approval['scope'];
  readonly approval: Approval | undefined;
  readonly onChange: (part: Partial<Approval> | null) => void;
}

/** One approval as it is typed, or the key that adds it. */
export function ApprovalFields({ scope, approval, onChange }: ApprovalFieldsProps) {
  if (!approval)
    return (
      <View style={arrange.atStart}>
        <FrameKey label={`+ ${APPROVAL_WORDS[scope]}`} onPress={() => onChange({})} />
      </View>
    );
  const unread = approval.validUntil !== '' && !DAY.test(approval.validUntil);
  return (
    <View style={arrange.stack6}>
      <View style={styles.line}>
        <Words bold size={15}>
          {APPROVAL_WORDS[scope]}
        </Words>
        <FrameKey label={WORDS.takeOff} says={WORDS.takeOffWhich(APPROVAL_WORDS[scope])} onPress={() => onChange(null)} />
      </View>
      <View style={arrange.row10}>
        <UnitField label={WORDS.number} value={approval.number} onChange={(number) => onChange({ number })} testID={`number-${scope}`} />
        <UnitField
          label={WORDS.lastDay}
          value={approval.validUntil}
          onChange={(validUntil) => onChange({ validUntil: validUntil.trim() })}
          error={unread ? 'write it like 2027-03-31' : null}
          hint={WORDS.like20270331}
          testID={`until-${scope}`}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
