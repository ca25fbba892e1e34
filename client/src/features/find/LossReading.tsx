import { isExplained, type Loss } from '@kesto/core';
import { formatMass, formatYearlyLoss, formatYearsLoss, readingText } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

/** The first glance: the loss to explain, and how much of it the finds explain. */
export function LossReading({ loss }: { loss: Loss | null }) {
  const units = useUnits();
  if (!loss)
    return (
      <Words size={15} tone="ink2">
        {WORDS.whatWasLost}
      </Words>
    );
  const explained = loss.explainedGramsPerYear;
  const yearly = (grams: number) => formatYearlyLoss(grams / 1000, units);
  const lost = yearly(loss.gramsPerYear);
  const isEnough = isExplained(loss);
  return (
    <View style={styles.loss}>
      <View style={arrange.baseline8}>
        <Mono size={34} tone={isEnough ? 'teal' : 'red'}>
          {lost.value}
        </Mono>
        <Words size={15} bold tone={isEnough ? 'teal' : 'red'}>
          {lost.unit}
        </Words>
      </View>
      <View>
        <Words size={14} tone="ink2">
          {WORDS.inDays(readingText(formatMass(loss.lostKg, units)), loss.days)}
        </Words>
        <Words size={14} bold>
          {explained === 0 && loss.unsized === 0
            ? 'nothing found yet'
            : `${readingText(formatYearsLoss(explained / 1000, units))} explained`}
          {loss.unsized > 0 ? `, ${loss.unsized} of no known size` : ''}
          {isEnough ? '' : ': keep looking'}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  loss: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 14 },
});
