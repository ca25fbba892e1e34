import { partName, SPRINKLER_BULBS } from '@kesto/contract/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { bareLengthUnit, useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { UnitField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { EVERYDAY_KINDS, KINDS, PROTECTIONS, WAYS } from '@/draft/choices';
import type { NearDraft, WrapDraft } from '@/draft/drafts';
import { useCarried } from '@/data/van/useCarried';
import { placedNear, USUAL_WRAP } from '../grips/moves';
import type { Planner } from '../usePlanner';
import { WORDS } from '../words';

/** Parts the heat could hurt: put down with one touch, then moved in the drawing or typed here. */
export function NearEditor({ planner }: { planner: Planner }) {
  const units = useUnits();
  const { draft, change } = planner;
  const [all, setAll] = useState(false);
  const setNear = (index: number, part: Partial<NearDraft>) =>
    change({ near: draft.near.map((n, i) => (i === index ? { ...n, ...part } : n)) });
  return (
    <View style={arrange.stack12}>
      <Words size={15} bold>
        {WORDS.whatTheHeatCouldHurt}
      </Words>
      <Words size={14} tone="ink2">
        {WORDS.touchWhatIsNear}
      </Words>
      <View role="group" aria-label={WORDS.putAPartOn} style={arrange.wrap6}>
        {KINDS.slice(0, all ? KINDS.length : EVERYDAY_KINDS).map(({ value, label }) => (
          <FrameKey
            key={value}
            label={`+ ${label}`}
            testID={`place-${value}`}
            onPress={() => change({ near: [...draft.near, placedNear(value, units)] })}
          />
        ))}
        <FrameKey label={all ? WORDS.fewer : WORDS.others} onPress={() => setAll(!all)} testID="other-kinds" />
      </View>
      {draft.near.map((part, i) => (
        <NearPart
          key={i}
          part={part}
          index={i}
          branch={draft.female.form === 'saddle'}
          problems={planner.problems}
          onChange={(change) => setNear(i, change)}
          onRemove={() => change({ near: draft.near.filter((_, j) => j !== i) })}
        />
      ))}
    </View>
  );
}

const DISTANCE_LABELS = {
  male: 'from the cup’s mouth',
  female: 'from the cup’s bottom',
  run: 'from the branch',
  head: 'sideways from the flame',
} as const;

const isAHead = (part: NearDraft) => part.kind === 'sprinkler' || part.kind === 'detector';

/** What its plate or sheet says, in place of what is usual for its kind. */
function MoreOfPart({ part, index, problems, onChange }: Pick<NearPartProps, 'part' | 'index' | 'problems' | 'onChange'>) {
  const unit = bareLengthUnit(useUnits());
  if (isAHead(part)) {
    return (
      <View style={arrange.stack8}>
        <View style={arrange.wrap12}>
          <UnitField
            label={WORDS.aboveTheFlame}
            value={part.height ?? ''}
            onChange={(height) => onChange({ height })}
            unit={unit}
            error={problems[`near[${index}].height`]}
            hint={part.height ? undefined : '2 m *'}
          />
          <UnitField
            label={WORDS.opensAt}
            value={part.limit ?? ''}
            onChange={(limit) => onChange({ limit })}
            error={problems[`near[${index}].limit`]}
            hint={part.limit ? undefined : '57 °C *'}
          />
        </View>
        {part.kind === 'sprinkler' ? (
          <Words size={14} tone="ink2">
            {SPRINKLER_BULBS}
          </Words>
        ) : null}
      </View>
    );
  }
  return (
    <View style={arrange.wrap12}>
      {part.kind === 'brazed-joint' ? (
        <UnitField
          label={WORDS.itsFiller}
          value={part.filler ?? ''}
          onChange={(filler) => onChange({ filler })}
          error={problems[`near[${index}].filler`]}
          hint={part.filler ? undefined : WORDS.bag36Bcup5}
        />
      ) : null}
      <UnitField
        label={WORDS.allowed}
        value={part.limit ?? ''}
        onChange={(limit) => onChange({ limit })}
        error={problems[`near[${index}].limit`]}
        hint={part.limit ? undefined : WORDS.usualForItsKind}
      />
      <UnitField
        label={WORDS.itsMass}
        value={part.mass ?? ''}
        onChange={(mass) => onChange({ mass })}
        error={problems[`near[${index}].mass`]}
        hint={part.mass ? undefined : WORDS.usualForItsKind}
      />
    </View>
  );
}

