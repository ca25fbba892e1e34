import { View } from 'react-native';
import { bareLengthUnit, useUnits } from '@/state/units';
import { Choice, FrameKey } from '@/ui/Keys';
import { useTokens } from '@/ui/theme';
import { UnitField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { KINDS, PROTECTIONS, WAYS } from './aroundChoices';
import type { NearDraft, WrapDraft } from './drafts';
import { placedNear, USUAL_WRAP } from './moves';
import type { Planner } from './usePlanner';

/** Parts the heat could hurt: put down with one touch, then moved in the drawing or typed here. */
export function NearEditor({ planner }: { planner: Planner }) {
  const units = useUnits();
  const { draft, change } = planner;
  const setNear = (index: number, part: Partial<NearDraft>) =>
    change({ near: draft.near.map((n, i) => (i === index ? { ...n, ...part } : n)) });
  return (
    <View style={{ gap: 12 }}>
      <Words size={15} bold>
        What the heat could hurt
      </Words>
      <Words size={14} tone="ink2">
        Touch what is near: it is put on the drawing, then drag it to its place.
      </Words>
      <View role="group" aria-label="put a part on the drawing" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
        {KINDS.map(({ value, label }) => (
          <FrameKey
            key={value}
            label={`+ ${label}`}
            testID={`place-${value}`}
            onPress={() => change({ near: [...draft.near, placedNear(value, units)] })}
          />
        ))}
      </View>
      {draft.near.map((part, i) => (
        <NearPart
          key={i}
          part={part}
          index={i}
          problems={planner.problems}
          onChange={(change) => setNear(i, change)}
          onRemove={() => change({ near: draft.near.filter((_, j) => j !== i) })}
        />
      ))}
    </View>
  );
}

interface NearPartProps {
  readonly part: NearDraft;
  readonly index: number;
  readonly problems: Planner['problems'];
  readonly onChange: (part: Partial<NearDraft>) => void;
  readonly onRemove: () => void;
}

function NearPart({ part, index, problems, onChange, onRemove }: NearPartProps) {
  const t = useTokens();
  const unit = bareLengthUnit(useUnits());
  return (
    <View style={{ gap: 8, borderLeftWidth: 4, borderColor: t.copper, paddingLeft: 10 }}>
      <Words size={15} bold>
        {part.kind.replaceAll('-', ' ')}
      </Words>
      <UnitField
        label="distance from the cup"
        value={part.distance}
        onChange={(distance) => onChange({ distance })}
        unit={unit}
        error={problems[`near[${index}].distance`]}
      />
      <Choice
        label={`which way to part ${index + 1}`}
        value={part.along}
        options={WAYS}
        onChange={(along) => onChange({ along, wrap: USUAL_WRAP })}
      />
      <Choice
        label={`protection of part ${index + 1}`}
        value={part.protection}
        options={PROTECTIONS}
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
      <FrameKey label="Take this part off the list" onPress={onRemove} />
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

function WrapFields({ wrap, unit, problemOf, onChange }: WrapFieldsProps) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
      {WRAP_FIELDS.map(({ key, label }) => (
        <UnitField
          key={key}
          label={label}
          value={wrap[key]}
          onChange={(text) => onChange({ ...wrap, [key]: text })}
          {...(key === 'water' ? {} : { unit })}
          error={problemOf(key)}
          hint={wrap[key] === '' ? 'the usual *' : undefined}
        />
      ))}
    </View>
  );
}
