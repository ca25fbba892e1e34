import { HOLD_REASON_WORDS, LIMIT_KIND_WORDS, drawnName } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { formatGaugePressure, formatYearlyLoss, gaugePascals, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { isPast } from '@/data/van/isPast';
import { useUnits } from '@/session/units';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import { wantedGramsOf } from './looks';
import type { HoldWatchWork } from './useHoldWatch';

interface OutlookProps {
  readonly watch: HoldWatchWork;
  readonly graph: CircuitGraph | null;
  readonly away: string | null;
}

/** What to keep in mind while it is watched, and what it will have shown. */
export function Outlook({ watch, graph, away }: OutlookProps) {
  const units = useUnits();
  const { curve, kept, settledS } = watch;
  const { capKpag, cappedBy, cappedByPart, gauge } = kept.began.values;
  const wanted = curve ? wantedGramsOf(curve) : null;
  const answers = curve?.answersAtS ?? null;
  const clock = answers === null ? null : format(new Date(Date.parse(kept.began.at) + ((settledS ?? 0) + answers) * 1000), 'HH:mm');
  const cap = readingText(formatGaugePressure(gaugePascals(capKpag * 1000), units));
  const reasons = curve?.hold.reasons ?? [];
  const isOpen = curve !== null && curve.hold.verdict === 'cannot-tell';
  return (
    <View style={styles.all}>
      {away === null ? null : <FlagLine letter="a" text={WORDS.aCapWouldFly(WORDS.away(away))} />}
      {gauge.calibratedUntil !== undefined && isPast(gauge.calibratedUntil) ? (
        <FlagLine letter="b" text={WORDS.gaugeOver(gauge.name, gauge.calibratedUntil)} />
      ) : null}
      {isOpen && clock !== null && wanted !== null ? (
        <Words size={15}>{WORDS.ifFlat(clock, readingText(formatYearlyLoss(wanted / 1000, units, 2)))}</Words>
      ) : null}
      {isOpen && answers === null && reasons.length === 0 ? <Words size={15}>{WORDS.notDecided}</Words> : null}
      {reasons.map((reason) => (
        <Words key={reason} size={15}>
          {HOLD_REASON_WORDS[reason]}
        </Words>
      ))}
      <Words size={14} tone="ink2">
        {`${cap} is ${LIMIT_KIND_WORDS[cappedBy]}${cappedByPart && graph ? ` (${drawnName(graph, cappedByPart)})` : ''}.`}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 8 } });
