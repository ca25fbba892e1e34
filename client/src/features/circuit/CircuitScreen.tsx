import type { Drawn, UnitView } from '@kesto/contract';
import { CIRCUIT_FILE } from '@kesto/contract';
import { movePart, readCircuit, type CircuitGraph } from '@kesto/core';
import { calcErrorText } from '@kesto/contract/wording';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { Fetched } from '@/api/Fetched';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import type { Chosen } from '@/drawing/circuit/Targets';
import { useMayMake } from '@/session/useMayMake';
import { useUnit } from '@/data/units/api';
import { useWrite } from '@/outbox';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { drawingWrite, useCircuitDrawing } from '@/data/circuits/api';
import type { Draw } from './draw';
import { jointsHere } from './jointsHere';
import { pickCircuit } from './pickCircuit';
import { PartPanel } from './PartPanel';
import { PlanHere } from './PlanHere';
import { saveCircuit } from './saveCircuit';
import { TemplatePicker } from './TemplatePicker';
import { TubePanel } from './TubePanel';
import { useCircuitDraft } from './useCircuitDraft';
import { doneAt, waitingText, type Waiting } from './waiting';

/** A circuit as a drawing that is edited by tapping. */
export function CircuitScreen({ unitId, circuitId }: { unitId: string; circuitId: string }) {
  const drawn = useCircuitDrawing(circuitId);
  return (
    <Fetched<UnitView> query={useUnit(unitId)} what="the unit">
      {(unit) => (
        <Fetched<Drawn> query={drawn} what="the drawing">
          {(data) => <Ready unit={unit} circuitId={circuitId} drawn={data} />}
        </Fetched>
      )}
    </Fetched>
  );
}

const namesTrimmed = (graph: CircuitGraph): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => (part.name ? { ...part, name: part.name.trim() } : part)),
});

/** What stands in the way of keeping it, in words. */
function problemsOf(graph: CircuitGraph | null): readonly string[] {
  const read = graph ? readCircuit(graph) : null;
  return read && !read.ok ? read.errors.map((error) => calcErrorText(error)) : [];
}

