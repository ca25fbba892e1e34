import type { RecoveryCylinder } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { massKg } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { CarriedList } from './CarriedList';
import { isPast } from '@/data/van/isPast';
import type { useVan } from './useVan';
import { WORDS } from './words';

/** Cylinders for refrigerant that is taken out: their tare stands ready when it is weighed. */
export function Recovery({ van, mayCount }: { van: ReturnType<typeof useVan>; mayCount: boolean }) {
  const units = useUnits();
  const { recovery } = van.draft;
  const mass = (cylinder: RecoveryCylinder['tare']) => readingText(formatMass(massKg(cylinder), units));
  const saysOf = ({ tare, water, testedUntil }: RecoveryCylinder) =>
    [
      `tare ${mass(tare)}`,
      ...(water ? [`holds ${mass(water)} of water`] : []),
      ...(testedUntil ? [`tested until ${format(new Date(testedUntil), 'd MMM yyyy')}`] : []),
    ].join(', ');
  return (
    <CarriedList
      title={WORDS.recoveryCylinders}
      none={WORDS.noneYetTareAnd}
      things={recovery}
      nameOf={({ name }) => name}
      saysOf={saysOf}
      isLate={({ testedUntil }) => isPast(testedUntil)}
      onTakeOff={mayCount ? ({ id }) => van.change({ recovery: recovery.filter((other) => other.id !== id) }) : null}
      another={WORDS.anotherRecoveryCylinder}
      form={(done) => (
        <AddCylinder
          onAdd={(cylinder) => {
            van.change({ recovery: [...recovery, cylinder] });
            done();
          }}
        />
      )}
    />
  );
}

const FIGURES = {
  name: { label: 'what it is called', kind: 'name' },
  tare: { label: 'tare', kind: 'mass', hint: 'as 12.1 kg' },
  water: { label: 'water it holds', kind: 'mass', hint: 'by its stamp', optional: true },
  until: { label: 'tested until', kind: 'day', hint: 'as 2027-03-31', optional: true },
} as const;

function AddCylinder({ onAdd }: { onAdd: (cylinder: RecoveryCylinder) => void }) {
  const figures = useFigures('van.recovery', FIGURES);
  function add({ name, tare, water, until }: Read<typeof FIGURES>): boolean {
    onAdd({
      ...{ id: uuid(), name, tare },
      ...(water ? { water } : {}),
      ...(until ? { testedUntil: until } : {}),
    });
    return true;
  }
  return (
    <View style={arrange.stack8}>
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.putItOnThe} onPress={() => void figures.submit(add)} />
    </View>
  );
}
