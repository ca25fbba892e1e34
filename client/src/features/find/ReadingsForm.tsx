import type { JobView } from '@kesto/contract';
import { calcErrorText } from '@kesto/contract/wording';
import { factsOf, GUESSED_LINES, lastOf, type CircuitGraph, type CircuitKind, type GuessedLine } from '@kesto/core';
import {
  applicationOf,
  readings,
  RUN_MODES,
  SUCTION_AT,
  type Metering,
  type ReadingsRequest,
  type RunMode,
  type SuctionAt,
} from '@kesto/core/refrigerant';
import { useState } from 'react';
import { View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Choice, KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { ReadingsFound } from './ReadingsFound';

const FIGURES = {
  suction: { label: 'suction pressure', kind: 'pressure', optional: true },
  suctionLine: { label: 'suction line', kind: 'temperature', optional: true },
  liquid: { label: 'liquid pressure', kind: 'pressure', optional: true },
  liquidLine: { label: 'liquid line', kind: 'temperature', optional: true },
  room: { label: 'room', kind: 'temperature', optional: true },
  outdoor: { label: 'outdoors', kind: 'temperature', optional: true },
  discharge: { label: 'discharge line', kind: 'temperature', hint: '150 mm from the compressor', optional: true },
  usual: { label: 'usually under the air, K', kind: 'number', hint: 'evaporating, as you know it here', optional: true },
} as const;

/** What lets the pressure down, as it is drawn. */
function meteringOf(graph: CircuitGraph | null): Metering {
  const kinds = graph?.parts.map((part) => part.kind) ?? [];
  return kinds.includes('expansion-valve') ? 'valve' : kinds.includes('capillary') ? 'capillary' : 'valve';
}

const MODE_WORDS: Readonly<Record<RunMode, string>> = { cooling: 'it cools', heating: 'it heats' };
const AT_WORDS: Readonly<Record<SuctionAt, string>> = { evaporator: 'at the evaporator', compressor: 'at the compressor' };
const has = (graph: CircuitGraph | null, kind: CircuitKind) => graph?.parts.some((part) => part.kind === kind) ?? false;

/** Readings before anything is touched: kept to stand beside those after. */
export function ReadingsForm({
  job,
  graph,
  work,
  onKept,
}: {
  job: JobView;
  graph: CircuitGraph | null;
  work: StageWork;
  onKept: () => void;
}) {
  const figures = useFigures(work.keptAs('readings'), FIGURES);
  const [mode, setMode] = useState<RunMode>('cooling');
  const [at, setAt] = useState<SuctionAt>('evaporator');
  const [guessed, setGuessed] = useState<readonly GuessedLine[]>([]);
  const [found, setFound] = useState<{ readonly request: ReadingsRequest; readonly first: ReadingsRequest | undefined } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  function request(read: Read<typeof FIGURES>): ReadingsRequest {
    const { suction, suctionLine, liquid, liquidLine, room, outdoor, discharge, usual } = read;
    const chargeKg = lastOf(work.facts, 'loss')?.values.chargeKg ?? job.circuit.chargeKg;
    return {
      ...{ mode, application: applicationOf(job.unit.kind), receiver: has(graph, 'receiver') },
      ...{ refrigerant: job.circuit.refrigerant, metering: meteringOf(graph), altitude: { value: job.site.altitudeM, unit: 'm' } },
      ...(suction && suctionLine ? { suction: { pressure: suction, line: suctionLine, at } } : {}),
      ...(liquid && liquidLine ? { liquid: { pressure: liquid, line: liquidLine } } : {}),
      ...(room ? { room } : {}),
      ...(outdoor ? { outdoor } : {}),
      ...(discharge ? { discharge: { line: discharge } } : {}),
      ...(usual ? { usualDifference: { value: usual.value, unit: 'K' } } : {}),
      ...(chargeKg ? { charge: { value: chargeKg, unit: 'kg' } } : {}),
    };
  }
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    const asked = request(read);
    const answer = readings(asked);
    setProblem(answer.ok ? null : answer.errors[0] ? `${answer.errors[0].field} ${calcErrorText(answer.errors[0])}` : null);
    setFound(answer.ok ? { request: asked, first: factsOf(work.facts, 'readings')[0]?.values.request } : null);
    const felt = guessed.filter((line) => asked[line] !== undefined);
    return answer.ok && work.note('readings', { request: asked, ...(felt.length > 0 ? { guessed: felt } : {}) });
  }
  return (
    <View style={{ gap: 10 }}>
      <Heading size={17}>Readings before anything is touched</Heading>
      {has(graph, 'reversing-valve') ? (
        <Choice
          label="how it runs"
          value={mode}
          onChange={setMode}
          options={RUN_MODES.map((value) => ({ value, label: MODE_WORDS[value] }))}
        />
      ) : null}
      <FigureFields figures={figures} />
      {GUESSED_LINES.map((line) => (
        <CheckRow
          key={line}
          label={`the ${line} line was felt, not read`}
          checked={guessed.includes(line)}
          onChange={(felt) => setGuessed(felt ? [...guessed, line] : guessed.filter((other) => other !== line))}
        />
      ))}
      <Words size={15}>the suction line was read</Words>
      <Choice
        label="the suction line was read"
        value={at}
        onChange={setAt}
        options={SUCTION_AT.map((value) => ({ value, label: AT_WORDS[value] }))}
      />
      {problem ? <Failed message={problem} /> : null}
      <KeepKey label="Keep the readings" busy={work.busy} onPress={() => void figures.submit(keep)} />
      {found ? <ReadingsFound {...found} guessed={guessed} metering={meteringOf(graph)} onClose={onKept} /> : null}
    </View>
  );
}
