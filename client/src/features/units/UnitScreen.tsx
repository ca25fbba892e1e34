import type { CircuitView, JobSummary, UnitView } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import { formatDistance, formatGaugePressure, formatMass, formatTemperature, gaugePascals, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useMayMake } from '@/session/useMayMake';
import { useTodayQuery } from '@/data/today/api';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Reading } from '@/ui/Reading';
import { Sheet } from '@/ui/Sheet';
import { StageRow } from '@/ui/StagePath';
import { Empty } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useUnit, useUnitHistoryQuery } from '@/data/units/api';
import { CircuitHistory } from './CircuitHistory';
import { PlatePhoto } from './PlatePhoto';
import { UnitDrawing } from './UnitDrawing';
import { WithDrawings } from './WithDrawings';
import { WORDS } from './words';

/** One machine: its plate, circuit by circuit, and what is being done to it. */
export function UnitScreen({ id }: { id: string }) {
  return (
    <Fetched<UnitView> query={useUnit(id)} what={WORDS.theUnit}>
      {(unit) => <Ready unit={unit} />}
    </Fetched>
  );
}

function Ready({ unit }: { unit: UnitView }) {
  const router = useRouter();
  const units = useUnits();
  const { data: today } = useTodayQuery();
  const mayMake = useMayMake();
  const jobs = (today?.jobs ?? []).filter((job) => job.unit.id === unit.id);
  const { data: history } = useUnitHistoryQuery(unit.id);
  const several = unit.circuits.length > 1;
  const past = (history?.jobs ?? []).filter((job) => job.done);
  const openJob = () => router.push(`/jobs/new?unit=${unit.id}`);
  return (
    <Sheet
      tag={unit.tag}
      title={unit.name}
      subtitle={`${UNIT_KIND_WORDS[unit.kind]}, ${unit.site.name}`}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'unit', unit: { name: unit.tag } }}
      action={mayMake ? { label: WORDS.openAJobHere, onPress: openJob } : undefined}
      aside={
        <View style={arrange.stack10}>
          <Heading size={17}>{WORDS.openJobs}</Heading>
          {jobs.length === 0 ? <Empty title={WORDS.noJobIsOpen} text={WORDS.aJobThatIs} /> : null}
          {jobs.map((job) => (
            <JobRow key={job.id} job={job} />
          ))}
          {history
            ? unit.circuits.map((circuit) => <CircuitHistory key={circuit.id} circuit={circuit} named={several} history={history} />)
            : null}
          {past.length > 0 ? <Heading size={17}>{WORDS.earlierJobs}</Heading> : null}
          {past.map(({ id, number, title }) => (
            <FrameKey key={id} label={WORDS.job(number, title)} onPress={() => router.push(`/jobs/${id}`)} />
          ))}
          {mayMake ? <FrameKey label={WORDS.putThePlateRight} onPress={() => router.push(`/units/${unit.id}/plate`)} /> : null}
        </View>
      }
    >
      <WithDrawings circuits={unit.circuits}>{(graphs) => <UnitDrawing unit={unit} graphs={graphs} history={history} />}</WithDrawings>
      {unit.circuits.map((circuit) => (
        <Plate key={circuit.id} circuit={circuit} named={several} />
      ))}
      <Nameplate unit={unit} />
      <View style={arrange.wrap12}>
        {(unit.platePhotos ?? []).map((sha256, i) => (
          <PlatePhoto key={sha256} sha256={sha256} number={i + 1} />
        ))}
      </View>
      <Words size={14} tone="ink2">
        {WORDS.liesAboveTheSea(unit.site.name, readingText(formatDistance(unit.site.altitudeM, units)).replace('.0 ', ' '))}
      </Words>
      <View style={arrange.atStart}>
        <FrameKey quiet label={WORDS.sites} onPress={() => router.push('/sites')} />
      </View>
    </Sheet>
  );
}

/** The machine itself: model and number, its dates, and those of the same model. */
function Nameplate({ unit }: { unit: UnitView }) {
  const day = (text: string) => format(new Date(text), 'd MMM yyyy');
  const lines = [
    ...(unit.model ? [`model ${unit.model}${unit.serial ? `, number ${unit.serial}` : ''}`] : []),
    ...(unit.installedOn ? [`installed ${day(unit.installedOn)}`] : []),
    ...(unit.warrantyUntil ? [`warranty ${new Date(unit.warrantyUntil) < new Date() ? 'ended' : 'until'} ${day(unit.warrantyUntil)}`] : []),
    ...(unit.registeredOn ? [`registered ${day(unit.registeredOn)}`] : []),
    ...(unit.sisters.length > 0 ? [`of the same model: ${unit.sisters.join(', ')}`] : []),
  ];
  return lines.length > 0 ? <Words size={15}>{lines.join(' · ')}</Words> : null;
}

function JobRow({ job }: { job: JobSummary }) {
  const router = useRouter();
  return (
    <View style={arrange.stack4}>
      <FrameKey label={WORDS.job(job.number, job.title)} onPress={() => router.push(`/jobs/${job.id}`)} />
      <StageRow stage={job.stage} began={job.began} done={job.done} />
    </View>
  );
}

function Plate({ circuit, named }: { circuit: CircuitView; named: boolean }) {
  const t = useTokens();
  const units = useUnits();
  const pressure = (pa: number) => formatGaugePressure(gaugePascals(pa), units);
  const cells = [
    { label: 'refrigerant', reading: { value: circuit.refrigerant, unit: circuit.safetyClass ?? '' } },
    { label: 'limit, high side', reading: pressure(circuit.highSideDesignGaugePa) },
    { label: 'limit, low side', reading: pressure(circuit.lowSideDesignGaugePa) },
    { label: 'coldest', reading: formatTemperature(circuit.coldestC, units) },
    ...(circuit.chargeKg === undefined ? [] : [{ label: 'charge', reading: formatMass(circuit.chargeKg, units) }]),
    ...(circuit.oil === undefined ? [] : [{ label: 'oil', reading: { value: circuit.oil, unit: '' } }]),
  ];
  return (
    <View style={{ backgroundColor: t.panel, borderWidth: 1.5, borderColor: t.rule, borderRadius: 4, padding: 14, gap: 8 }}>
      <Words size={15} tone="ink2">
        {named ? `the plate, ${circuit.name}` : 'the plate'}
      </Words>
      <View style={styles.plate}>
        {cells.map(({ label, reading }) => (
          <View key={label} style={styles.field}>
            <Reading label={label} value={reading.value} unit={reading.unit} size={28} />
          </View>
        ))}
      </View>
      {circuit.purgeSections.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.noLineIsMeasuredYet}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  plate: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24, rowGap: 12 },
  field: { minWidth: 140 },
});
