import { stageFactText } from '@kesto/contract/wording';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { ListRow } from '@/ui/ListRow';
import { Heading, Words } from '@/ui/Words';
import { CheckMark } from '@/features/checkMarks';
import type { Check } from '@/data/stages/checks';
import { WORDS } from './words';

/** Without the place, which stands above it. */
const saysOf = (check: Check) => stageFactText(check.last, () => '').replace(/^: /, '');

/** Every place that was looked at, with what was seen: nothing is as plain as a hit. */
export function PlacesChecked({
  checks,
  nameOf,
  onOpen,
}: {
  checks: readonly Check[];
  nameOf: (place: string) => string;
  onOpen: (place: string) => void;
}) {
  return (
    <View>
      <Heading size={20}>{WORDS.placesChecked}</Heading>
      {checks.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.noneYet}
        </Words>
      ) : null}
      {checks.map((check) => (
        <ListRow key={check.place} onPress={() => onOpen(check.place)}>
          <CheckMark {...check} />
          <View style={styles.place}>
            <Words size={15} bold>
              {nameOf(check.place)}
            </Words>
            <Words
              size={15}
              bold={check.result === 'leak'}
              tone={check.result === 'leak' ? 'red' : check.signs.length > 0 ? 'amber' : 'ink2'}
            >
              {saysOf(check)}
            </Words>
          </View>
          <Words size={14} tone="ink2">
            {format(new Date(check.last.at), 'HH:mm')}
          </Words>
        </ListRow>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  place: { flex: 1, paddingVertical: 6 },
});
