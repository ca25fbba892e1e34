import { CIRCUIT_KIND_WORDS } from '@kesto/contract/wording';
import {
  changePart,
  HUNG_KINDS,
  hangPart,
  INLINE_KINDS,
  MAY_HOLD_WATER,
  MOVABLE,
  removePart,
  replaceKind,
  type CircuitGraph,
  type CircuitPart,
} from '@kesto/core';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { drawnName } from '@kesto/contract/wording';
import { CheckRow } from '@/ui/CheckRow';
import { Choice, FrameKey } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { FanChoice } from './FanChoice';
import { KindChoice } from './KindChoice';
import { hasLimits, LimitFields } from './LimitFields';
import type { Waiting } from './waiting';
import type { Draw } from './draw';
import { WORDS } from './words';

const VALVE_STATES = [
  { value: 'unknown', label: 'not known' },
  { value: 'closes', label: 'shuts tight' },
  { value: 'stripped', label: 'stripped' },
  { value: 'seized', label: 'seized' },
] as const;
const STANDS = [{ value: 'open', label: 'stands open' }, { value: 'shut', label: 'stands shut' }] as const; // prettier-ignore
const CORES = [{ value: 'in', label: 'core in' }, { value: 'out', label: 'core out' }] as const; // prettier-ignore
const WAYS = [{ value: 'one', label: 'one way' }, { value: 'both', label: 'both ways' }] as const; // prettier-ignore
type ValveState = (typeof VALVE_STATES)[number]['value'];

const stateOf = ({ closes, fault }: CircuitPart): ValveState =>
  closes ? 'closes' : closes === undefined ? 'unknown' : (fault ?? 'stripped');

function inState({ closes: _closes, fault: _fault, ...part }: CircuitPart, state: ValveState): CircuitPart {
  if (state === 'unknown') return part;
  return state === 'closes' ? { ...part, closes: true } : { ...part, closes: false, fault: state };
}

interface PartPanelProps {
  readonly circuit: string;
  readonly graph: CircuitGraph;
  readonly part: CircuitPart;
  readonly draw: Draw;
  /** Something is begun that the next tapped tube ends. */
  readonly waitFor: (waiting: Waiting) => void;
  /** Joints that may be planned at it. */
  readonly children: ReactNode;
}

/** What can be said of, and done with, the part that was tapped. */
export function PartPanel({ circuit, graph, part, draw, waitFor, children }: PartPanelProps) {
  const change = (to: (p: CircuitPart) => CircuitPart) => draw(changePart(graph, part.id, to), { part: part.id });
  const named = (name: string) =>
    changePart(graph, part.id, ({ name: _before, ...rest }) => (name.trim() === '' ? rest : { ...rest, name }));
  return (
    <View style={styles.panel}>
      <Heading size={20}>{drawnName(graph, part.id)}</Heading>
      <Words size={15} tone="ink2">
        {CIRCUIT_KIND_WORDS[part.kind]}
      </Words>
      {children}
      <TextField label={WORDS.name} value={part.name ?? ''} onChange={(name) => draw(named(name), { part: part.id }, `name ${part.id}`)} />
      <OfItsKind part={part} change={change} />
      {MAY_HOLD_WATER.includes(part.kind) ? (
        <CheckRow
          label={WORDS.water}
          checked={part.water ?? false}
          onChange={(water) => change(({ water: _before, ...rest }) => (water ? { ...rest, water } : rest))}
        />
      ) : null}
      {hasLimits(part) ? (
        <LimitFields
          key={JSON.stringify(part.limits)}
          circuit={circuit}
          part={part}
          onKeep={(limits) => change(({ limits: _before, ...rest }) => (limits ? { ...rest, limits } : rest))}
        />
      ) : null}
      {part.kind === 'condenser' || part.kind === 'evaporator' ? <FanChoice graph={graph} part={part} draw={draw} /> : null}
      <Replacing graph={graph} part={part} draw={draw} />
      {MOVABLE(part.kind) ? <FrameKey label={WORDS.move} onPress={() => waitFor({ move: part.id })} /> : null}
      <FrameKey label={WORDS.takeOut} onPress={() => draw(removePart(graph, part.id), null)} />
    </View>
  );
}

interface KindProps {
  readonly part: CircuitPart;
  readonly change: (to: (part: CircuitPart) => CircuitPart) => void;
}

/** What is asked of a valve, a port, a drier alone. */
function OfItsKind({ part, change }: KindProps) {
  if (part.kind === 'valve') return <OfAValve part={part} change={change} />;
  if (part.kind === 'port')
    return <Choice label={WORDS.core} value={part.core ?? 'in'} options={CORES} onChange={(core) => change((p) => ({ ...p, core }))} />;
  if (part.kind !== 'drier') return null;
  return (
    <Choice
      label={WORDS.whichWay}
      value={part.twoWay ? 'both' : 'one'}
      options={WAYS}
      onChange={(way) => change(({ twoWay: _before, ...rest }) => (way === 'both' ? { ...rest, twoWay: true } : rest))}
    />
  );
}

function OfAValve({ part, change }: KindProps) {
  return (
    <>
      <Words size={15}>{WORDS.reallyShuts}</Words>
      <Choice label={WORDS.shuts} value={stateOf(part)} options={VALVE_STATES} onChange={(state) => change((p) => inState(p, state))} />
      <Choice
        label={WORDS.stands}
        value={part.open === false ? 'shut' : 'open'}
        options={STANDS}
        onChange={(stands) => change(({ open: _open, ...rest }) => (stands === 'shut' ? { ...rest, open: false } : rest))}
      />
    </>
  );
}

/** It is something else, or something hangs on it. */
function Replacing({ graph, part, draw }: Pick<PartPanelProps, 'graph' | 'part' | 'draw'>) {
  const [replacing, setReplacing] = useState(false);
  const isHung = HUNG_KINDS.includes(part.kind);
  const hang = (kind: CircuitPart['kind']) => {
    const edited = hangPart(graph, part.id, kind);
    draw(edited.graph, edited.made ? { part: edited.made } : null);
  };
  return (
    <>
      {replacing ? (
        <KindChoice
          title={WORDS.replaceBy}
          kinds={isHung ? HUNG_KINDS : [...INLINE_KINDS, 'compressor']}
          onPick={(kind) => {
            setReplacing(false);
            draw(replaceKind(graph, part.id, kind), { part: part.id });
          }}
        />
      ) : (
        <FrameKey label={WORDS.somethingElse} onPress={() => setReplacing(true)} />
      )}
      {isHung ? null : (
        <View style={styles.keys}>
          {HUNG_KINDS.map((kind) => (
            <FrameKey key={kind} label={`+ ${CIRCUIT_KIND_WORDS[kind]}`} onPress={() => hang(kind)} />
          ))}
        </View>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 12 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
