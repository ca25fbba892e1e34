import { FLUX_LOOKS } from '@kesto/contract/wording';
import { FLUX_CLASSES, FLUXES, WRAPS, type CarriedWrap, type FluxClass } from '@kesto/core';
import { formatGrams, formatTemperature, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { massKg } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { Heading } from '@/ui/Words';
import { CarriedList } from './CarriedList';
import type { useVan } from './useVan';
import { WORDS } from './words';

type Van = ReturnType<typeof useVan>;

/** Flux by its class, with what is left in the jar. */
export function Flux({ van, mayCount }: { van: Van; mayCount: boolean }) {
  const units = useUnits();
  const { flux } = van.draft;
  const left = FLUX_CLASSES.filter((name) => !flux.some((row) => row.class === name));
  const active = (name: FluxClass) =>
    `${formatTemperature(FLUXES[name].activeFromC, units).value} to ${readingText(formatTemperature(FLUXES[name].activeToC, units))}`;
  return (
    <CarriedList
      title={WORDS.flux}
      none={WORDS.noneYetPhosphorusRod}
      things={flux}
      nameOf={(row) => row.class}
      saysOf={(row) => `${FLUX_LOOKS[row.class]}, ${readingText(formatGrams(row.grams))}, active ${active(row.class)}`}
      onTakeOff={mayCount ? (row) => van.change({ flux: flux.filter((other) => other.class !== row.class) }) : null}
      another={WORDS.anotherFlux}
      form={(done) => (
        <AddFlux
          classes={left}
          onAdd={(row) => {
            van.change({ flux: [...flux, row] });
            done();
          }}
        />
      )}
    />
  );
}

const FIGURES = { left: { label: 'left in the jar', kind: 'mass', hint: 'as 180 g' } } as const;

function AddFlux({ classes, onAdd }: { classes: readonly FluxClass[]; onAdd: (row: { class: FluxClass; grams: number }) => void }) {
  const [picked, setPicked] = useState(classes[0] ?? null);
  const figures = useFigures('van.flux', FIGURES);
  const add = ({ left }: Read<typeof FIGURES>) => {
    if (picked) onAdd({ class: picked, grams: Math.round(massKg(left) * 1e4) / 10 });
    return picked !== null;
  };
  return (
    <View style={arrange.stack8}>
      <Choice
        label={WORDS.classLabel}
        value={picked}
        onChange={setPicked}
        options={classes.map((value) => ({ value, label: `${value}, ${FLUX_LOOKS[value]}` }))}
      />
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.putItOnThe} disabled={picked === null} onPress={() => void figures.submit(add)} />
    </View>
  );
}

const WRAP_WORDS: Readonly<Record<CarriedWrap, string>> = {
  'wet-cloth': 'cloth and a bucket of water',
  putty: 'heat-stop putty',
  paste: 'heat-stop paste or gel',
};

/** What keeps the heat off. */
export function Wraps({ van, mayCount }: { van: Van; mayCount: boolean }) {
  const { wraps } = van.draft;
  return (
    <View>
      <Heading size={20}>{WORDS.wraps}</Heading>
      {WRAPS.map((wrap) => (
        <CheckRow
          key={wrap}
          label={WRAP_WORDS[wrap]}
          checked={wraps.includes(wrap)}
          onChange={(on) => (mayCount ? van.change({ wraps: on ? [...wraps, wrap] : wraps.filter((other) => other !== wrap) }) : undefined)}
        />
      ))}
    </View>
  );
}
