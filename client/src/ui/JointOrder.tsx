import type { JointSummary } from '@kesto/contract';
import { JOINT_STATE_WORDS } from '@kesto/contract/wording/record';
import { Pressable, StyleSheet, View } from 'react-native';
import { Tick } from './marks';
import { useTokens } from './theme';
import { Mono } from './Words';

/** With the letters of a phone, where the tag is its own yet. */
const NUMBER = /-(\d+[a-z]*)$/;
export const jointNumber = (tag: string) => NUMBER.exec(tag)?.[1] ?? tag;

const isMade = (joint: JointSummary) => !['not-planned', 'planned'].includes(joint.state);

/** Circles joined in brazing order: not planned dashed, planned with a tick, made filled, here inverted. */
export function JointOrder({
  joints,
  here,
  onOpen,
}: {
  joints: readonly JointSummary[];
  here: string | null;
  onOpen: (joint: JointSummary) => void;
}) {
  const t = useTokens();
  return (
    <View style={styles.joints}>
      {joints.map((joint, i) => {
        const current = joint.id === here;
        const made = isMade(joint);
        const planned = joint.state !== 'not-planned';
        return (
          <View key={joint.id} style={styles.step}>
            {i > 0 ? (
              <View
                style={{ width: 14, borderTopWidth: planned ? 5 : 2, borderStyle: planned ? 'solid' : 'dashed', borderColor: t.copper }}
              />
            ) : null}
            <Pressable
              role="link"
              aria-label={`joint ${joint.tag}, ${JOINT_STATE_WORDS[joint.state]}`}
              onPress={() => onOpen(joint)}
              style={{
                width: TAP,
                height: TAP,
                borderRadius: TAP / 2,
                alignItems: 'center',
                justifyContent: 'center',
                borderWidth: 2,
                borderStyle: planned ? 'solid' : 'dashed',
                borderColor: current ? t.ink : t.copper,
                backgroundColor: current ? t.ink : made ? t.copper : 'transparent',
              }}
            >
              <Mono size={17} tone={current ? 'paper' : made ? 'onCopper' : 'ink'}>
                {jointNumber(joint.tag)}
              </Mono>
              {planned && !current ? (
                <View
                  style={{
                    position: 'absolute',
                    right: -3,
                    top: -5,
                    backgroundColor: t.copper,
                    borderRadius: 9,
                    width: 18,
                    height: 18,
                    alignItems: 'center',
                    justifyContent: 'center',
                  }}
                >
                  <Tick size={11} color={t.onCopper} />
                </View>
              ) : null}
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}

const TAP = 48;

const styles = StyleSheet.create({
  joints: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', rowGap: 8 },
  step: { flexDirection: 'row', alignItems: 'center' },
});
