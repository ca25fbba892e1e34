import type { CircuitView, UnitHistory, UnitJoint, UnitLeak } from '@kesto/contract';
import { JOINT_STATE_WORDS } from '@kesto/contract/wording';
import { formatMass, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useCircuitDrawing } from '@/data/circuits/api';
import { placeName } from '@kesto/contract/wording';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Opens } from '@/ui/Opens';
import { useTokens } from '@/ui/theme';
import { TOUCH } from '@/ui/tokens';
import { Heading, Words } from '@/ui/Words';
import { historyByPlace } from './history';
import { WORDS } from './words';

const day = (text: string) => format(new Date(text), 'd MMM yyyy');

interface CircuitHistoryProps {
  readonly circuit: CircuitView;
  readonly named: boolean;
  readonly history: UnitHistory;
}

/** What leaked and what was made on a circuit, place by place: whoever comes next looks here first. */
export function CircuitHistory({ circuit, named, history }: CircuitHistoryProps) {
  const t = useTokens();
  const { data } = useCircuitDrawing(circuit.id);
  const graph = data?.drawing?.circuit ?? null;
  const places = historyByPlace(history, circuit.id);
  return (
    <View style={arrange.stack4}>
      <Heading size={17}>{named ? `Leaks and joints, ${circuit.name}` : 'Leaks and joints, by place'}</Heading>
      {places.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.noneYet}
        </Words>
      ) : null}
      {places.map(({ place, leaks, joints }) => (
        <View key={place ?? ''} style={{ borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 6 }}>
          <Words size={15} bold>
            {place === null ? 'not on the drawing' : placeName(graph, place)}
          </Words>
          {leaks.map((leak) => (
            <Leak key={`${leak.jobId} ${leak.on}`} leak={leak} />
          ))}
          {joints.map((joint) => (
            <Joint key={joint.id} joint={joint} />
          ))}
        </View>
      ))}
    </View>
  );
}

function Leak({ leak }: { leak: UnitLeak }) {
  const router = useRouter();
  const units = useUnits();
  const rate = leak.gramsPerYear === null ? '' : `, ${readingText(formatMass(leak.gramsPerYear / 1000, units))} a year`;
  return (
    <Line onPress={() => router.push(`/jobs/${leak.jobId}/find`)}>
      <Words size={15} tone="red">
        {WORDS.leak(rate, day(leak.on), leak.jobNumber)}
      </Words>
    </Line>
  );
}

function Joint({ joint }: { joint: UnitJoint }) {
  const router = useRouter();
  return (
    <Line onPress={() => router.push(`/joints/${joint.id}`)}>
      <Words size={15}>
        <Words size={15} bold>
          {joint.tag}
        </Words>
        {`  ${joint.title}: ${JOINT_STATE_WORDS[joint.state]}${joint.madeOn ? `, brazed ${day(joint.madeOn)}` : ''}`}
      </Words>
    </Line>
  );
}

function Line({ onPress, children }: { onPress: () => void; children: ReactNode }) {
  return (
    <Opens role="link" onPress={onPress}>
      <View style={styles.line}>{children}</View>
    </Opens>
  );
}

const styles = StyleSheet.create({
  line: { minHeight: TOUCH, justifyContent: 'center' },
});
