import { FIND_METHOD_WORDS, placeWhyText } from '@kesto/contract/wording';
import { factsOf, RIG, type FindMethod, type RankedPlace } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const FIRST = 4;
/** A section that was held is no place that was looked at. */
const OF_A_HOLD: FindMethod = 'section-hold';

interface PlacesToLookProps {
  readonly work: StageWork;
  readonly places: readonly RankedPlace[];
  readonly nameOf: (place: string) => string;
  readonly onOpen: (place: string) => void;
}

/** Where to look next, the likeliest first, each with its why; where nothing shows, one tap says so. */
export function PlacesToLook({ work, places, nameOf, onOpen }: PlacesToLookProps) {
  const [all, setAll] = useState(false);
  if (places.length === 0) return null;
  const used = factsOf(work.facts, 'checked-place').map(({ values }) => values.method);
  const method = used.filter((one) => one !== OF_A_HOLD).at(-1) ?? 'soap';
  const saysNothing = (place: string) => void work.note('checked-place', { place, method, result: 'nothing' });
  return (
    <View style={styles.list}>
      <Heading size={17}>{WORDS.lookNext}</Heading>
      {(all ? places : places.slice(0, FIRST)).map(({ place, why }) => (
        <View key={place} style={styles.place}>
          <View style={styles.opens}>
            <ListRow onPress={() => onOpen(place)}>
              <View style={styles.text}>
                <Words size={15} bold>
                  {nameOf(place)}
                </Words>
                <Words size={14} tone="ink2">
                  {why.map(placeWhyText).join('; ')}
                </Words>
              </View>
            </ListRow>
          </View>
          {place === RIG ? null : (
            <FrameKey
              quiet
              label={WORDS.nothing(FIND_METHOD_WORDS[method])}
              says={WORDS.nothingAt(FIND_METHOD_WORDS[method], nameOf(place))}
              disabled={work.busy}
              onPress={() => saysNothing(place)}
            />
          )}
        </View>
      ))}
      {!all && places.length > FIRST ? <FrameKey label={WORDS.allPlaces(places.length)} onPress={() => setAll(true)} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 4 },
  place: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  opens: { flex: 1 },
  text: { flex: 1 },
});
