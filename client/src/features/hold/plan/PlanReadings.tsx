import { calcErrorText, drawnName, LIMIT_KIND_WORDS, showIn } from '@kesto/contract/wording';
import type { CircuitGraph, HoldLimit } from '@kesto/core';
import { formatGaugePressure, formatNumber, formatWait, gaugePascals } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { Reading } from '@/ui/Reading';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { HoldPlanWork } from './useHoldPlan';

/** Which part caps it, and by what: the big reading before a pressure. */
const capText = ({ part, kind }: HoldLimit, graph: CircuitGraph | null) =>
  part === undefined || !graph
    ? LIMIT_KIND_WORDS[kind]
    : `${part.includes('>') ? 'a tube' : drawnName(graph, part)}: ${LIMIT_KIND_WORDS[kind]}`;

/** Longer is no hold but a watch: a smaller section or soap tells sooner [min]. */
const DAY_MIN = 24 * 60;

/** What a hold of this section comes to. */
export function PlanReadings({ hold, graph }: { hold: HoldPlanWork; graph: CircuitGraph | null }) {
  const units = useUnits();
  const wide = useIsWide();
  const { plan, worked, refused, isAssumed } = hold;
  if (!plan)
    return (
      <Words size={15} tone="red" role="alert">
        {refused && 'field' in refused ? `${refused.field.replace(/^plan\./, '')} ${calcErrorText(refused)}` : ''}
      </Words>
    );
  const pressure = (pa: number) => formatGaugePressure(gaugePascals(pa), units);
  const steps = (worked?.stepsKpag ?? []).map((kpa) => pressure(kpa * 1000).value).join(' · ');
  const needs = worked?.minutesNeeded ?? null;
  return (
    <View style={wide ? styles.wide : styles.phone}>
      <View style={wide ? styles.cap : styles.whole}>
        <Reading label={WORDS.cap} {...pressure(plan.cappedBy.gaugePa)} size={48} note={capText(plan.cappedBy, graph)} testID="hold-cap" />
      </View>
      <View style={styles.one}>
        <Reading label={WORDS.full} {...pressure((worked?.stepsKpag.at(-1) ?? 0) * 1000)} assumed={isAssumed} note={steps} />
      </View>
      <View style={styles.one}>
        <Reading
          label={WORDS.stores}
          value={worked ? formatNumber(worked.energyKj, 1) : '–'}
          unit="kJ"
          note={worked?.distanceM == null ? WORDS.handsAway : WORDS.away(showIn(units).distance(worked.distanceM))}
        />
      </View>
      <View style={styles.one}>
        <Reading
          label={WORDS.sees}
          {...(needs === null ? { value: '–' } : formatWait(needs))}
          note={
            needs !== null
              ? needs > DAY_MIN
                ? WORDS.tooLong
                : WORDS.atLeast
              : worked?.wantedLeakPaM3S === null
                ? WORDS.seesNothing
                : WORDS.blind
          }
        />
      </View>
      {plan.nitrogenM3 === null ? null : (
        <View style={styles.one}>
          <Reading label={WORDS.nitrogen} value={formatNumber(plan.nitrogenM3 * 1000, 0)} unit="L" note={WORDS.atRoom} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: 24, alignItems: 'flex-start' },
  phone: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  cap: { flexBasis: 220, flexShrink: 0 },
  whole: { flexBasis: '100%' },
  one: { flexGrow: 1, flexBasis: 110 },
});
