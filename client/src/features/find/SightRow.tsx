import { HOLD_VERDICT_WORDS, leakText, tightDownTo } from '@kesto/contract/wording';
import { factsOf, type SectionSight } from '@kesto/core';
import { formatNumber, formatYearlyLoss, readingText, type UnitPreferences } from '@kesto/core/unit';
import { scaleLog } from 'd3-scale';
import { useId, useState } from 'react';
import { View } from 'react-native';
import Svg, { Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import { useUnits } from '@/session/units';
import { Opens } from '@/ui/Opens';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';

const HEIGHT = 26;
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
      <View style={{ width: 118 }}>
        <Words size={14} numberOfLines={1}>
          {name}
        </Words>
        <Words size={14} tone="ink2">
          {section.volumeM3 > 0 ? `${formatNumber(section.volumeM3 * 1000, 2)} L` : 'no volume'}
        </Words>
      </View>
      <View style={{ flex: 1 }}>
        <Bar seen={seen} lookedFor={lookedFor} isTight={hold?.values.verdict === 'tight'} isLeak={hold?.values.verdict === 'leaking'} />
        <Words size={14} bold tone={hold?.values.verdict === 'leaking' ? 'red' : hold?.values.verdict === 'tight' ? 'teal' : 'ink2'}>
          {stateText(props, units)}
        </Words>
      </View>
      <Mono size={15} style={{ width: 52, textAlign: 'right' }}>
        {seen === null ? '–' : formatYearlyLoss(seen / 1000, units, 2).value}
      </Mono>
    </View>
  );
  return (
    <Opens says={`hold section ${letter ?? ''}, ${name}`} onPress={onPress ?? null}>
      {line}
    </Opens>
  );
}

interface BarProps {
  readonly seen: number | null;
  readonly lookedFor: number | null;
  readonly isTight: boolean;
  readonly isLeak: boolean;
}

function Bar({ seen, lookedFor, isTight, isLeak }: BarProps) {
  const t = useTokens();
  const [width, setWidth] = useState(300);
  const hatch = `blind${useId().replace(/\W/g, '')}`;
  const x = scaleLog(AXIS, [0, width]).clamp(true);
  const edge = seen === null ? width : x(seen);
  const sees = isLeak ? t.red : t.teal;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || 300)} style={{ height: HEIGHT }}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Defs>
          <Pattern id={hatch} width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <Line x1={0} y1={0} x2={0} y2={9} stroke={t.rule} strokeWidth={2} />
          </Pattern>
        </Defs>
        <Rect x={0.75} y={3} width={Math.max(0, edge - 0.75)} height={HEIGHT - 6} fill={`url(#${hatch})`} stroke={t.rule} strokeWidth={1} />
        <Rect
          x={edge}
          y={3}
          width={Math.max(0, width - edge - 1)}
          height={HEIGHT - 6}
          fill={sees}
          fillOpacity={isTight || isLeak ? 1 : 0.16}
          stroke={sees}
          strokeWidth={1.5}
        />
        {lookedFor !== null && lookedFor > 0 ? (
          <Path d={`M${x(lookedFor)} 0 V${HEIGHT}`} stroke={t.red} strokeWidth={2.5} strokeDasharray="5 3" />
        ) : null}
      </Svg>
    </View>
  );
}
