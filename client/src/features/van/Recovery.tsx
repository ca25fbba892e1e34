import type { RecoveryCylinder } from '@kesto/core';
import { formatMass, readingText } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useUnits } from '@/state/units';
import { FrameKey } from '@/ui/Buttons';
import { FigureFields } from '@/ui/form/FigureFields';
import { massKg } from '@/ui/form/si';
import { useFigures } from '@/ui/form/useFigures';
import { TextField } from '@/ui/UnitField';
import { CarriedList } from './CarriedList';
import { DayField, isPast, useDay } from './DayField';
import type { useVan } from './useVan';

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
      title="Recovery cylinders"
      none="None yet. Tare and water are stamped on the shoulder."
      things={recovery}
      nameOf={({ name }) => name}
      saysOf={saysOf}
      isLate={({ testedUntil }) => isPast(testedUntil)}
      onTakeOff={mayCount ? ({ id }) => van.change({ recovery: recovery.filter((other) => other.id !== id) }) : null}
      another="Another recovery cylinder"
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
  tare: { label: 'tare', kind: 'mass', hint: 'as 12.1 kg' },
  water: { label: 'water it holds', kind: 'mass', hint: 'by its stamp', optional: true },
} as const;

function AddCylinder({ onAdd }: { onAdd: (cylinder: RecoveryCylinder) => void }) {
  const [name, setName] = useState('');
  const until = useDay();
  const figures = useFigures(FIGURES);
  function add() {
    const read = figures.read();
    if (!read?.tare) return;
    onAdd({
      ...{ id: uuid(), name: name.trim(), tare: read.tare },
      ...(read.water ? { water: read.water } : {}),
      ...(until.day ? { testedUntil: until.day } : {}),
    });
  }
  return (
    <View style={{ gap: 8 }}>
      <TextField label="what it is called" value={name} onChange={setName} />
      <FigureFields figures={figures} />
      <DayField label="tested until" until={until} />
      <FrameKey label="Put it on the van" disabled={name.trim() === '' || until.isWrong} onPress={add} />
    </View>
  );
}
