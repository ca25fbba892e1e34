import { formatTemperature, readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { DragArea, type Dragged } from '@/drawing/handle/DragArea';
import { arrange } from '@/ui/arrange';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { readLadder } from './ladderReadings';
import { ladderScale, TemperatureLadder } from './TemperatureLadder';
import { WORDS } from '../words';

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
  const read = ({ y }: Dragged) => onRead(toStep(scale.invert(y)));
  const show = (celsius: number) => readingText(formatTemperature(celsius, units));
  return (
    <View style={arrange.stack6}>
      <View style={{ width, height }}>
        <TemperatureLadder plan={plan} units={units} width={width} height={height} />
        <DragArea
          label={WORDS.readTheLadderAt}
          orientation="vertical"
          min={Math.round(least)}
          max={Math.round(most)}
          value={Math.round(at ?? plan.heat?.middleC ?? least)}
          text={at === null ? WORDS.notTouchedYet : show(at)}
          testID="ladder"
          onTake={read}
          onDrag={read}
          onStep={(by) => onRead(toStep((at ?? plan.heat?.middleC ?? least) + by * STEP_C))}
          cursor="crosshair"
          style={styles.cover}
        >
          {at === null ? null : <Line y={scale(at)} />}
        </DragArea>
      </View>
      {at === null ? (
        <Words size={14} tone="ink2">
          {WORDS.touchTheLadderToRead}
        </Words>
      ) : null}
    </View>
  );
});

function Line({ y }: { y: number }) {
  const t = useTokens();
  return <View style={{ position: 'absolute', left: 0, right: 0, top: y - 1, height: 2, backgroundColor: t.teal }} />;
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
        {WORDS.at(show(readAt))}
      </Mono>
      <View style={styles.answers}>
        {readLadder(plan, readAt, show).map((row) => (
          <Words key={row.name} size={15} style={styles.answer}>
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

const styles = StyleSheet.create({
  cover: { inset: 0 },
  answers: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 16 },
  answer: { flexBasis: 160, flexGrow: 1 },
});
