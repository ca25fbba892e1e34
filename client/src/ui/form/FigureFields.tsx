import { View } from 'react-native';
import { UnitField } from '../UnitField';
import type { Figures } from './useFigures';

/** The fields of a small form of figures, side by side where they fit. */
export function FigureFields<Key extends string>({ figures }: { figures: Figures<Key> }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
      {figures.keys.map((key) => (
        <UnitField
          key={key}
          label={figures.specs[key].label}
          value={figures.textOf(key)}
          onChange={(text) => figures.set(key, text)}
          error={figures.problems[key]}
          hint={figures.textOf(key) === '' ? figures.specs[key].hint : undefined}
          testID={`figure-${key}`}
        />
      ))}
    </View>
  );
}
