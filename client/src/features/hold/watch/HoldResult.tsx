import { stageFactText } from '@kesto/contract/wording';
import { drawnName } from '@kesto/contract/wording';
import { holdState, type CircuitGraph, type KeptHold } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { sectionName } from '@/data/stages/sections';
import { useUnits } from '@/session/units';
import { Ring } from '@/ui/Ring';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { verdictOf } from './verdict';

interface HoldResultProps {
  readonly graph: CircuitGraph | null;
  readonly holds: readonly KeptHold[];
}

/** What the holds of this job have shown so far, the last one large. */
export function HoldResult({ graph, holds }: HoldResultProps) {
  const units = useUnits();
  const ended = holds.filter(({ ended: by }) => by !== null);
  const last = ended.at(-1);
  if (!last?.ended) return null;
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const name = ({ began }: KeptHold) => (began.values.rig || !graph ? WORDS.rig : sectionName(graph, began.values.parts, nameOf));
  const glance = verdictOf(last.ended.values, units);
  return (
    <View style={styles.all}>
      <Words size={34} bold tone={glance.tone} role="status">
        {glance.title}
      </Words>
      <Words size={17}>{`${name(last)}: ${glance.says}`}</Words>
      {last.ended.values.reasons.length > 0 ? (
        <Words size={15} tone="amber">
          {stageFactText(last.ended)}
        </Words>
      ) : null}
      {ended.length > 1 ? (
        <View>
          <Heading size={15}>{WORDS.done}</Heading>
          {ended.slice(0, -1).map((hold) => (
            <View key={hold.id} style={styles.row}>
              <Ring state={holdState(hold) === 'vented' ? 'done' : 'running'} share={1} />
              <Words size={15}>{`${name(hold)}: ${hold.ended ? verdictOf(hold.ended.values, units).title : ''}`}</Words>
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 4 }, row: { flexDirection: 'row', gap: 10, alignItems: 'center', minHeight: 34 } });
