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
import { Heading, Words } from '@/ui/Words';
import { Carried, dayFrom, isPast } from './Carried';
import type { useVan } from './useVan';

/** Cylinders for refrigerant that is taken out: their tare stands ready when it is weighed. */
export function Recovery({ van, mayCount }: { van: ReturnType<typeof useVan>; mayCount: boolean }) {
  const units = useUnits();
  const [adding, setAdding] = useState(false);
  const { recovery } = van.draft;
  const mass = (cylinder: RecoveryCylinder['tare']) => readingText(formatMass(massKg(cylinder), units));
  const saysOf = ({ tare, water, testedUntil }: RecoveryCylinder) =>
    [
      `tare ${mass(tare)}`,
      ...(water ? [`holds ${mass(water)} of water`] : []),
      ...(testedUntil ? [`tested until ${format(new Date(testedUntil), 'd MMM yyyy')}`] : []),
    ].join(', ');
  return (
    <View style={{ gap: 6 }}>
      <Heading size={20}>Recovery cylinders</Heading>
      {recovery.length === 0 ? (
        <Words size={15} tone="ink2">
          None yet. Tare and water are stamped on the shoulder.
        </Words>
      ) : null}
      {recovery.map((cylinder) => (
        <Carried
          key={cylinder.id}
          name={cylinder.name}
          says={saysOf(cylinder)}
          late={isPast(cylinder.testedUntil)}
          onTakeOff={mayCount ? () => van.change({ recovery: recovery.filter((other) => other.id !== cylinder.id) }) : null}
        />
      ))}
      {!mayCount ? null : adding ? (
        <AddCylinder
          onAdd={(cylinder) => {
            van.change({ recovery: [...recovery, cylinder] });
            setAdding(false);
          }}
        />
      ) : (
        <FrameKey label="Another cylinder" onPress={() => setAdding(true)} />
      )}
    </View>
  );
}

const FIGURES = {
  tare: { label: 'tare', kind: 'mass', hint: 'as 12.1 kg' },
  water: { label: 'water it holds', kind: 'mass', hint: 'by its stamp', optional: true },
} as const;

function AddCylinder({ onAdd }: { onAdd: (cylinder: RecoveryCylinder) => void }) {
  const [name, setName] = useState('');
  const [until, setUntil] = useState('');
  const figures = useFigures(FIGURES);
  const day = dayFrom(until);
  const isWrong = until.trim() !== '' && day === null;
  function add() {
    const read = figures.read();
    if (!read?.tare) return;
    onAdd({
      id: uuid(),
      name: name.trim(),
      tare: read.tare,
      ...(read.water ? { water: read.water } : {}),
      ...(day ? { testedUntil: day } : {}),
    });
  }
  return (
    <View style={{ gap: 8 }}>
      <TextField label="what it is called" value={name} onChange={setName} />
      <FigureFields figures={figures} />
      <TextField
        label="tested until, as 2027-03-31"
        value={until}
        onChange={setUntil}
        error={isWrong ? 'must be a day, as 2027-03-31' : null}
      />
      <FrameKey label="Put it on the van" disabled={name.trim() === '' || isWrong} onPress={add} />
    </View>
  );
}
