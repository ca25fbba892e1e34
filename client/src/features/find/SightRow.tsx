import { HOLD_VERDICT_WORDS, leakText, tightDownTo } from '@kesto/contract/wording';
import { factsOf, type SectionSight } from '@kesto/core';
import { formatNumber, formatYearlyLoss, formatYearsLoss, readingText, type UnitPreferences } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { SeenBar } from '@/chart/SeenBar';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Opens } from '@/ui/Opens';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

/** Grams a year at the ends of the axis. */
const AXIS = [30, 30_000] as const;

type Held = ReturnType<typeof factsOf<'section-hold'>>[number];

interface SightRowProps {
  readonly letter: string | null;
  readonly name: string;
  readonly section: SectionSight;
  readonly hold: Held | undefined;
  readonly lookedFor: number | null;
  readonly onPress?: (() => void) | undefined;
}

/** No "tight" without how small a leak it could see. */
function heldText({ values }: Held, units: UnitPreferences): string {
  const { verdict, gramsPerYearSeen = null } = values;
  if (verdict !== 'tight') return HOLD_VERDICT_WORDS[verdict];
  const seen = gramsPerYearSeen === null ? leakText(tightDownTo({ ...values, gramsPerYearSeen })) : perYear(gramsPerYearSeen, units);
  return `${HOLD_VERDICT_WORDS.tight} down to ${seen}`;
}

const perYear = (grams: number, units: UnitPreferences) => readingText(formatYearlyLoss(grams / 1000, units, 2));

function stateText({ section, hold, lookedFor }: SightRowProps, units: UnitPreferences): string {
  if (hold) return heldText(hold, units);
  if (section.volumeM3 === 0) return 'volume not known';
  const seen = section.seenGramsPerYear;
  if (seen !== null && lookedFor !== null && lookedFor > 0 && seen > lookedFor) return 'blind to it';
  return section.portsNeeded > 0 ? 'needs a port' : 'not held';
}

/** One section on the log axis: hatched what its hold cannot see, filled what it can; the leak looked for is a dashed red line. */
export function SightRow(props: SightRowProps) {
  const { letter, name, section, hold, lookedFor, onPress } = props;
  const t = useTokens();
  const units = useUnits();
  const seen = section.seenGramsPerYear;
  const line = (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 48, borderBottomWidth: 1, borderColor: t.hair }}>
      <View
        style={{
          width: 26,
          height: 26,
          borderRadius: 3,
          alignItems: 'center',
          justifyContent: 'center',
          backgroundColor: letter ? t.ink : 'transparent',
        }}
      >
        {letter ? (
          <Mono size={15} tone="paper">
            {letter}
          </Mono>
        ) : null}
      </View>
      <View style={styles.sign}>
        <Words size={14} numberOfLines={1}>
          {name}
        </Words>
        <Words size={14} tone="ink2">
          {section.volumeM3 > 0 ? `${formatNumber(section.volumeM3 * 1000, 2)} L` : 'no volume'}
        </Words>
      </View>
      <View style={arrange.fill}>
        <SeenBar
          axis={AXIS}
          seen={seen}
          lookedFor={lookedFor}
          isTight={hold?.values.verdict === 'tight'}
          isLeak={hold?.values.verdict === 'leaking'}
        />
        <Words size={14} bold tone={hold?.values.verdict === 'leaking' ? 'red' : hold?.values.verdict === 'tight' ? 'teal' : 'ink2'}>
          {stateText(props, units)}
        </Words>
      </View>
      <Mono size={15} style={styles.weight}>
        {seen === null ? '–' : readingText(formatYearsLoss(seen / 1000, units, 2))}
      </Mono>
    </View>
  );
  return (
    <Opens says={WORDS.holdSection(letter ?? '', name)} onPress={onPress ?? null}>
      {line}
    </Opens>
  );
}

const styles = StyleSheet.create({
  sign: { width: 118 },
  weight: { width: 72, textAlign: 'right' },
});
