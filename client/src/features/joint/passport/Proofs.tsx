import type { JointSummary } from '@kesto/contract';
import { scaleLinear } from 'd3-scale';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { linePath, type PointXY } from '@/chart/linePath';
import { Label } from '@/drawing/joint/annotate';
import { useHoldLiveQuery, usePullLiveQuery } from '@/data/holds/api';
import { jointNumber } from '@/ui/JointOrder';
import { Cross, Tick } from '@/ui/marks';
import { useIsWide, useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { Proof } from './proofs';
import { WORDS } from './words';

interface ProofsProps {
  readonly proofs: readonly Proof[];
  readonly here: string;
}

/** What showed that the joint holds and is dry: each with its figure, its curve, and which other joints it covers. */
export function Proofs({ proofs, here }: ProofsProps) {
  const t = useTokens();
  const wide = useIsWide();
  return (
    <View role="list" aria-label={WORDS.proofs} style={wide ? styles.row : null}>
      {proofs.map((proof) => (
        <View key={proof.id} role="listitem" style={wide ? [styles.card, { borderColor: t.rule }] : [styles.line, { borderColor: t.rule }]}>
          <ProofCard proof={proof} here={here} />
        </View>
      ))}
    </View>
  );
}

function ProofCard({ proof, here }: { proof: Proof; here: string }) {
  const { title, lines, isGood, isBad, covers } = proof;
  return (
    <>
      <View style={styles.title}>
        {isGood ? <Tick /> : isBad ? <Cross /> : null}
        <Words bold tone={isGood ? 'teal' : isBad ? 'red' : 'ink'} style={styles.grow}>
          {title}
        </Words>
      </View>
      {lines.map((line, i) => (
        <Words key={line} size={15} tone={i === 0 ? 'ink' : 'ink2'}>
          {line}
        </Words>
      ))}
      <View style={styles.pictures}>
        {proof.isLive ? <LiveCurve proof={proof} /> : <Curve points={proof.points} isBad={isBad} />}
        {covers.length > 1 ? <Covers covers={covers} here={here} /> : null}
      </View>
    </>
  );
}

/** Of instruments the samples are fetched, thinned for a screen. */
function LiveCurve({ proof: { of, job, id, isBad } }: { proof: Proof }) {
  return of === 'hold' ? <LiveHold job={job} id={id} isBad={isBad} /> : <LivePull job={job} id={id} isBad={isBad} />;
}
interface OfLive {
  readonly job: string;
  readonly id: string;
  readonly isBad: boolean;
}
function LiveHold({ job, id: hold, isBad }: OfLive) {
  const { data } = useHoldLiveQuery({ job, hold });
  return <Curve points={(data?.points ?? []).map(({ seconds, gaugePa }): PointXY => [seconds, gaugePa])} isBad={isBad} />;
}
function LivePull({ job, id: pull, isBad }: OfLive) {
  const { data } = usePullLiveQuery({ job, pull });
  return <Curve points={(data?.points ?? []).map(({ ms, pa }): PointXY => [ms / 1000, Math.log10(Math.max(pa, 0.1))])} isBad={isBad} />;
}

const CURVE = { width: 96, height: 44 } as const;

/** The course alone: its figures stand beside it. */
function Curve({ points, isBad }: { points: readonly PointXY[]; isBad: boolean }) {
  const t = useTokens();
  if (points.length < 2) return null;
  const [xs, ys] = [points.map(([px]) => px), points.map(([, py]) => py)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  // A hold that stands is drawn as a line, not as its last digit.
  const least = Math.max(high - low, Math.abs(high) * 0.02);
  const x = scaleLinear([Math.min(...xs), Math.max(...xs)], [2, CURVE.width - 2]);
  const y = scaleLinear([high - least, high], [CURVE.height - 6, 5]);
  return (
    <Svg width={CURVE.width} height={CURVE.height} aria-hidden>
      <Line x1={0} y1={CURVE.height - 2} x2={CURVE.width} y2={CURVE.height - 2} stroke={t.rule} strokeWidth={1} />
      <Path
        d={linePath(points, x, y)}
        fill="none"
        stroke={isBad ? t.red : t.teal}
        strokeWidth={2.2}
        {...(isBad ? { strokeDasharray: '4 3' } : {})}
      />
    </Svg>
  );
}

const COVER = { step: 30, radius: 13, most: 7 } as const;

/** The joints of the job that it covers, this one filled. */
function Covers({ covers, here }: { covers: readonly JointSummary[]; here: string }) {
  const t = useTokens();
  const at = Math.max(
    0,
    covers.findIndex(({ id }) => id === here),
  );
  const from = Math.max(0, Math.min(at - Math.floor(COVER.most / 2), covers.length - COVER.most));
  const shown = covers.slice(from, from + COVER.most);
  const x = (i: number) => COVER.step * i + COVER.radius + 2;
  const width = x(shown.length - 1) + COVER.radius + 2;
  return (
    <View style={styles.covers}>
      <Svg width={width} height={30} role="img" aria-label={`${WORDS.covers}: ${covers.map(({ tag }) => tag).join(', ')}`}>
        <Line x1={x(0)} y1={15} x2={x(shown.length - 1)} y2={15} stroke={t.copper} strokeWidth={4} />
        {shown.map(({ id, tag }, i) => (
          <G key={id}>
            <Circle
              cx={x(i)}
              cy={15}
              r={COVER.radius}
              fill={id === here ? t.ink : t.paper}
              stroke={id === here ? t.ink : t.copper}
              strokeWidth={2}
            />
            <Label x={x(i)} y={20} text={jointNumber(tag)} mono size={14} anchor="middle" color={id === here ? t.paper : t.ink} />
          </G>
        ))}
      </Svg>
      <Words size={14} tone="ink2">
        {WORDS.covers}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', flex: 1 },
  card: { flexGrow: 1, flexBasis: 230, maxWidth: 340, borderLeftWidth: 1, paddingHorizontal: 16, gap: 2 },
  line: { borderTopWidth: 1, paddingVertical: 10, gap: 2 },
  title: { flexDirection: 'row', gap: 10, alignItems: 'center' },
  grow: { flex: 1 },
  pictures: { flexDirection: 'row', gap: 16, alignItems: 'flex-end', flexWrap: 'wrap', marginTop: 4 },
  covers: { alignItems: 'center' },
});
