import { ASSUMED_SWEPT_M } from '@kesto/core';
import { formatDistance, readingText } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { SWEPT_UNKNOWN } from '@/draft/drafts';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { UnitField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import type { Planner } from '../usePlanner';
import { WORDS } from '../words';

/** The one question of a plan whose line was never measured; assumed and starred until it is answered. */
export function SweptQuestion({ planner }: { planner: Planner }) {
  const units = useUnits();
  const { place } = planner.draft;
  if (!planner.asksSwept) return null;
  const said = place.swept ?? '';
  const assumed = planner.isDrawn ? 'as drawn, at usual lengths *' : `${readingText(formatDistance(ASSUMED_SWEPT_M, units))} assumed *`;
  const isUnknown = said === SWEPT_UNKNOWN;
  const answer = (swept: string) => planner.change({ place: { ...place, swept } });
  return (
    <View style={arrange.stack6}>
      <Words size={15} bold>
        {WORDS.howLongIsTheTube}
      </Words>
      <View style={styles.line}>
        {isUnknown ? null : (
          <UnitField
            label={WORDS.fromWhereItGoes}
            value={said}
            onChange={answer}
            unit={units.length === 'metric' ? 'm' : 'ft'}
            error={planner.problems['purge.sections']}
            hint={said === '' ? assumed : undefined}
            testID="swept"
          />
        )}
        <FrameKey label={isUnknown ? WORDS.itCanBeMeasured : WORDS.notKnown} onPress={() => answer(isUnknown ? '' : SWEPT_UNKNOWN)} />
      </View>
      {isUnknown ? (
        <Words size={15} tone="amber">
          {WORDS.plannedWithoutFigures}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
});
