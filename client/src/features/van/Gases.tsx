import { CYLINDER_GASES, type CylinderGas, type GasCylinder } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { massKg } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { CarriedList } from './CarriedList';
import { isPast } from '@/data/van/isPast';
import type { useVan } from './useVan';
import { WORDS } from './words';

const GAS_WORDS: Readonly<Record<CylinderGas, string>> = {
  fuel: 'fuel gas',
  oxygen: 'oxygen',
  nitrogen: 'nitrogen, another one',
  refrigerant: 'refrigerant to charge',
};

/** Cylinders beside the one that purges: fuel, oxygen, refrigerant to charge. */
export function Gases({ van, mayCount }: { van: ReturnType<typeof useVan>; mayCount: boolean }) {
  const units = useUnits();
  const { gases } = van.draft;
  const saysOf = ({ gas, tare, gross, testedUntil }: GasCylinder) => {
    const net = tare && gross ? massKg(gross) - massKg(tare) : null;
    const held = net === null ? [] : [`${readingText(formatMass(net, units))} left`];
    const tested = testedUntil ? [`tested until ${format(new Date(testedUntil), 'd MMM yyyy')}`] : [];
    return [GAS_WORDS[gas], ...held, ...tested].join(', ');
  };
  return (
    <CarriedList
      title={WORDS.fuelOxygenRefrigerant}
      none={WORDS.noneYetWeighedFull}
      things={gases}
      nameOf={({ name }) => name}
      saysOf={saysOf}
      isLate={({ testedUntil }) => isPast(testedUntil)}
      onTakeOff={mayCount ? ({ id }) => van.change({ gases: gases.filter((other) => other.id !== id) }) : null}
      another={WORDS.anotherCylinder}
      form={(done) => (
        <AddGas
          onAdd={(cylinder) => {
            van.change({ gases: [...gases, cylinder] });
            done();
          }}
        />
      )}
    />
  );
}

const FIGURES = {
  name: { label: 'what it is called', kind: 'name' },
  tare: { label: 'tare', kind: 'mass', hint: 'as 12.1 kg', optional: true },
  gross: { label: 'weighs now', kind: 'mass', hint: 'with what is in it', optional: true },
  until: { label: 'tested until', kind: 'day', hint: 'as 2027-03-31', optional: true },
} as const;

function AddGas({ onAdd }: { onAdd: (cylinder: GasCylinder) => void }) {
  const [gas, setGas] = useState<CylinderGas>('fuel');
  const figures = useFigures('van.gas', FIGURES);
  function add({ name, tare, gross, until }: Read<typeof FIGURES>): boolean {
    if (tare && gross && massKg(gross) < massKg(tare)) {
      figures.complain('gross', 'is less than the empty cylinder weighs');
      return false;
    }
    onAdd({
      ...{ id: uuid(), gas, name },
      ...(tare ? { tare } : {}),
      ...(gross ? { gross } : {}),
      ...(until ? { testedUntil: until } : {}),
    });
    return true;
  }
  return (
    <View style={arrange.stack8}>
      <Choice
        label={WORDS.whatIsInIt}
        value={gas}
        onChange={setGas}
        options={CYLINDER_GASES.map((value) => ({ value, label: GAS_WORDS[value] }))}
      />
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.putItOnThe} onPress={() => void figures.submit(add)} />
    </View>
  );
}
