import {
  addSecondCoil,
  changeLink,
  INLINE_KINDS,
  insertPart,
  turnBranch,
  type CircuitGraph,
  type CircuitLink,
  type Quantity,
} from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { drawnName } from '@kesto/contract/wording';
import { outsideText } from '@/drawing/circuit/tubeText';
import { DraftReader } from '@/forms/draftReader';
import { bareLengthUnit, useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { KindChoice } from './KindChoice';
import type { Draw } from './draw';
import type { Waiting } from './waiting';
import { WORDS } from './words';

type Tube = NonNullable<CircuitLink['tube']>;

const isSame = (a: Quantity | undefined, b: Quantity | undefined) => a?.unit === b?.unit && a?.value === b?.value;

/** The tube as typed; a measured wall belongs to its size, and stays with it. An assumed length that was left as it is stays assumed. */
function resized(before: Tube | undefined, od: Quantity, length: Quantity | undefined): Tube {
  return {
    od,
    ...(before?.wall && isSame(before.od, od) ? { wall: before.wall } : {}),
    ...(length ? { length } : {}),
    ...(before?.lengthAssumed && length && isSame(before.length, length) ? { lengthAssumed: true } : {}),
  };
}

interface TubePanelProps {
  readonly graph: CircuitGraph;
  readonly index: number;
  readonly link: CircuitLink;
  readonly draw: Draw;
  /** Something is begun that the next tapped tube ends. */
  readonly waitFor: (waiting: Waiting) => void;
}

/** What can be said of, and done with, the tube that was tapped. */
export function TubePanel({ graph, index, link, draw, waitFor }: TubePanelProps) {
  const units = useUnits();
  const [inserting, setInserting] = useState(false);
  const [od, setOd] = useState(link.tube ? outsideText(link.tube, units) : '');
  const [length, setLength] = useState(link.tube?.length ? `${link.tube.length.value} ${link.tube.length.unit}` : '');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const change = (to: (l: CircuitLink) => CircuitLink) => draw(changeLink(graph, index, to), { link: index });
  const read = () => {
    const reader = new DraftReader(units);
    const size = reader.length('od', od);
    const run = reader.distance('length', length);
    if (!size && od.trim() === '' && length.trim() !== '') reader.problems['od'] = 'is needed with a length';
    setProblems(reader.problems);
    if (Object.keys(reader.problems).length > 0) return;
    change(({ tube, ...rest }) => (size ? { ...rest, tube: resized(tube, size, run) } : rest));
  };
  const branched = addSecondCoil(graph, index);
  const turned = turnBranch(graph, index);
  return (
    <View style={arrange.stack12}>
      <Heading size={20}>{WORDS.tube}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.fromTo(drawnName(graph, link.from), drawnName(graph, link.to))}
      </Words>
      <View style={arrange.row10}>
        <UnitField label={WORDS.outside} value={od} onChange={setOd} unit={bareLengthUnit(units)} error={problems['od']} testID="tube-od" />
        <UnitField
          label={WORDS.length}
          value={length}
          onChange={setLength}
          unit={units.length === 'metric' ? 'm' : 'ft'}
          error={problems['length']}
          hint={link.tube?.lengthAssumed ? WORDS.assumedTypeItAs : undefined}
          testID="tube-length"
        />
      </View>
      <FrameKey label={WORDS.setItsSize} onPress={read} />
      <Choice
        label={WORDS.throughAWall}
        value={link.throughWall ? 'wall' : 'open'}
        options={[
          { value: 'open', label: WORDS.inSight },
          { value: 'wall', label: WORDS.throughTheWall },
        ]}
        onChange={(way) => change(({ throughWall: _wall, ...rest }) => (way === 'wall' ? { ...rest, throughWall: true } : rest))}
      />
      {inserting ? (
        <KindChoice
          title={WORDS.putIntoIt}
          kinds={INLINE_KINDS}
          onPick={(kind) => {
            setInserting(false);
            const edited = insertPart(graph, index, kind);
            draw(edited.graph, edited.made ? { part: edited.made } : null);
          }}
        />
      ) : (
        <FrameKey label={WORDS.putAPartInto} onPress={() => setInserting(true)} />
      )}
      <FrameKey label={WORDS.aBranchFromHere} onPress={() => waitFor({ branchFrom: index })} />
      {turned ? <FrameKey label={WORDS.itFlowsTheOther} onPress={() => draw(turned, { link: index })} /> : null}
      {branched ? (
        <FrameKey label={WORDS.aSecondCoilBeside} onPress={() => draw(branched.graph, branched.made ? { part: branched.made } : null)} />
      ) : null}
    </View>
  );
}
