import { formatTemperature, readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { memo, type KeyboardEvent, type PointerEvent } from 'react';
import { View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { readLadder } from './ladderReadings';
import { ladderScale, TemperatureLadder } from './TemperatureLadder';

const STEP_C = 5;
const toStep = (celsius: number) => Math.round(celsius / STEP_C) * STEP_C;

interface LadderProps {
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly width: number;
  readonly height: number;
  /** Where it is read [°C], or not yet. */
  readonly readAt: number | null;
  readonly onRead: (celsius: number) => void;
}

/** The ladder, touched where it is to be read; the answers stand where there is room for them. */
export const LadderReader = memo(function LadderReader({ plan, units, width, height, readAt, onRead }: LadderProps) {
  const scale = ladderScale(plan, height);
  const [least = 0, most = 0] = scale.domain();
  const at = readAt === null ? null : Math.min(most, Math.max(least, readAt));
  const read = (event: PointerEvent<HTMLDivElement>) => {
    const top = event.currentTarget.getBoundingClientRect().top;
    onRead(toStep(scale.invert(event.clientY - top)));
  };
  const step = (event: KeyboardEvent<HTMLDivElement>) => {
    const by = { ArrowUp: STEP_C, ArrowDown: -STEP_C }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onRead(toStep((at ?? plan.heat?.middleC ?? least) + by));
  };
  const show = (celsius: number) => readingText(formatTemperature(celsius, units));
  return (
    <View style={{ gap: 6 }}>
      <View style={{ width, height }}>
        <TemperatureLadder plan={plan} units={units} width={width} height={height} />
        <div
          role="slider"
          tabIndex={0}
          aria-label="read the ladder at"
          aria-orientation="vertical"
          aria-valuemin={Math.round(least)}
          aria-valuemax={Math.round(most)}
          aria-valuenow={Math.round(at ?? plan.heat?.middleC ?? least)}
          aria-valuetext={at === null ? 'not touched yet' : show(at)}
          data-testid="ladder"
          onPointerDown={read}
          onPointerMove={(event) => (event.buttons > 0 ? read(event) : undefined)}
          onKeyDown={step}
          style={{ position: 'absolute', inset: 0, cursor: 'crosshair', touchAction: 'manipulation', userSelect: 'none' }}
        >
          {at === null ? null : <Line y={scale(at)} />}
        </div>
      </View>
      {at === null ? (
        <Words size={14} tone="ink2">
          Touch the ladder to read it.
        </Words>
      ) : null}
    </View>
  );
});

function Line({ y }: { y: number }) {
  const t = useTokens();
  return <div style={{ position: 'absolute', left: 0, right: 0, top: y - 1, height: 2, background: t.teal }} />;
}

/** What stands on the ladder where it was touched. */
export function LadderAnswers({ plan, units, readAt }: Pick<LadderProps, 'plan' | 'units' | 'readAt'>) {
  const t = useTokens();
  if (readAt === null) return null;
  const show = (c: number) => readingText(formatTemperature(c, units));
  return (
    <View
      role="status"
      testID="ladder-answers"
      style={{ borderTopWidth: 2, borderBottomWidth: 1, borderColor: t.teal, paddingVertical: 6 }}
    >
      <Mono size={20} tone="teal">
        at {show(readAt)}
      </Mono>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16 }}>
        {readLadder(plan, readAt, show).map((row) => (
          <Words key={row.name} size={15} style={{ flexBasis: 160, flexGrow: 1 }}>
            {row.name}{' '}
            <Words size={15} bold tone={row.tone}>
              {row.says}
            </Words>
          </Words>
        ))}
      </View>
    </View>
  );
}
