import { METALS_NOT_HERE } from '@kesto/contract/wording';
import { FILLERS, formatLength, METAL_NAMES, readingText, type Form, type HistoryState, type MetalName, type Removal } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { bareLengthUnit, useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { Choice, FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Tick } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import type { Draft } from '@/draft/drafts';
import { METAL_WORDS, MetalPattern } from '@/drawing/joint/hatch';
import { JointDrawing } from '@/drawing/joint/JointDrawing';
import { RunFields } from './PlaceEditor';
import { pickedText, SizePicker } from './SizePicker';
import type { Planner } from '../usePlanner';
import { WORDS } from '../words';

interface Shape {
  readonly form: Form;
  readonly label: string;
  /** The metal this shape most often has; changes only when the shape is picked. */
  readonly metal: MetalName;
}

const SHAPES: readonly Shape[] = [
  { form: 'fitting-cup', label: 'fitting cup', metal: 'copper' },
  { form: 'swaged-socket', label: 'swaged tube', metal: 'copper' },
  { form: 'component-stub', label: 'valve stub', metal: 'brass' },
  { form: 'component-stub', label: 'plated stub', metal: 'copper-plated-steel' },
  { form: 'saddle', label: 'branch', metal: 'copper' },
  { form: 'crimped-stub', label: 'crimped stub', metal: 'copper' },
];

const THUMB = { male: { metal: 'copper', od: 22, wall: 2.4 }, female: { bore: 22.4, depth: 15, wall: 2.6 } } as const;

function ShapePicker({ draft, onPick }: { draft: Draft; onPick: (shape: Shape) => void }) {
  const steel = draft.female.metal.includes('steel');
  const isChosen = (s: Shape) =>
    s.form === draft.female.form && (s.form !== 'component-stub' || (s.metal === 'copper-plated-steel') === steel);
  return (
    <View role="radiogroup" aria-label={WORDS.shapeOfThePart} style={arrange.wrap8}>
      {SHAPES.map((shape) => (
        <ChoiceCard key={shape.label} says={shape.label} chosen={isChosen(shape)} width="31%" onPress={() => onPick(shape)}>
          <View style={styles.shape}>
            <JointDrawing
              joint={{ male: THUMB.male, female: { ...THUMB.female, form: shape.form, metal: shape.metal } }}
              detail="thumb"
              label={shape.label}
            />
            <Words size={14} bold={isChosen(shape)}>
              {shape.label}
            </Words>
            {isChosen(shape) ? (
              <View style={styles.help}>
                <Tick size={16} />
              </View>
            ) : null}
          </View>
        </ChoiceCard>
      ))}
    </View>
  );
}

function MetalPicker(props: { value: MetalName; onPick: (metal: MetalName) => void }) {
  const [asked, setAsked] = useState(false);
  return (
    <View style={arrange.stack6}>
      <MetalCards {...props} />
      <FrameKey label={asked ? WORDS.close : WORDS.itIsNoneOf} onPress={() => setAsked(!asked)} />
      {asked ? Object.values(METALS_NOT_HERE).map((why) => <FlagLine key={why} letter="a" text={sentence(why)} />) : null}
    </View>
  );
}

const sentence = (why: string) => `${why.charAt(0).toUpperCase()}${why.slice(1)}.`;

function MetalCards({ value, onPick }: { value: MetalName; onPick: (metal: MetalName) => void }) {
  const t = useTokens();
  return (
    <View role="radiogroup" aria-label={WORDS.metal} style={arrange.wrap6}>
      {METAL_NAMES.map((metal) => (
        <ChoiceCard key={metal} says={METAL_WORDS[metal]} chosen={value === metal} width="23%" onPress={() => onPick(metal)}>
          <View>
            <Svg width="100%" height={24} aria-hidden>
              <MetalPattern id={`swatch-${metal}`} metal={metal} />
              <Rect width="100%" height={24} fill={`url(#swatch-${metal})`} />
              {metal === 'copper-plated-steel' ? <Rect width="100%" height={5} fill={t.metals.copper.fill} /> : null}
            </Svg>
            <Words size={14} bold={value === metal} numberOfLines={2} style={arrange.middle}>
              {METAL_WORDS[metal]}
            </Words>
          </View>
        </ChoiceCard>
      ))}
    </View>
  );
}

const STATES: readonly { readonly value: HistoryState; readonly label: string }[] = [
  { value: 'new', label: 'new' },
  { value: 'brazed', label: 'brazed before' },
  { value: 'soft-soldered', label: 'soft-soldered' },
];

const OLD_FILLERS = [
  { value: '', label: 'unknown' },
  ...FILLERS.filter((f) => ['BCuP-2', 'BCuP-3', 'BCuP-5', 'BAg-7', 'BAg-36', 'BAg-1', 'Zn-15Al'].includes(f.designation)).map((f) => ({
    value: f.designation,
    label: f.holdsCadmium ? `${f.designation}, cadmium` : f.designation,
  })),
];

interface HistoryProps {
  readonly state: HistoryState;
  readonly oldFiller: string;
  readonly removed: Removal | '';
  readonly year: string;
  /** What is wrong with the year. */
  readonly problem: string | undefined;
  readonly onChange: (part: Partial<Pick<HistoryProps, 'state' | 'oldFiller' | 'removed' | 'year'>>) => void;
}

const REMOVED: readonly { readonly value: Removal | ''; readonly label: string }[] = [
  { value: '', label: 'still there' },
  { value: 'ground-off', label: 'ground off' },
  { value: 'cut-off', label: 'cut off' },
];

function HistoryPicker({ state, oldFiller, removed, year, problem, onChange }: HistoryProps) {
  return (
    <View style={arrange.stack8}>
      <Choice
        label={WORDS.whatItHasBeen}
        value={state}
        options={STATES}
        onChange={(value) => onChange({ state: value, ...(value === 'new' ? { oldFiller: '', removed: '' as const, year: '' } : {}) })}
      />
      {state === 'brazed' ? (
        <View style={arrange.stack4}>
          <Words size={15}>{WORDS.withWhichFiller}</Words>
          <Choice label={WORDS.oldFiller} value={oldFiller} options={OLD_FILLERS} onChange={(value) => onChange({ oldFiller: value })} />
          {oldFiller === '' && removed !== 'cut-off' ? (
            <UnitField
              label={WORDS.madeInTheYear}
              value={year}
              onChange={(text) => onChange({ year: text })}
              error={problem}
              hint={year === '' ? WORDS.notKnownBefore2012 : undefined}
              testID="old-year"
            />
          ) : null}
        </View>
      ) : null}
      {state === 'new' ? null : (
        <Choice label={WORDS.theOldFillerIs} value={removed} options={REMOVED} onChange={(value) => onChange({ removed: value })} />
      )}
    </View>
  );
}

const MALE_SHAPES: readonly { readonly value: Form; readonly label: string }[] = [
  { value: 'tube', label: 'tube' },
  { value: 'capillary', label: 'capillary' },
  { value: 'component-stub', label: 'stub of a part' },
  { value: 'reducer', label: 'reducer' },
];

/** Part 1: the tube that goes in. */
export function MaleEditor({ planner }: { planner: Planner }) {
  const units = useUnits();
  const [picking, setPicking] = useState(false);
  const { draft, change, problems, plan } = planner;
  const set = (part: Partial<Draft['male']>) => change({ male: { ...draft.male, ...part } });
  const outside = plan ? readingText(formatLength(plan.joint.male.outsideM, units, 2)) : undefined;
  return (
    <View style={arrange.stack12}>
      <Heading size={17}>{WORDS.oneGoesIn}</Heading>
      <Choice label={WORDS.whatGoesIn} value={draft.male.form} options={MALE_SHAPES} onChange={(form) => set({ form })} />
      <View style={arrange.wrap12}>
        <UnitField
          label={WORDS.outsideDiameter}
          value={draft.male.od}
          onChange={(od) => set({ od, wall: '' })}
          unit={bareLengthUnit(units)}
          error={problems['joint.male.od']}
          hint={outside && WORDS.actualOutside(outside)}
          testID="male-od"
        />
        <UnitField
          label={WORDS.wall}
          value={draft.male.wall}
          onChange={(wall) => set({ wall })}
          unit={bareLengthUnit(units)}
          error={problems['joint.male.wall']}
          hint={plan?.joint.assumed.includes('wall') ? WORDS.table(readingText(formatLength(plan.joint.male.wallM, units, 2))) : undefined}
          testID="male-wall"
        />
      </View>
      <FrameKey label={picking ? WORDS.closeTheList : WORDS.pickATube} onPress={() => setPicking(!picking)} />
      {picking ? (
        <SizePicker
          units={units}
          onPick={(row) => {
            set(pickedText(row));
            setPicking(false);
          }}
        />
      ) : null}
      <Words size={14} tone="ink2">
        {WORDS.typeAsYouLike}
      </Words>
      <Words size={15}>{WORDS.itsMetal}</Words>
      <MetalPicker value={draft.male.metal} onPick={(metal) => set({ metal })} />
      <HistoryPicker {...draft.male} year={draft.male.year ?? ''} problem={problems['joint.male.history.year']} onChange={set} />
    </View>
  );
}

/** Part 2: what takes the tube. */
export function FemaleEditor({ planner }: { planner: Planner }) {
  const units = useUnits();
  const { draft, change, problems, plan } = planner;
  const set = (part: Partial<Draft['female']>) => change({ female: { ...draft.female, ...part } });
  const table = (key: 'bore' | 'cup-depth', metres: number | undefined) =>
    plan?.joint.assumed.includes(key) && metres !== undefined ? `table: ${readingText(formatLength(metres, units, 2))} *` : undefined;
  const unit = bareLengthUnit(units);
  return (
    <View style={arrange.stack12}>
      <Heading size={17}>{WORDS.twoTakesIt}</Heading>
      <ShapePicker draft={draft} onPick={({ form, metal }) => set({ form, metal })} />
      {draft.female.form === 'saddle' ? <RunFields planner={planner} /> : null}
      <Words size={15}>{WORDS.itsMetal}</Words>
      <MetalPicker value={draft.female.metal} onPick={(metal) => set({ metal })} />
      <View style={arrange.wrap12}>
        <UnitField
          label={WORDS.boreMeasured}
          value={draft.female.bore}
          onChange={(bore) => set({ bore })}
          unit={unit}
          error={problems['joint.female.bore']}
          hint={table('bore', plan?.joint.female.boreM)}
          testID="female-bore"
        />
        <UnitField
          label={WORDS.cupDepth}
          value={draft.female.cupDepth}
          onChange={(cupDepth) => set({ cupDepth })}
          unit={unit}
          error={problems['joint.female.cupDepth']}
          hint={table('cup-depth', plan?.joint.female.cupDepthM)}
          testID="female-depth"
        />
        <UnitField
          label={WORDS.wall}
          value={draft.female.wall}
          onChange={(wall) => set({ wall })}
          unit={unit}
          error={problems['joint.female.wall']}
          hint={draft.female.wall === '' ? WORDS.asTheTube : undefined}
          testID="female-wall"
        />
      </View>
      <HistoryPicker {...draft.female} year={draft.female.year ?? ''} problem={problems['joint.female.history.year']} onChange={set} />
    </View>
  );
}

const styles = StyleSheet.create({
  shape: { alignItems: 'center' },
  help: { position: 'absolute', right: 4, top: 4 },
});
