import { gateText, TORCH_POINT_WORDS } from '@kesto/contract/wording';
import { POINT_ROWS, TORCH_POINTS, type KeptStage, type OpenGate, type StageValues, type TorchPoint } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { CheckRow } from '@/ui/CheckRow';
import { Flag } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { OverruledByLead } from './OverruledByLead';
import { NoteForm } from './NoteForm';
import { WORDS } from './words';

interface GateProps {
  readonly gate: OpenGate;
  readonly keptAs: string;
  readonly isLead: boolean;
  readonly busy: boolean;
  /** Of which job and stage, for a lead who signs in beside. */
  readonly beside: {
    readonly job: { readonly id: string; readonly circuitId: string };
    readonly stage: KeptStage;
    readonly onKept: () => void;
  };
  readonly onOverrule: (values: StageValues['overruled']) => Promise<boolean>;
}

/** Points of the torch's list that a lead may lift: zero and open, and the air, can be made true instead. */
const liftable = ({ gate, open }: OpenGate): readonly TorchPoint[] =>
  gate === 'torch' ? TORCH_POINTS.filter((point) => open.includes(point) && !POINT_ROWS[point].neverOverruled) : [];

/** What keeps a stage from being done, and how it is overruled: by name, with the reason. */
export function Gate({ gate, keptAs, isLead, busy, beside, onOverrule }: GateProps) {
  const [points, setPoints] = useState<readonly TorchPoint[]>([]);
  const line = (
    <View style={styles.line}>
      <Flag letter="!" stop={gate.protectsPeople} />
      <Words size={15} style={styles.says}>
        {gateText(gate).replace(/^./, (c) => c.toUpperCase())}.
      </Words>
    </View>
  );
  const named = liftable(gate);
  const isTorch = gate.gate === 'torch';
  if (isTorch && named.length === 0)
    return (
      <View style={styles.gate}>
        {line}
        <Words size={15} tone="ink2">
          {WORDS.nobodyOverrulesThis}
        </Words>
      </View>
    );
  const toggle = (point: TorchPoint, checked: boolean) =>
    setPoints(checked ? [...points, point] : points.filter((other) => other !== point));
  const chosen = points.filter((point) => named.includes(point));
  const ticks = named.map((point) => (
    <CheckRow
      key={point}
      label={TORCH_POINT_WORDS[point].name}
      checked={chosen.includes(point)}
      onChange={(checked) => toggle(point, checked)}
    />
  ));
  if (gate.protectsPeople && !isLead)
    return (
      <View style={styles.gate}>
        {line}
        {ticks}
        <OverruledByLead {...beside} gate={gate.gate} points={isTorch ? chosen : null} />
      </View>
    );
  return (
    <NoteForm
      keptAs={keptAs}
      title={WORDS.goOnInSpite}
      fields={{ reason: 'why' }}
      label={WORDS.overruleIt}
      busy={busy}
      ready={!isTorch || chosen.length > 0}
      onKeep={({ reason = '' }) => onOverrule({ gate: gate.gate, reason, ...(isTorch ? { points: chosen } : {}) })}
    >
      {line}
      {ticks}
    </NoteForm>
  );
}

const styles = StyleSheet.create({
  gate: { gap: 8 },
  line: { flexDirection: 'row', gap: 10 },
  says: { flex: 1 },
});
