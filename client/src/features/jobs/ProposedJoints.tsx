import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import type { useProposed } from './useProposed';
import { WORDS } from './words';

/** What is opened asks for these: one tap plans each. */
export function ProposedJoints({ proposed: { joints, busy, problem } }: { proposed: ReturnType<typeof useProposed> }) {
  if (joints.length === 0) return null;
  return (
    <View style={styles.list}>
      <Heading size={17}>{WORDS.whatIsOpenedAsks}</Heading>
      {joints.map(({ title, plan, planAsLast }) => (
        <View key={title} style={styles.joint}>
          <Words size={15} style={styles.title}>
            {title}
          </Words>
          {planAsLast ? (
            <FrameKey
              label={WORDS.asLast(planAsLast.tag)}
              says={WORDS.asLastAt(title, planAsLast.tag)}
              disabled={busy}
              onPress={planAsLast.plan}
            />
          ) : null}
          <FrameKey quiet={planAsLast !== null} label={WORDS.planIt} says={WORDS.plan(title)} disabled={busy} onPress={plan} />
        </View>
      ))}
      {problem ? <Failed message={problem} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  joint: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 10 },
  title: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
