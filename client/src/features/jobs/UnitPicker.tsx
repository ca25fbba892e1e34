import type { UnitView } from '@kesto/contract';
import { View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Tick } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';

/** The machines of the shop, one a row: tag, name, refrigerant, where it stands. */
export function UnitPicker({ units, value, onPick }: { units: readonly UnitView[]; value: string | null; onPick: (id: string) => void }) {
  const t = useTokens();
  return (
    <View role="radiogroup" aria-label="machine">
      {units.map((unit) => (
        <TouchableRipple
          key={unit.id}
          role="radio"
          aria-checked={unit.id === value}
          onPress={() => onPick(unit.id)}
          style={{
            minHeight: 60,
            justifyContent: 'center',
            paddingVertical: 6,
            paddingHorizontal: 10,
            borderBottomWidth: 1,
            borderColor: t.rule,
            borderLeftWidth: 5,
            borderLeftColor: unit.id === value ? t.copper : 'transparent',
            backgroundColor: unit.id === value ? t.panel : t.paper,
          }}
        >
          <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
            <Mono size={20} style={{ minWidth: 64 }}>
              {unit.tag}
            </Mono>
            <View style={{ flex: 1 }}>
              <Words size={17} bold={unit.id === value}>
                {unit.name}
              </Words>
              <Words size={15} tone="ink2">
                {[...new Set(unit.circuits.map((c) => c.refrigerant))].join(', ')}, {unit.site.name}
              </Words>
            </View>
            {unit.id === value ? <Tick size={22} /> : null}
          </View>
        </TouchableRipple>
      ))}
    </View>
  );
}
