import { useState } from 'react';
import { View } from 'react-native';
import { useVanStock } from '@/data/van/api';
import { bareLengthUnit, useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { FieldError } from '@/ui/FieldError';
import { UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { CIRCUIT_STATES, FUELS, OIL, POSITIONS, WINDS_HERE } from '@/draft/choices';
import { USUAL_PLACE, type PlaceDraft } from '@/draft/drafts';
import type { Planner } from '../usePlanner';
import { TipChoice } from './TipChoice';
import { WORDS } from '../words';

interface Field {
  readonly key: Exclude<keyof PlaceDraft, 'position' | 'fuel' | 'sulphur' | 'circuit' | 'oil' | 'wind' | 'belowGround'>;
  readonly label: string;
  /** As the engine names it: where a complaint about it stands. */
  readonly path: string;
  readonly usual: string;
}

const PLACE: readonly Field[] = [
  { key: 'ambient', label: 'air round it', path: 'ambient', usual: '20 °C *' },
  { key: 'room', label: 'closed room', path: 'purge.room.volume', usual: 'in the open *' },
  { key: 'ventilation', label: 'ventilation', path: 'purge.ventilation', usual: 'none *' },
  { key: 'flood', label: 'flood flow', path: 'purge.flood', usual: '15 L/min *' },
];

const TORCH: readonly Field[] = [
  { key: 'regulator', label: 'fuel regulator', path: 'torch.regulator', usual: 'not read' },
  { key: 'holdSeconds', label: 'held at heat, s', path: 'holdSeconds', usual: '10 s *' },
];

const SERVICE: readonly Field[] = [
  { key: 'design', label: 'design pressure', path: 'service.designPressure', usual: 'from the plate' },
  { key: 'rating', label: 'maker’s rating', path: 'service.rating', usual: 'by the code' },
  { key: 'testRating', label: 'maker’s test pressure', path: 'service.testRating', usual: '1.1 x the lower limit' },
  { key: 'makersFillers', label: 'maker’s list of rods', path: 'service.makersFillers', usual: 'of copper-iron: read it first' },
  { key: 'coldest', label: 'coldest', path: 'service.minTemp', usual: 'from the circuit' },
  { key: 'hottest', label: 'hottest metal', path: 'service.maxTemp', usual: 'usual for this line *' },
];

interface PlaceProps {
  readonly planner: Planner;
  readonly set: (part: Partial<PlaceDraft>) => void;
}

/** What is wrong with a figure, or with one of those in a list. */
const problemAt = (problems: Planner['problems'], path: string) =>
  problems[path] ?? Object.entries(problems).find(([field]) => field.startsWith(`${path}[`))?.[1];

function Fields({ fields, planner, set }: PlaceProps & { fields: readonly Field[] }) {
  const { place } = planner.draft;
  return (
    <View style={arrange.wrap12}>
      {fields.map(({ key, label, path, usual }) => (
        <UnitField
          key={key}
          label={label}
          value={place[key] ?? ''}
          onChange={(text) => set({ [key]: text })}
          error={problemAt(planner.problems, path)}
          hint={(place[key] ?? '') === '' ? usual : undefined}
          testID={`place-${key}`}
        />
      ))}
    </View>
  );
}

/** How much of the place was said, so that a closed list does not hide it. */
const saidCount = (place: PlaceDraft) =>
  Object.keys(USUAL_PLACE).filter((key) => place[key as keyof PlaceDraft] !== USUAL_PLACE[key as keyof PlaceDraft]).length; // cast: keys of this very object

/** What else the engine can use; closed until wanted, and what is assumed stands in every empty field. */
export function PlaceEditor({ planner }: { planner: Planner }) {
  const { data: van } = useVanStock();
  const { problems } = planner;
  const { place } = planner.draft;
  const said = saidCount(place);
  const [open, setOpen] = useState(false);
  const set = (part: Partial<PlaceDraft>) => planner.change({ place: { ...place, ...part } });
  const vanFuel = van?.torch.fuel ?? 'air-acetylene';
  const label = open ? 'Close' : `More about this place${said > 0 ? `: ${said} said` : ''}`;
  return (
    <View style={arrange.stack12}>
      <FrameKey label={label} onPress={() => setOpen(!open)} testID="more-place" />
      {open ? (
        <>
          <Heading size={17}>{WORDS.howItLies}</Heading>
          <Choice label={WORDS.position} value={place.position} options={POSITIONS} onChange={(position) => set({ position })} />
          <Heading size={17}>{WORDS.beforeTheTorch}</Heading>
          <Choice label={WORDS.stateOfTheCircuit} value={place.circuit} options={CIRCUIT_STATES} onChange={(circuit) => set({ circuit })} />
          <Choice label={WORDS.oilInTheTube} value={place.oil} options={OIL} onChange={(oil) => set({ oil })} />
          <Choice label={WORDS.wind} value={place.wind ?? 'calm'} options={WINDS_HERE} onChange={(wind) => set({ wind })} />
          <CheckRow label={WORDS.belowGround} checked={place.belowGround ?? false} onChange={(belowGround) => set({ belowGround })} />
          <Fields fields={PLACE} planner={planner} set={set} />
          <Heading size={17}>{WORDS.torch}</Heading>
          {planner.takeVan ? (
            <>
              <Words size={15}>{WORDS.plannedWithTheRods}</Words>
              <FrameKey label={WORDS.takeTheVanAs} onPress={planner.takeVan} testID="take-van" />
            </>
          ) : null}
          <Choice
            label={WORDS.fuel}
            value={place.fuel || vanFuel}
            options={FUELS}
            onChange={(fuel) => set({ fuel: fuel === vanFuel ? '' : fuel, tipKw: '' })}
          />
          <Words size={15}>{WORDS.tip}</Words>
          <TipChoice place={place} van={van?.torch ?? null} onChange={(tipKw) => set({ tipKw })} />
          {problems['torch.powerKw'] ? <FieldError text={problems['torch.powerKw']} hint={undefined} /> : null}
          <Fields fields={TORCH} planner={planner} set={set} />
          <Heading size={17}>{WORDS.service}</Heading>
          <Fields fields={SERVICE} planner={planner} set={set} />
          <Choice
            label={WORDS.sulphurInTheAir}
            value={place.sulphur ? 'yes' : 'no'}
            options={[
              { value: 'no', label: WORDS.cleanAir },
              { value: 'yes', label: WORDS.sulphurNearBy },
            ]}
            onChange={(v) => set({ sulphur: v === 'yes' })}
          />
        </>
      ) : null}
    </View>
  );
}

/** Of a branch: the tube it stands on, which carries heat both ways. */
export function RunFields({ planner }: { planner: Planner }) {
  const unit = bareLengthUnit(useUnits());
  const { draft, change, problems } = planner;
  const set = (part: Partial<typeof draft.female>) => change({ female: { ...draft.female, ...part } });
  return (
    <View style={arrange.stack6}>
      <Words size={15}>{WORDS.theTubeItStands}</Words>
      <View style={arrange.wrap12}>
        <UnitField
          label={WORDS.runOutside}
          value={draft.female.runOd}
          onChange={(runOd) => set({ runOd })}
          unit={unit}
          error={problems['joint.female.run.od']}
          testID="run-od"
        />
        <UnitField
          label={WORDS.runWall}
          value={draft.female.runWall}
          onChange={(runWall) => set({ runWall })}
          unit={unit}
          error={problems['joint.female.run.wall']}
          testID="run-wall"
        />
      </View>
    </View>
  );
}
