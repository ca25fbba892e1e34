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
import { View } from 'react-native';
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

const VALVE_STATES = [
  { value: 'unknown', label: 'not known' },
  { value: 'closes', label: 'shuts tight' },
  { value: 'stripped', label: 'stripped' },
  { value: 'seized', label: 'seized' },
] as const;
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
  const [replacing, setReplacing] = useState(false);
  const change = (to: (p: CircuitPart) => CircuitPart) => draw(changePart(graph, part.id, to), { part: part.id });
  const isHung = HUNG_KINDS.includes(part.kind);
  return (
    <View style={{ gap: 12 }}>
      <Heading size={20}>{drawnName(graph, part.id)}</Heading>
      <Words size={15} tone="ink2">
        {CIRCUIT_KIND_WORDS[part.kind]}
      </Words>
      {children}
      <TextField
        label="name on the drawing"
        value={part.name ?? ''}
        onChange={(name) =>
          draw(
            changePart(graph, part.id, ({ name: _before, ...rest }) => (name.trim() === '' ? rest : { ...rest, name })),
            { part: part.id },
            `name ${part.id}`,
          )
        }
      />
      {part.kind === 'valve' ? (
        <>
          <Words size={15}>Does it really shut?</Words>
          <Choice
            label="does it shut"
            value={stateOf(part)}
            options={VALVE_STATES}
            onChange={(state) => change((p) => inState(p, state))}
          />
          <Choice
            label="how it stands"
            value={part.open === false ? 'shut' : 'open'}
            options={[
              { value: 'open', label: 'stands open' },
              { value: 'shut', label: 'stands shut' },
            ]}
            onChange={(stands) => change(({ open: _open, ...rest }) => (stands === 'shut' ? { ...rest, open: false } : rest))}
          />
        </>
      ) : null}
      {part.kind === 'port' ? (
        <Choice
          label="core"
          value={part.core ?? 'in'}
          options={[
            { value: 'in', label: 'core in' },
            { value: 'out', label: 'core out' },
          ]}
          onChange={(core) => change((p) => ({ ...p, core }))}
        />
      ) : null}
      {part.kind === 'drier' ? (
        <Choice
          label="which way it works"
          value={part.twoWay ? 'both' : 'one'}
          options={[
            { value: 'one', label: 'one way' },
            { value: 'both', label: 'both ways' },
          ]}
          onChange={(way) => change(({ twoWay: _before, ...rest }) => (way === 'both' ? { ...rest, twoWay: true } : rest))}
        />
      ) : null}
      {MAY_HOLD_WATER.includes(part.kind) ? (
        <CheckRow
          label="water or brine on its other side"
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
      {replacing ? (
        <KindChoice
          title="Replace it by"
          kinds={isHung ? HUNG_KINDS : [...INLINE_KINDS, 'compressor']}
          onPick={(kind) => {
            setReplacing(false);
            draw(replaceKind(graph, part.id, kind), { part: part.id });
          }}
        />
      ) : (
        <FrameKey label="It is something else" onPress={() => setReplacing(true)} />
      )}
      {isHung ? null : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {HUNG_KINDS.map((kind) => (
            <FrameKey
              key={kind}
              label={`+ ${CIRCUIT_KIND_WORDS[kind]}`}
              onPress={() => {
                const edited = hangPart(graph, part.id, kind);
                draw(edited.graph, edited.made ? { part: edited.made } : null);
              }}
            />
          ))}
        </View>
      )}
      {MOVABLE(part.kind) ? <FrameKey label="Move it to another tube" onPress={() => waitFor({ move: part.id })} /> : null}
      <FrameKey label="Take it out" onPress={() => draw(removePart(graph, part.id), null)} />
    </View>
  );
}
