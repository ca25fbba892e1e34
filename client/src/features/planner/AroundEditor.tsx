import { SCHOOL_TEXTS } from '@kesto/contract/wording';
import {
  SCHOOLS,
  type Access,
  type NearKind,
  type OutletKind,
  type ProtectionKind,
  type SchoolQuestion,
  type Schools,
  type Side,
} from '@kesto/core';
import { View } from 'react-native';
import { bareLengthUnit, useUnits } from '@/state/units';
import { Choice, FrameKey } from '@/ui/Keys';
import { useTokens } from '@/ui/theme';
import { UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import type { Draft, NearDraft } from './drafts';
import type { Planner } from './usePlanner';

const SIDES: readonly { readonly value: Side; readonly label: string }[] = [
  { value: 'suction', label: 'suction' },
  { value: 'liquid', label: 'liquid' },
  { value: 'discharge', label: 'discharge' },
];
const ACCESSES: readonly { readonly value: Access; readonly label: string }[] = [
  { value: 'open', label: 'seen all round' },
  { value: 'tight', label: 'tight' },
  { value: 'bench', label: 'on the bench' },
];
const OUTLETS: readonly { readonly value: OutletKind; readonly label: string }[] = [
  { value: 'open-tube', label: 'open tube' },
  { value: 'port-core-out', label: 'port, core out' },
  { value: 'port-core-in', label: 'port, core in' },
  { value: 'none', label: 'nothing open' },
];
const KINDS: readonly { readonly value: NearKind; readonly label: string }[] = [
  { value: 'valve', label: 'valve' },
  { value: 'expansion-valve', label: 'expansion valve' },
  { value: 'core', label: 'core' },
  { value: 'drier', label: 'drier' },
  { value: 'transducer', label: 'sensor' },
  { value: 'soft-solder-joint', label: 'soft solder' },
  { value: 'insulation', label: 'insulation' },
  { value: 'sprinkler', label: 'sprinkler' },
];
const PROTECTIONS: readonly { readonly value: ProtectionKind; readonly label: string }[] = [
  { value: 'none', label: 'bare' },
  { value: 'wet-cloth', label: 'wet cloth' },
  { value: 'putty', label: 'putty' },
  { value: 'removed', label: 'taken off' },
];

const WAYS = [
  { value: 'male', label: 'along the tube' },
  { value: 'female', label: 'past the cup' },
] as const;

/** Service, purge way and what is near. */
export function AroundEditor({ planner }: { planner: Planner }) {
  const t = useTokens();
  const { draft, change, problems } = planner;
  const setNear = (index: number, part: Partial<NearDraft>) =>
    change({ near: draft.near.map((n, i) => (i === index ? { ...n, ...part } : n)) });
  const unit = bareLengthUnit(useUnits());
  return (
    <View style={{ gap: 12 }}>
      <Heading size={17}>Around the joint</Heading>
      <Words size={15}>which line</Words>
      <Choice label="which line" value={draft.side} options={SIDES} onChange={(side) => change({ side })} />
      <Choice
        label="does it shake"
        value={draft.vibration ? 'yes' : 'no'}
        options={[
          { value: 'no', label: 'stands still' },
          { value: 'yes', label: 'vibrates' },
        ]}
        onChange={(v) => change({ vibration: v === 'yes' })}
      />
      <Choice label="access" value={draft.access} options={ACCESSES} onChange={(access) => change({ access })} />
      <Words size={15}>where the nitrogen gets out</Words>
      <Choice label="where the nitrogen gets out" value={draft.outlet} options={OUTLETS} onChange={(outlet) => change({ outlet })} />
      {problems['purge.outlet.kind'] ? (
        <Words tone="red" size={15} role="alert">
          {problems['purge.outlet.kind']}
        </Words>
      ) : null}
      <Words size={15}>what the heat could hurt</Words>
      {draft.near.map((part, i) => (
        <View key={i} style={{ gap: 8, borderLeftWidth: 4, borderColor: t.copper, paddingLeft: 10 }}>
          <Choice label={`part ${i + 1}`} value={part.kind} options={KINDS} onChange={(kind) => setNear(i, { kind })} />
          <UnitField
            label="distance from the cup"
            value={part.distance}
            onChange={(distance) => setNear(i, { distance })}
            unit={unit}
            error={problems[`near[${i}].distance`]}
          />
          <Choice label={`which way to part ${i + 1}`} value={part.along} options={WAYS} onChange={(along) => setNear(i, { along })} />
          <Choice
            label={`protection of part ${i + 1}`}
            value={part.protection}
            options={PROTECTIONS}
            onChange={(protection) => setNear(i, { protection })}
          />
          <FrameKey label="Take this part off the list" onPress={() => change({ near: draft.near.filter((_, j) => j !== i) })} />
        </View>
      ))}
      <SchoolChoices draft={draft} onChange={(schools) => change({ schools })} />
      <FrameKey
        label="Add a part that is near"
        onPress={() =>
          change({
            near: [...draft.near, { kind: 'valve', distance: unit === 'mm' ? '60 mm' : '2.5 in', along: 'male', protection: 'none' }],
          })
        }
      />
    </View>
  );
}

const OF_A_JOINT: readonly SchoolQuestion[] = ['houseRod', 'heatProtection'];
const AS_THE_SHOP = 'as the shop';

/** One joint may be made otherwise than the shop does it; the plan then asks why. */
function SchoolChoices({ draft, onChange }: { draft: Draft; onChange: (schools: Schools) => void }) {
  return (
    <View style={{ gap: 8 }}>
      {OF_A_JOINT.map((question) => (
        <View key={question} style={{ gap: 6 }}>
          <Words size={15}>{SCHOOL_TEXTS[question].question.toLowerCase()}</Words>
          <Choice
            label={SCHOOL_TEXTS[question].question}
            value={draft.schools[question] ?? AS_THE_SHOP}
            options={[AS_THE_SHOP, ...SCHOOLS[question]].map((value) => ({ value, label: value }))}
            onChange={(answer) => {
              const { [question]: _before, ...rest } = draft.schools;
              onChange((answer === AS_THE_SHOP ? rest : { ...rest, [question]: answer }) as Schools); // cast: the answers offered are the question's own
            }}
          />
        </View>
      ))}
    </View>
  );
}
