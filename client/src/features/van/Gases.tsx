import { CYLINDER_GASES, type CylinderGas, type GasCylinder } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useUnits } from '@/state/units';
import { Choice, FrameKey } from '@/ui/Buttons';
import { FigureFields } from '@/ui/form/FigureFields';
import { massKg } from '@/ui/form/si';
import { useFigures } from '@/ui/form/useFigures';
import { TextField } from '@/ui/UnitField';
import { CarriedList } from './CarriedList';
import { DayField, isPast, useDay } from './DayField';
import type { useVan } from './useVan';

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
      title="Fuel, oxygen, refrigerant"
      none="None yet. Weighed full and empty, a cylinder says what is left in it."
      things={gases}
      nameOf={({ name }) => name}
      saysOf={saysOf}
      isLate={({ testedUntil }) => isPast(testedUntil)}
      onTakeOff={mayCount ? ({ id }) => van.change({ gases: gases.filter((other) => other.id !== id) }) : null}
      another="Another cylinder"
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
  tare: { label: 'tare', kind: 'mass', hint: 'as 12.1 kg', optional: true },
  gross: { label: 'weighs now', kind: 'mass', hint: 'with what is in it', optional: true },
} as const;

function AddGas({ onAdd }: { onAdd: (cylinder: GasCylinder) => void }) {
  const [gas, setGas] = useState<CylinderGas>('fuel');
  const [name, setName] = useState('');
  const until = useDay();
  const figures = useFigures(FIGURES);
  function add() {
    const read = figures.read();
    if (!read) return;
    const { tare, gross } = read;
    if (tare && gross && massKg(gross) < massKg(tare)) return figures.setProblems({ gross: 'is less than the empty cylinder weighs' });
    onAdd({
      ...{ id: uuid(), gas, name: name.trim() },
      ...(tare ? { tare } : {}),
      ...(gross ? { gross } : {}),
      ...(until.day ? { testedUntil: until.day } : {}),
    });
  }
  return (
    <View style={{ gap: 8 }}>
      <Choice
        label="what is in it"
        value={gas}
        onChange={setGas}
        options={CYLINDER_GASES.map((value) => ({ value, label: GAS_WORDS[value] }))}
      />
      <TextField label="what it is called" value={name} onChange={setName} />
      <FigureFields figures={figures} />
      <DayField label="tested until" until={until} />
      <FrameKey label="Put it on the van" disabled={name.trim() === '' || until.isWrong} onPress={add} />
    </View>
  );
}
