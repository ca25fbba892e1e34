import { partName } from '@kesto/contract/wording';
import type { DrawnSince } from '@kesto/core';
import { formatLength, readingText, tradeFraction, type UnitPreferences } from '@kesto/core/unit';
import { View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { OUTLETS, SIDES } from '@/draft/choices';
import type { Planner } from './usePlanner';
import { WORDS } from './words';

type Choices = readonly { readonly value: string; readonly label: string }[];
const word = (choices: Choices, value: string) => choices.find((choice) => choice.value === value)?.label ?? value;

const size = (metres: number, units: UnitPreferences) => {
  const fraction = tradeFraction(metres);
  return fraction ? `${fraction} in` : readingText(formatLength(metres, units));
};

function rowText(row: DrawnSince, units: UnitPreferences): string {
  switch (row.what) {
    case 'outside':
      return `the tube: ${size(row.keptM, units)} in the plan, ${size(row.nowM, units)} on the drawing`;
    case 'side':
      return `the side: ${row.kept ? word(SIDES, row.kept) : 'not said'} in the plan, ${word(SIDES, row.now)} on the drawing`;
    case 'outlet':
      return `the gas leaves: ${row.kept ? word(OUTLETS, row.kept) : 'not said'} in the plan, ${word(OUTLETS, row.now)} on the drawing`;
    case 'near':
      return `near by on the drawing: ${partName(row.kind)}`;
  }
}

/** The drawing was changed since the plan was kept: what differs is offered, and the plan stands until somebody takes it. */
export function DrawnAnew({ drawing, units }: { drawing: Planner['drawing']; units: UnitPreferences }) {
  const t = useTokens();
  if (!drawing) return null;
  return (
    <View style={{ gap: 6, borderLeftWidth: 6, borderColor: t.amber, paddingLeft: 12 }} testID="drawn-anew">
      <Words bold>{WORDS.theDrawingSaysOtherwiseThan}</Words>
      {drawing.rows.map((row) => (
        <Words key={row.what + ('kind' in row ? row.kind : '')} size={15}>
          {rowText(row, units)}
        </Words>
      ))}
      <FrameKey label={WORDS.takeItFromThe} onPress={drawing.take} />
    </View>
  );
}
