import type { Drawn, UnitView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { format } from 'date-fns/format';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import type { Chosen } from '@/drawing/circuit/Targets';
import { useMayMake } from '@/session/useMayMake';
import { useUnit } from '@/data/units/api';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useCircuitDrawing } from '@/data/circuits/api';
import type { Draw } from './draw';
import { jointsHere } from './jointsHere';
import { PartPanel } from './PartPanel';
import { PlanHere } from './PlanHere';
import { TemplatePicker } from './TemplatePicker';
import { TubePanel } from './TubePanel';
import { useCircuitScreen, type CircuitWork } from './useCircuitScreen';
import { waitingText, type Waiting } from './waiting';
import { WORDS } from './words';

/** A circuit as a drawing that is edited by tapping. */
export function CircuitScreen({ unitId, circuitId }: { unitId: string; circuitId: string }) {
  const drawn = useCircuitDrawing(circuitId);
  return (
    <Fetched<UnitView> query={useUnit(unitId)} what={WORDS.theUnit}>
      {(unit) => (
        <Fetched<Drawn> query={drawn} what={WORDS.theDrawing}>
          {(data) => <Ready unit={unit} circuitId={circuitId} drawn={data} />}
        </Fetched>
      )}
    </Fetched>
  );
}

interface ReadyProps {
  readonly unit: UnitView;
  readonly circuitId: string;
  readonly drawn: Drawn;
}

function Ready({ unit, circuitId, drawn }: ReadyProps) {
  const wide = useIsWide();
  const mayMake = useMayMake();
  const work = useCircuitScreen(unit, circuitId, drawn);
  const { draft, graph, chosen, setChosen, waiting, busy } = work;
  const { drawing } = drawn;
  const panel = graph && mayMake ? <ChosenPanel unitId={unit.id} circuitId={circuitId} graph={graph} work={work} /> : null;
  const isOver = !wide && chosen !== null && waiting === null && panel !== null;
  const keep = {
    label: busy ? WORDS.keeping : draft.touched ? WORDS.keepDrawing : WORDS.drawn,
    disabled: busy || !draft.touched || !work.isSound,
    onPress: work.store,
  };
  const undo = draft.undo ? { label: WORDS.undo, onPress: draft.undo } : undefined;
  return (
    <Sheet
      tag={unit.tag}
      title={WORDS.title(work.name)}
      subtitle={drawing ? WORDS.drawnBy(drawing.by, format(new Date(drawing.at), 'd MMM yyyy')) : WORDS.notDrawn}
      up={{ label: unit.tag, href: `/units/${unit.id}` }}
      cells={{ here: 'unit', unit: { name: unit.tag, href: `/units/${unit.id}` } }}
      action={mayMake && graph ? keep : undefined}
      round={isOver ? { label: WORDS.close, onPress: () => setChosen(null) } : undo}
      over={isOver ? panel : null}
      overOpen={isOver}
      aside={
        <View style={styles.aside}>
          {waiting || isOver ? null : panel}
          <FileKeys work={work} isKept={drawing !== null} />
        </View>
      }
    >
      {work.failed.map((text) => (
        <Failed key={text} message={text} />
      ))}
      {work.problems.map((text) => (
        <Words key={text} bold tone="red" role="alert">
          {text}
        </Words>
      ))}
      {graph ? <Paper graph={graph} work={work} /> : mayMake ? <TemplatePicker onPick={(template) => work.draw(template, null)} /> : null}
    </Sheet>
  );
}

/** What is begun, the drawing, what its signs mean. */
function Paper({ graph, work }: { graph: CircuitGraph; work: CircuitWork }) {
  const wide = useIsWide();
  const units = useUnits();
  const mayMake = useMayMake();
  return (
    <>
      {work.waiting ? (
        <View role="status" style={styles.waiting}>
          <Words bold>{waitingText(graph, work.waiting)}</Words>
          <FrameKey label={WORDS.leaveIt} onPress={() => work.setWaiting(null)} />
        </View>
      ) : null}
      <CircuitDrawing
        graph={graph}
        upright={!wide}
        maxHeight={wide ? 560 : 640}
        chosen={work.chosen}
        units={units}
        {...(mayMake ? { onChoose: work.choose, onMove: work.move } : {})}
      />
      <Words size={14} tone="ink2">
        {WORDS.legend}
      </Words>
    </>
  );
}

/** Undone again, left, saved, read. */
function FileKeys({ work: { draft, graph, save, read }, isKept }: { work: CircuitWork; isKept: boolean }) {
  const mayMake = useMayMake();
  return (
    <View style={styles.keys}>
      {draft.redo ? <FrameKey label={WORDS.redo} onPress={draft.redo} /> : null}
      {draft.touched && isKept ? <FrameKey label={WORDS.backToKept} onPress={draft.forget} /> : null}
      {graph ? <FrameKey label={WORDS.saveFile} onPress={() => void save()} /> : null}
      {mayMake ? <FrameKey label={WORDS.readFile} onPress={read} /> : null}
    </View>
  );
}

interface ChosenProps {
  readonly unitId: string;
  readonly circuitId: string;
  readonly graph: CircuitGraph;
  readonly work: CircuitWork;
}

/** What can be done with what is chosen. */
function ChosenPanel({ unitId, circuitId, graph, work: { chosen, draft, draw, setWaiting } }: ChosenProps) {
  const wide = useIsWide();
  const units = useUnits();
  return (
    <View style={styles.aside}>
      <Panel key={JSON.stringify(chosen)} circuit={circuitId} graph={graph} chosen={chosen} draw={draw} waitFor={setWaiting}>
        <PlanHere unitId={unitId} circuitId={circuitId} joints={jointsHere(graph, chosen, units)} touched={draft.touched} />
      </Panel>
      {!wide && draft.undo ? <FrameKey quiet label={WORDS.undo} onPress={draft.undo} /> : null}
    </View>
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
  if (!link) return <Words tone="ink2">{WORDS.tapAnything}</Words>;
  return (
    <>
      {children}
      <TubePanel graph={graph} index={index} link={link} draw={draw} waitFor={waitFor} />
    </>
  );
}

const styles = StyleSheet.create({
  aside: { gap: 12 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  waiting: { flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'center' },
});
