import type { Approval } from '@kesto/contract';
import { APPROVAL_WORDS } from '@kesto/contract/wording/people';
import { differenceInDays } from 'date-fns/differenceInDays';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { arrange } from '@/ui/arrange';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';

/** The line shows two years from today. */
const SHOWN_DAYS = 730;
const SOON_DAYS = 30;
const WIDTH = 240;
const HEIGHT = 12;

/** One approval: what it covers, and how long it still holds as a tube that empties. */
export function ApprovalLine({ approval, today }: { approval: Approval; today: Date }) {
  const t = useTokens();
  const days = differenceInDays(new Date(approval.validUntil), today);
  const filled = (Math.max(0, Math.min(days, SHOWN_DAYS)) / SHOWN_DAYS) * WIDTH;
  const tone = days < 0 ? 'red' : days <= SOON_DAYS ? 'amber' : 'ink2';
  return (
    <View style={arrange.stack3}>
      <View style={styles.line}>
        <Words size={15}>
          {APPROVAL_WORDS[approval.scope]}
          {approval.number ? <Mono size={15} bold={false}>{`  ${approval.number}`}</Mono> : null}
        </Words>
        <Words size={15} tone={tone} bold={tone !== 'ink2'}>
          {days < 0 ? 'ended' : 'until'} {format(new Date(approval.validUntil), 'd MMM yyyy')}
        </Words>
      </View>
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden>
        <Rect x={0.5} y={2.5} width={WIDTH - 1} height={7} fill="none" stroke={t.rule} />
        <Rect x={0.5} y={2.5} width={filled} height={7} fill={tone === 'amber' ? t.amber : t.copper} />
        <Line x1={WIDTH / 2} y1={0} x2={WIDTH / 2} y2={HEIGHT} stroke={t.rule} />
      </Svg>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', justifyContent: 'space-between', gap: 8, flexWrap: 'wrap' },
});
