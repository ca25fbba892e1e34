import { openBeforeStart, settledReadings } from './charges';
import { lastOf, type StageFact } from './entry';
import type { GateCode } from '../ledger/words';
import { openHandOver, signedOff, type HandOverFacts } from './handOver';
import { lastPull, rigHolds, standingRise } from './pulls';

interface Gate {
  readonly gate: GateCode;
  readonly open: readonly string[];
  readonly protectsPeople: boolean;
}

const when = (isOpen: boolean, gate: GateCode, open: readonly string[] = [], protectsPeople = false): readonly Gate[] =>
  isOpen ? [{ gate, open, protectsPeople }] : [];

/** The rig alone holds, nothing is out of the pump's reach, and the last rise is dry and still stands. */
export function pullGates(facts: readonly StageFact[]): readonly Gate[] {
  const unreached = lastPull(facts)?.began.values.unreached ?? [];
  return [
    ...when(!rigHolds(facts), 'rig-not-alone'),
    ...when(unreached.length > 0, 'not-reached', unreached),
    ...when(standingRise(facts)?.values.verdict !== 'tight-and-dry', 'not-dry'),
  ];
}

/** Weighed in, seen to before it was started, read when it had settled. */
export function chargeGates(facts: readonly StageFact[]): readonly Gate[] {
  const began = lastOf(facts, 'charge-began')?.values;
  if (!began) return when(true, 'no-charge');
  const isWeighed = began.isUnknown === true || (lastOf(facts, 'charged')?.values.isCharged ?? false);
  return [
    ...when(!isWeighed, 'not-charged'),
    ...when(openBeforeStart(facts).length > 0, 'not-before-start', openBeforeStart(facts)),
    ...when(!began.isCritical && settledReadings(facts) === null, 'not-settled'),
  ];
}

/** All of the list answered, and somebody signed. */
export function handOverGates(facts: readonly StageFact[], about: HandOverFacts): readonly Gate[] {
  const open = openHandOver(facts, about);
  return [...when(open.length > 0, 'hand-over-open', open), ...when(signedOff(facts) === null, 'not-signed')];
}
