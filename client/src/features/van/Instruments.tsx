import { INSTRUMENT_KINDS, type Instrument, type InstrumentKind } from '@kesto/core';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { asDifference } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { CarriedList } from './CarriedList';
import { isPast } from '@/data/van/isPast';
import type { useVan } from './useVan';
import { WORDS } from './words';

const KIND_WORDS: Readonly<Record<InstrumentKind, string>> = {
  gauge: 'gauge',
  'vacuum-gauge': 'vacuum gauge',
  thermometer: 'thermometer',
  scale: 'scale',
  detector: 'leak detector',
  'oxygen-meter': 'oxygen meter',
};

function saysOf({ kind, resolution, range, offK, calibratedUntil }: Instrument): string {
  return [
    KIND_WORDS[kind],
    ...(resolution ? [`steps of ${resolution.value} ${resolution.unit}`] : []),
    ...(range ? [`up to ${range.value} ${range.unit}`] : []),
    ...(offK === undefined ? [] : [`off by ${offK} K at most`]),
    ...(calibratedUntil ? [`calibrated until ${format(new Date(calibratedUntil), 'd MMM yyyy')}`] : []),
  ].join(', ');
}

/** What is read with: the holds count with its steps. */
export function Instruments({ van, mayCount }: { van: ReturnType<typeof useVan>; mayCount: boolean }) {
  const { instruments } = van.draft;
  return (
    <CarriedList
      title={WORDS.instruments}
      none={WORDS.noneYetAGauges}
      things={instruments}
      nameOf={({ name }) => name}
      saysOf={saysOf}
      isLate={({ calibratedUntil }) => isPast(calibratedUntil)}
      onTakeOff={mayCount ? ({ id }) => van.change({ instruments: instruments.filter((other) => other.id !== id) }) : null}
      another={WORDS.anotherInstrument}
      form={(done) => (
        <AddInstrument
          onAdd={(instrument) => {
            van.change({ instruments: [...instruments, instrument] });
            done();
          }}
        />
      )}
    />
  );
}

const FIGURES = {
  name: { label: 'what it is called', kind: 'name' },
  step: { label: 'shows steps of', kind: 'pressure', hint: 'of a gauge', optional: true },
  range: { label: 'its dial ends at', kind: 'pressure', hint: 'of a gauge', optional: true },
  off: { label: 'off by, K', kind: 'number', hint: 'of a thermometer', optional: true },
  until: { label: 'calibrated until', kind: 'day', hint: 'as 2027-03-31', optional: true },
} as const;

function AddInstrument({ onAdd }: { onAdd: (instrument: Instrument) => void }) {
  const [kind, setKind] = useState<InstrumentKind>('gauge');
  const figures = useFigures('van.instrument', FIGURES);
  function add({ name, step, range, off, until }: Read<typeof FIGURES>): boolean {
    onAdd({
      ...{ id: uuid(), kind, name },
      ...(step ? { resolution: asDifference(step) } : {}),
      ...(range ? { range: asDifference(range) } : {}),
      ...(off ? { offK: off.value } : {}),
      ...(until ? { calibratedUntil: until } : {}),
    });
    return true;
  }
  return (
    <View style={arrange.stack8}>
      <Choice
        label={WORDS.kind}
        value={kind}
        onChange={setKind}
        options={INSTRUMENT_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
      />
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.putItOnThe} onPress={() => void figures.submit(add)} />
    </View>
  );
}
