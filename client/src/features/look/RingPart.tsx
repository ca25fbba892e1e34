import type { JointView } from '@kesto/contract/api';
import { clockText, FINDING_WORDS } from '@kesto/contract/wording';
import { flawOnRing, formatLength, onTurn, readingText, type Flaw } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { Gesture, GestureDetector } from 'react-native-gesture-handler';
import { degAt, DIAL } from '@/drawing/ring/dial';
import { DialHandle } from '@/drawing/ring/DialHandle';
import { RingDial } from '@/drawing/ring/RingDial';
import { Measured } from '@/features/plan';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import type { LookWork } from './useLook';
import { WORDS } from './words';

/** A flaw that is marked by a touch is so wide to begin with. */
const HALF_DEG = 15;
const MOST = 330;

/** The ring as a clock face: touched where it is not whole, then its two ends are moved. */
export function RingPart({ joint, look }: { joint: JointView; look: LookWork }) {
  const plan = joint.plan?.plan;
  if (!plan) return null;
  return (
    <View style={styles.part}>
      <Measured>{(room) => <Dial look={look} plan={plan} width={Math.min(room, MOST)} />}</Measured>
      {look.flaw ? (
        <FrameKey quiet label={WORDS.unmark} onPress={() => look.mark(null)} />
      ) : (
        <FrameKey quiet label={WORDS.markAt} onPress={() => look.mark(around(0))} />
      )}
    </View>
  );
}

const around = (deg: number): Flaw => ({ fromDeg: onTurn(deg - HALF_DEG), toDeg: onTurn(deg + HALF_DEG) });

function Dial({ look, plan, width }: { look: LookWork; plan: NonNullable<JointView['plan']>['plan']; width: number }) {
  const units = useUnits();
  const { flaw, findings, mark } = look;
  const { male, female } = plan.joint;
  const scale = width / DIAL.width;
  const size = flaw && flawOnRing(flaw, male.outsideM);
  const [first] = findings;
  const what = first === undefined || first === 'ring-not-closed' ? WORDS.open : FINDING_WORDS[first];
  const touch = Gesture.Tap().onEnd(({ x, y }) => (flaw ? undefined : mark(around(degAt([x / scale, y / scale])))));
  return (
    <View style={{ width, alignSelf: 'center' }}>
      <GestureDetector gesture={touch}>
        <View testID="ring">
          <RingDial
            width={width}
            metals={{ male: male.metal, female: female.metal }}
            flaw={flaw}
            says={size ? [what, `${Math.round(size.degrees)}°`, readingText(formatLength(size.lengthM, units, 0))] : WORDS.touch}
            words={WORDS}
            label={flaw ? WORDS.marked(what, clockText(flaw.fromDeg), clockText(flaw.toDeg)) : WORDS.ring}
          />
        </View>
      </GestureDetector>
      {flaw ? (
        <>
          <DialHandle
            label={WORDS.from}
            testID="flaw-from"
            deg={flaw.fromDeg}
            scale={scale}
            onMove={(fromDeg) => mark({ ...flaw, fromDeg })}
          />
          <DialHandle label={WORDS.to} testID="flaw-to" deg={flaw.toDeg} scale={scale} onMove={(toDeg) => mark({ ...flaw, toDeg })} />
        </>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ part: { gap: 4 } });