interface NearPartProps {
  readonly part: NearDraft;
  readonly index: number;
  /** The joint is a branch: a part may stand along its run. */
  readonly branch: boolean;
  readonly problems: Planner['problems'];
  readonly onChange: (part: Partial<NearDraft>) => void;
  readonly onRemove: () => void;
}

function NearPart({ part, index, branch, problems, onChange, onRemove }: NearPartProps) {
  const isCarried = useCarried();
  const t = useTokens();
  const unit = bareLengthUnit(useUnits());
  const isHead = isAHead(part);
  return (
    <View style={{ gap: 8, borderLeftWidth: 4, borderColor: t.copper, paddingLeft: 10 }}>
      <Words size={15} bold>
        {partName(part.kind)}
      </Words>
      <UnitField
        label={DISTANCE_LABELS[isHead ? 'head' : part.along]}
        value={part.distance}
        onChange={(distance) => onChange({ distance })}
        unit={unit}
        error={problems[`near[${index}].distance`]}
      />
      <Choice
        label={WORDS.whichSidePartIs(index + 1)}
        value={part.along}
        options={WAYS.filter(({ value }) => branch || value !== 'run')}
        onChange={(along) => onChange({ along, wrap: USUAL_WRAP })}
      />
      <Choice
        label={WORDS.protectionOfPart(index + 1)}
        value={part.protection}
        options={PROTECTIONS.map((one) => ({ ...one, disabled: one.value !== part.protection && !isCarried(one.value) }))}
        onChange={(protection) => onChange({ protection })}
      />
      {part.protection === 'none' || part.protection === 'removed' ? null : (
        <WrapFields
          wrap={part.wrap ?? USUAL_WRAP}
          unit={unit}
          problemOf={(key) => problems[`near[${index}].protection.${key}`]}
          onChange={(wrap) => onChange({ wrap })}
        />
      )}
      <MoreOfPart part={part} index={index} problems={problems} onChange={onChange} />
      <FrameKey label={WORDS.takeThisPartOff} onPress={onRemove} />
    </View>
  );
}

interface WrapFieldsProps {
  readonly wrap: WrapDraft;
  readonly unit: string;
  readonly problemOf: (key: keyof WrapDraft) => string | undefined;
  readonly onChange: (wrap: WrapDraft) => void;
}

const WRAP_FIELDS = [
  { key: 'from', label: 'wrap from' },
  { key: 'to', label: 'wrap to' },
  { key: 'water', label: 'water in it' },
] as const;

/** The usual wrap is meant until somebody opens it. */
function WrapFields({ wrap, unit, problemOf, onChange }: WrapFieldsProps) {
  const said = WRAP_FIELDS.some(({ key }) => wrap[key] !== '');
  const [open, setOpen] = useState(said);
  if (!open) return <FrameKey label={WORDS.anotherWrapThanThe} onPress={() => setOpen(true)} />;
  return (
    <View style={arrange.wrap12}>
      {WRAP_FIELDS.map(({ key, label }) => (
        <UnitField
          key={key}
          label={label}
          value={wrap[key]}
          onChange={(text) => onChange({ ...wrap, [key]: text })}
          {...(key === 'water' ? {} : { unit })}
          error={problemOf(key)}
          hint={wrap[key] === '' ? WORDS.theUsual : undefined}
        />
      ))}
    </View>
  );
}
