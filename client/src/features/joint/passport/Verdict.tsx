import type { JointView } from '@kesto/contract';
import { brazersOf, inTurn, readChain, type EntryKind, type JointEntry } from '@kesto/core';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { Cross, Tick } from '@/ui/marks';
import { useIsWide, useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { STATE_WORDS, WORDS } from './words';

const GOOD: readonly JointView['state'][] = ['accepted', 'passed'];
const OPEN: readonly JointView['state'][] = ['brazed', 'planned', 'not-planned'];

/** By whose word it stands so: the lead's, or that of whoever looked. */
const SAYS: Partial<Record<JointView['state'], readonly EntryKind[]>> = {
  accepted: ['accepted'],
  'sent-back': ['sent-back'],
  passed: ['looked-at'],
  rework: ['looked-at'],
  'cut-out': ['looked-at', 'cut-out'],
};
const judgedIn = (joint: JointView): JointEntry | undefined =>
  inTurn(readChain(joint.entries)).findLast(({ kind }) => SAYS[joint.state]?.includes(kind));

/** How the joint stands, and by whose word. */
export function Verdict({ joint, isUnbroken }: { joint: JointView; isUnbroken: boolean }) {
  const t = useTokens();
  const wide = useIsWide();
  const judged = judgedIn(joint);
  const isOther = judged !== undefined && !brazersOf(readChain(joint.entries)).includes(judged.person.id);
  const mark = GOOD.includes(joint.state) ? <Tick /> : OPEN.includes(joint.state) ? null : <Cross />;
  return (
    <View style={wide ? [styles.stamp, { borderColor: t.ink }] : [styles.line, { borderColor: t.copper }]}>
      {mark}
      <Heading size={wide ? 20 : 17}>
        {!wide && isUnbroken ? `${STATE_WORDS[joint.state]}, ${WORDS.unbroken}` : STATE_WORDS[joint.state]}
      </Heading>
      {judged ? (
        <View style={styles.by}>
          <Words size={15} numberOfLines={1}>
            <Words size={15} bold>
              {judged.person.name}
            </Words>
            {isOther ? `, ${WORDS.notTheMaker}` : ''}
          </Words>
          <Words size={15} tone="ink2">
            {format(new Date(judged.deviceTime), 'd MMMM HH:mm')}
          </Words>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  stamp: {
    flexDirection: 'row',
    gap: 14,
    alignItems: 'center',
    borderWidth: 3,
    borderStyle: 'double' as never, // cast: the page knows more of them than the types
    paddingHorizontal: 14,
    paddingVertical: 6,
  },
  line: { flexDirection: 'row', gap: 10, alignItems: 'center', borderTopWidth: 2, paddingTop: 10, flexWrap: 'wrap' },
  by: { flexGrow: 1, flexShrink: 1, alignItems: 'flex-end' },
});