function Ready({ unit, circuitId, drawn: { drawing } }: { unit: UnitView; circuitId: string; drawn: Drawn }) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const mayMake = useMayMake();
  const draft = useCircuitDraft(circuitId, drawing?.circuit ?? null);
  const [chosen, setChosen] = useState<Chosen>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [fileProblem, setFileProblem] = useState<string | null>(null);
  const { keep, busy, problem } = useWrite();
  const { graph } = draft;
  const problems = problemsOf(graph);
  const circuit = unit.circuits.find(({ id }) => id === circuitId);
  const draw: Draw = (next, then, move) => {
    draft.draw(next, move);
    setChosen(then);
  };
  /** What was begun is done at the tube that is tapped; a tap on anything else leaves it. */
  function choose(next: Chosen) {
    setWaiting(null);
    const done = graph && waiting && next && 'link' in next ? doneAt(graph, waiting, next.link) : null;
    if (done) draw(done.graph, done.then);
    else setChosen(next);
  }
  const move = (part: string, link: number) => {
    const moved = graph && movePart(graph, part, link);
    if (moved && moved !== graph) draw(moved, { part });
  };
  async function store() {
    if (!graph || !(await keep(drawingWrite(circuitId, unit.id, uuid(), namesTrimmed(graph))))) return;
    draft.forget();
    router.push(`/units/${unit.id}`);
  }
  async function read() {
    const picked = await pickCircuit();
    setFileProblem(picked && 'problem' in picked ? picked.problem : null);
    if (picked && 'graph' in picked) draw(picked.graph, null);
  }
  const panel =
    graph && mayMake ? (
      <View style={{ gap: 12 }}>
        <Panel key={JSON.stringify(chosen)} circuit={circuitId} graph={graph} chosen={chosen} draw={draw} waitFor={setWaiting}>
          <PlanHere unitId={unit.id} circuitId={circuitId} joints={jointsHere(graph, chosen, units)} touched={draft.touched} />
        </Panel>
        {!wide && draft.undo ? <FrameKey quiet label="undo" onPress={draft.undo} /> : null}
      </View>
    ) : null;
  const isOver = !wide && chosen !== null && waiting === null && panel !== null;
  return (
    <Sheet
      tag={unit.tag}
      title={circuit?.name.startsWith('circuit') ? circuit.name : `circuit ${circuit?.name ?? ''}`}
      subtitle={drawing ? `drawn by ${drawing.by}, ${format(new Date(drawing.at), 'd MMM yyyy')}` : 'not drawn yet'}
      up={{ label: unit.tag, href: `/units/${unit.id}` }}
      cells={{ here: 'unit', unit: { name: unit.tag, href: `/units/${unit.id}` } }}
      action={
        mayMake && graph
          ? {
              label: busy ? 'Keeping' : draft.touched ? 'Keep the drawing' : 'Drawn',
              disabled: busy || !draft.touched || problems.length > 0,
              onPress: () => void store(),
            }
          : undefined
      }
      round={isOver ? { label: 'close', onPress: () => setChosen(null) } : draft.undo ? { label: 'undo', onPress: draft.undo } : undefined}
      over={isOver ? panel : null}
      overOpen={isOver}
      aside={
        <View style={{ gap: 12 }}>
          {waiting || isOver ? null : panel}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {draft.redo ? <FrameKey label="Redo" onPress={draft.redo} /> : null}
            {draft.touched && drawing ? <FrameKey label="Back to what was kept" onPress={draft.forget} /> : null}
            {graph ? (
              <FrameKey
                label="Save as a file"
                onPress={() => saveCircuit({ ...CIRCUIT_FILE, name: `${unit.tag} ${circuit?.name ?? ''}`.trim(), circuit: graph })}
              />
            ) : null}
            {mayMake ? <FrameKey label="Read from a file" onPress={() => void read()} /> : null}
          </View>
        </View>
      }
    >
      {problem ? <Failed message={problem.message} /> : null}
      {fileProblem ? <Failed message={fileProblem} /> : null}
      {problems.map((text) => (
        <Words key={text} bold tone="red" role="alert">
          {text}
        </Words>
      ))}
      {graph ? (
        <>
          {waiting ? (
            <View role="status" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'center' }}>
              <Words bold>{waitingText(graph, waiting)}</Words>
              <FrameKey label="Leave it" onPress={() => setWaiting(null)} />
            </View>
          ) : null}
          <CircuitDrawing
            graph={graph}
            upright={!wide}
            maxHeight={wide ? 560 : 640}
            chosen={chosen}
            units={units}
            {...(mayMake ? { onChoose: choose, onMove: move } : {})}
          />
          <Legend />
        </>
      ) : mayMake ? (
        <TemplatePicker onPick={(template) => draw(template, null)} />
      ) : null}
    </Sheet>
  );
}

interface PanelProps {
  readonly circuit: string;
  readonly graph: CircuitGraph;
  readonly chosen: Chosen;
  readonly draw: Draw;
  readonly waitFor: (waiting: Waiting) => void;
  /** Joints that may be planned at what is chosen. */
  readonly children: ReactNode;
}

function Panel({ circuit, graph, chosen, draw, waitFor, children }: PanelProps) {
  const part = chosen && 'part' in chosen ? graph.parts.find(({ id }) => id === chosen.part) : undefined;
  if (part)
    return (
      <PartPanel circuit={circuit} graph={graph} part={part} draw={draw} waitFor={waitFor}>
        {children}
      </PartPanel>
    );
  const index = chosen && 'link' in chosen ? chosen.link : -1;
  const link = graph.links[index];
  if (!link)
    return <Words tone="ink2">Tap a tube or a part: everything can be changed. With a mouse, a part is dragged to another tube.</Words>;
  return (
    <>
      {children}
      <TubePanel graph={graph} index={index} link={link} draw={draw} waitFor={waitFor} />
    </>
  );
}

function Legend() {
  return (
    <Words size={14} tone="ink2">
      Filled tube: high side. Empty tube: low side. A tick on a valve: seen to shut; a cross: it does not.
    </Words>
  );
}
