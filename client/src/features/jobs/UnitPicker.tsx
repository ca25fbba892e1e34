import type { UnitView } from '@kesto/contract';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { Tick } from '@/ui/marks';
import { PickRow } from '@/ui/PickRow';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

/** The machines of the shop, one a row: tag, name, refrigerant, where it stands. */
export function UnitPicker({ units, value, onPick }: { units: readonly UnitView[]; value: string | null; onPick: (id: string) => void }) {
  return (
    <View role="radiogroup" aria-label={WORDS.machine}>
      {units.map((unit) => (
        <PickRow key={unit.id} chosen={unit.id === value} onPress={() => onPick(unit.id)}>
          <Mono size={20} style={styles.tag}>
            {unit.tag}
          </Mono>
          <View style={arrange.fill}>
            <Words size={17} bold={unit.id === value}>
              {unit.name}
            </Words>
            <Words size={15} tone="ink2">
              {[...new Set(unit.circuits.map((c) => c.refrigerant))].join(', ')}, {unit.site.name}
            </Words>
          </View>
          {unit.id === value ? <Tick size={22} /> : null}
        </PickRow>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  tag: { minWidth: 64 },
});
