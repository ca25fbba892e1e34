import { INSTRUMENT_KINDS, type Instrument, type InstrumentKind } from '@kesto/core';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { Choice, FrameKey } from '@/ui/Buttons';
import { FigureFields } from '@/ui/form/FigureFields';
import { asDifference } from '@/ui/form/si';
import { useFigures } from '@/ui/form/useFigures';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { Carried, dayFrom, isPast } from './Carried';
import type { useVan } from './useVan';

const KIND_WORDS: Readonly<Record<InstrumentKind, string>> = {
  gauge: 'gauge',
  'vacuum-gauge': 'vacuum gauge',
  thermometer: 'thermometer',
  scale: 'scale',
  detector: 'leak detector',
  'oxygen-meter': 'oxygen meter',
};

function saysOf({ kind, resolution, offK, calibratedUntil }: Instrument): string {
  return [
    KIND_WORDS[kind],
    ...(resolution ? [`steps of ${resolution.value} ${resolution.unit}`] : []),
    ...(offK === undefined ? [] : [`off by ${offK} K at most`]),
    ...(calibratedUntil ? [`calibrated until ${format(new Date(calibratedUntil), 'd MMM yyyy')}`] : []),
  ].join(', ');
}

/** What is read with: the holds count with its steps. */
export function Instruments({ van, mayCount }: { van: ReturnType<typeof useVan>; mayCount: boolean }) {
  const [adding, setAdding] = useState(false);
  const { instruments } = van.draft;
  const takeOff = (id: string) => van.change({ instruments: instruments.filter((instrument) => instrument.id !== id) });
  return (
    <View style={{ gap: 6 }}>
      <Heading size={20}>Instruments</Heading>
      {instruments.length === 0 ? (
        <Words size={15} tone="ink2">
          None yet. A gauge’s step and a thermometer’s error say how small a leak a hold can see.
        </Words>
      ) : null}
      {instruments.map((instrument) => (
        <Carried
          key={instrument.id}
          name={instrument.name}
          says={saysOf(instrument)}
          late={isPast(instrument.calibratedUntil)}
          onTakeOff={mayCount ? () => takeOff(instrument.id) : null}
        />
      ))}
      {!mayCount ? null : adding ? (
        <AddInstrument
          onAdd={(instrument) => {
            van.change({ instruments: [...instruments, instrument] });
            setAdding(false);
          }}
        />
      ) : (
        <FrameKey label="Another instrument" onPress={() => setAdding(true)} />
      )}
    </View>
  );
}

const FIGURES = {
  step: { label: 'shows steps of', kind: 'pressure', hint: 'of a gauge', optional: true },
  off: { label: 'off by, K', kind: 'number', hint: 'of a thermometer', optional: true },
} as const;

function AddInstrument({ onAdd }: { onAdd: (instrument: Instrument) => void }) {
  const [kind, setKind] = useState<InstrumentKind>('gauge');
  const [name, setName] = useState('');
  const [until, setUntil] = useState('');
  const figures = useFigures(FIGURES);
  const day = dayFrom(until);
  function add() {
    const read = figures.read();
    if (!read) return;
    const { step, off } = read;
    onAdd({
      ...{ id: uuid(), kind, name: name.trim() },
      ...(step ? { resolution: asDifference(step) } : {}),
      ...(off ? { offK: off.value } : {}),
      ...(day ? { calibratedUntil: day } : {}),
    });
  }
  const isWrong = until.trim() !== '' && day === null;
  return (
    <View style={{ gap: 8 }}>
      <Choice
        label="kind"
        value={kind}
        onChange={setKind}
        options={INSTRUMENT_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
      />
      <TextField label="what it is called" value={name} onChange={setName} />
      <FigureFields figures={figures} />
      <TextField
        label="calibrated until, as 2027-03-31"
        value={until}
        onChange={setUntil}
        error={isWrong ? 'must be a day, as 2027-03-31' : null}
      />
      <FrameKey label="Put it on the van" disabled={name.trim() === '' || isWrong} onPress={add} />
    </View>
  );
}
