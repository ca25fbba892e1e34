import { View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import type { useProposed } from './useProposed';

/** What is opened asks for these: one tap plans each. */
export function ProposedJoints({ proposed: { joints, busy, problem } }: { proposed: ReturnType<typeof useProposed> }) {
  if (joints.length === 0) return null;
  return (
    <View style={{ gap: 8 }}>
      <Heading size={17}>What is opened asks for</Heading>
      {joints.map(({ title, plan }) => (
        <View key={title} style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <Words size={15} style={{ flex: 1 }}>
            {title}
          </Words>
          <FrameKey label="Plan it" says={`plan ${title}`} disabled={busy} onPress={plan} />
        </View>
      ))}
      {problem ? <Failed message={problem} /> : null}
    </View>
  );
}
