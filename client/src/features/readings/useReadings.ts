import type { JobView } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import { lastOf, type CircuitGraph, type CircuitKind, type GuessedLine } from '@kesto/core';
import { applicationOf, readings, type Metering, type ReadingsRequest, type RunMode, type SuctionAt } from '@kesto/core/refrigerant';
import { useState } from 'react';
import type { StageWork } from '@/data/stages/useStage';
import type { Read } from '@/forms/fields';
import { useFigures } from '@/forms/useFigures';

const FIGURES = {
  suction: { label: 'suction pressure', kind: 'pressure', optional: true },
  suctionLine: { label: 'suction line', kind: 'temperature', optional: true },
  liquid: { label: 'liquid pressure', kind: 'pressure', optional: true },
  liquidLine: { label: 'liquid line', kind: 'temperature', optional: true },
  room: { label: 'room', kind: 'temperature', optional: true },
  outdoor: { label: 'outdoors', kind: 'temperature', optional: true },
  discharge: { label: 'discharge line', kind: 'temperature', hint: '150 mm from the compressor', optional: true },
  indoorWetBulb: { label: 'wet bulb into the coil', kind: 'temperature', hint: 'air that enters it', optional: true },
  usual: { label: 'usually under the air, K', kind: 'number', hint: 'evaporating, as you know it here', optional: true },
} as const;

/** What lets the pressure down, as it is drawn. */
function meteringOf(graph: CircuitGraph | null): Metering {
  const kinds = graph?.parts.map((part) => part.kind) ?? [];
  return kinds.includes('expansion-valve') ? 'valve' : kinds.includes('capillary') ? 'capillary' : 'valve';
}

const has = (graph: CircuitGraph | null, kind: CircuitKind) => graph?.parts.some((part) => part.kind === kind) ?? false;

/** What was read of the machine running, as the engine is asked. */
export function useReadings(job: JobView, graph: CircuitGraph | null, work: StageWork) {
  const figures = useFigures(work.keptAs('readings'), FIGURES);
  const [mode, setMode] = useState<RunMode>('cooling');
  const [at, setAt] = useState<SuctionAt>('evaporator');
  const drawn = meteringOf(graph);
  const [chosen, setMetering] = useState<Metering | null>(null);
  const metering = chosen ?? drawn;
  const [guessed, setGuessed] = useState<readonly GuessedLine[]>([]);
  const [problem, setProblem] = useState<string | null>(null);

  function request(read: Read<typeof FIGURES>): ReadingsRequest {
    const { suction, suctionLine, liquid, liquidLine, room, outdoor, discharge, usual, indoorWetBulb } = read;
    const chargeKg = lastOf(work.facts, 'loss')?.values.chargeKg ?? job.circuit.chargeKg;
    return {
      ...{ mode, application: applicationOf(job.unit.kind), receiver: has(graph, 'receiver') },
      ...{ refrigerant: job.circuit.refrigerant, metering, altitude: { value: job.site.altitudeM, unit: 'm' } },
      ...(suction && suctionLine ? { suction: { pressure: suction, line: suctionLine, at } } : {}),
      ...(liquid && liquidLine ? { liquid: { pressure: liquid, line: liquidLine } } : {}),
      ...(room ? { room } : {}),
      ...(outdoor ? { outdoor } : {}),
      ...(indoorWetBulb && metering === 'fixed' ? { indoorWetBulb } : {}),
      ...(discharge ? { discharge: { line: discharge } } : {}),
      ...(usual ? { usualDifference: { value: usual.value, unit: 'K' } } : {}),
      ...(chargeKg ? { charge: { value: chargeKg, unit: 'kg' } } : {}),
    };
  }
  /** Hands on what was read, once the engine can read it; tells whether it was kept. */
  const submit = (keep: (asked: ReadingsRequest, felt: readonly GuessedLine[]) => Promise<boolean>) =>
    figures.submit((read) => {
      const asked = request(read);
      const answer = readings(asked);
      const [error] = answer.ok ? [] : answer.errors;
      setProblem(error ? `${error.field} ${calcErrorText(error)}` : null);
      return answer.ok && keep(asked, guessed.filter((line) => asked[line] !== undefined)); // prettier-ignore
    });
  return {
    ...{ figures, mode, setMode, at, setAt, guessed, setGuessed, problem, submit },
    ...{ metering, setMetering },
    /** The wet bulb says something of a fixed orifice alone. */
    shown: figures.keys.filter((key) => key !== 'indoorWetBulb' || metering === 'fixed'),
    isReversible: has(graph, 'reversing-valve'),
  };
}
export type ReadingsWork = ReturnType<typeof useReadings>;
