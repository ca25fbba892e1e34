import type { SiteView, UnitKind, UnitView } from '@kesto/contract';
import { USUAL_COLDEST_C, writeTemperature, type UnitPreferences } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { FormFigure, FormText } from '@/forms/FormFields';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { useUnits } from '@/session/units';
import { Heading, Words } from '@/ui/Words';
import { useSites, useUnit } from '@/data/units/api';
import { KindPicker } from './KindPicker';
import { WaterTable } from './WaterTable';
import { PlateFields } from './PlateFields';
import { PlatePhotos } from './PlatePhotos';
import { SiteChoice } from './SiteChoice';
import { newCircuit, NEW_SITE, type UnitForm } from './unitForm';
import { useUnitForm } from './useUnitForm';
import { WORDS } from './words';

/** A unit from its plate: the first of them makes a shop's first site as well. */
export function NewUnitScreen({ site }: { site?: string | undefined }) {
  return (
    <Fetched<readonly SiteView[]> query={useSites()} what={WORDS.theSites}>
      {(sites) => <Ready unit={null} sites={sites} site={site} />}
    </Fetched>
  );
}

/** A plate that is put right. */
export function UnitPlateScreen({ id }: { id: string }) {
  const sites = useSites();
  return (
    <Fetched<UnitView> query={useUnit(id)} what={WORDS.theUnit}>
      {(unit) => (
        <Fetched<readonly SiteView[]> query={sites} what={WORDS.theSites}>
          {(all) => <Ready unit={unit} sites={all} />}
        </Fetched>
      )}
    </Fetched>
  );
}

function Ready({ unit, sites, site }: { unit: UnitView | null; sites: readonly SiteView[]; site?: string | undefined }) {
  const router = useRouter();
  const wide = useIsWide();
  const { form, problem, busy, store } = useUnitForm(unit, sites, site);
  const tag = useWatch({ control: form.control, name: 'tag' }).trim().toUpperCase();
  const send = form.handleSubmit(async (values) => {
    if (await store(values)) router.replace(unit ? `/units/${unit.id}` : `/jobs/new?unit=${values.unitId}`);
  });
  const wrong = Object.keys(form.formState.errors).length > 0;
  const where = <Where form={form} sites={sites} />;
  return (
    <Sheet
      tag={unit?.tag ?? (tag || 'new')}
      title={unit ? WORDS.putThePlateRight : WORDS.aUnitFromIts}
      subtitle={unit ? `${unit.name}, ${unit.site.name}` : WORDS.leftHereItIs}
      up={unit ? { label: unit.tag, href: `/units/${unit.id}` } : { label: WORDS.today, href: '/' }}
      cells={{ here: 'unit', unit: { name: unit?.tag ?? 'new' } }}
      action={{
        label: busy ? WORDS.keeping : unit ? WORDS.keepItSo : `Keep ${tag || 'it'}`,
        onPress: () => void send(),
        disabled: busy,
      }}
      aside={wide ? where : undefined}
    >
      {problem ? <Failed message={problem} /> : null}
      {wrong ? (
        <Words size={15} tone="red" bold role="alert">
          {WORDS.somethingIsMissing}
        </Words>
      ) : null}
      <Plates form={form} />
      <View style={arrange.atStart}>
        <FrameKey label={WORDS.aSecondCircuit} onPress={() => addCircuit(form)} />
      </View>
      <Heading size={20}>{WORDS.whatIsItLike}</Heading>
      <Kind form={form} />
      <WaterTable form={form} />
      {wide ? null : where}
    </Sheet>
  );
}

type Form = ReturnType<typeof useUnitForm>['form'];

function Plates({ form }: { form: Form }) {
  const circuits = useWatch({ control: form.control, name: 'circuits' });
  return circuits.map(({ id }, i) => <PlateFields key={id} form={form} index={i} />);
}

function Kind({ form }: { form: Form }) {
  const units = useUnits();
  const kind = useWatch({ control: form.control, name: 'kind' });
  return <KindPicker value={kind} onPick={(picked) => pickKind(form, picked, units)} error={form.formState.errors.kind?.message} />;
}

/** Where nobody said how cold it gets, what such a machine usually comes down to stands there, to be read on the plate. */
function pickKind(form: Form, kind: UnitKind, units: UnitPreferences): void {
  form.setValue('kind', kind, { shouldValidate: form.formState.isSubmitted });
  const usual = USUAL_COLDEST_C[kind];
  if (usual === null) return;
  form.getValues('circuits').forEach(({ coldest }, i) => {
    if (coldest.trim() === '') form.setValue(`circuits.${i}.coldest`, writeTemperature(usual, units));
  });
}

function addCircuit(form: Form): void {
  const circuits = form.getValues('circuits');
  const named = circuits.map((circuit, i) => (circuit.name === 'main' ? { ...circuit, name: `circuit ${i + 1}` } : circuit));
  const next = newCircuit(`circuit ${circuits.length + 1}`);
  // It begins as a copy of the first: what differs is changed.
  const [first] = circuits;
  form.setValue('circuits', [...named, { ...(first ?? next), id: next.id, name: next.name, swept: [] }]);
}

function Where({ form, sites }: { form: Form; sites: readonly SiteView[] }) {
  const units = useUnits();
  const { control } = form;
  const [siteId, platePhotos] = useWatch({ control, name: ['siteId', 'platePhotos'] });
  return (
    <View style={arrange.stack12}>
      <Heading size={20}>{WORDS.whatIsItCalled}</Heading>
      <FormFigure<UnitForm> control={control} name="tag" label={WORDS.tagOnTheMachine} hint={WORDS.shortAsCr2Every} />
      <FormText<UnitForm> control={control} name="name" label={WORDS.nameAsVaultCold} />
      <FormText<UnitForm> control={control} name="model" label={WORDS.model} />
      <FormText<UnitForm> control={control} name="serial" label={WORDS.serialNumber} />
      <View style={arrange.wrap12}>
        <FormFigure<UnitForm> control={control} name="installedOn" label={WORDS.installed} hint={WORDS.as20210510} />
        <FormFigure<UnitForm> control={control} name="warrantyUntil" label={WORDS.warrantyUntil} hint={WORDS.as20260510} />
        <FormFigure<UnitForm> control={control} name="registeredOn" label={WORDS.registered} hint={WORDS.whereThePlaceAsks} />
      </View>
      <PlatePhotos photos={platePhotos} onChange={(photos) => form.setValue('platePhotos', photos)} />
      {sites.length > 0 ? <SiteChoice control={control} /> : null}
      {siteId === NEW_SITE ? (
        <>
          <FormText<UnitForm> control={control} name="siteName" label={WORDS.nameOfTheSite} />
          <FormFigure<UnitForm>
            control={control}
            name="altitude"
            label={WORDS.aboveTheSea}
            unit={units.length === 'metric' ? 'm' : 'ft'}
            hint={WORDS.n0WhereItIs}
          />
        </>
      ) : null}
    </View>
  );
}
