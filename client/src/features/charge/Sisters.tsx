import type { JobView } from '@kesto/contract';
import { formatMass, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { useSisterChargesQuery } from '@/data/units/api';
import { useUnits } from '@/session/units';
import { ListRow } from '@/ui/ListRow';
import { Failed, Loading } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

/** What machines of the same model hold: a charge that may only be weighed is compared with them. */
export function Sisters({ job }: { job: JobView }) {
  const units = useUnits();
  const { data, error } = useSisterChargesQuery(job.unit.id);
  const kg = (mass: number) => readingText(formatMass(mass, units));
  return (
    <View style={styles.all}>
      <Heading size={17}>{WORDS.sisters}</Heading>
      {error && !data ? <Failed message={WORDS.sistersAway} /> : null}
      {!data && !error ? <Loading what={WORDS.sistersWhat} /> : null}
      {data?.length === 0 ? <Words size={15}>{WORDS.noSister}</Words> : null}
      {(data ?? []).map(({ tag, refrigerant, plateKg, last }, i) => (
        <ListRow key={`${tag}.${i}`} onPress={null}>
          <Mono size={17}>{tag}</Mono>
          <View style={styles.text}>
            <Words size={15}>{plateKg === null ? WORDS.noPlate(refrigerant) : WORDS.byPlateOf(kg(plateKg), refrigerant)}</Words>
            <Words size={14} tone="ink2">
              {last ? WORDS.lastCharged(kg(last.kg), format(new Date(last.at), 'd MMM yyyy'), last.jobNumber) : WORDS.neverCharged}
            </Words>
          </View>
        </ListRow>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 4 }, text: { flex: 1 } });
