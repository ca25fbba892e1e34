import { ACETYLENE_SIZES, tipKw, TIP_POWERS_W, type AcetyleneSize, type VanTip } from '@kesto/core';
import { View } from 'react-native';
import { FUELS } from '@/draft/choices';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { UnitField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { CarriedList } from './CarriedList';
import type { useVan } from './useVan';
import { WORDS } from './words';

type VanProps = { readonly van: ReturnType<typeof useVan>; readonly mayCount: boolean };

/** The torch with its tips and its fuel, and the nitrogen that purges. */
export function TorchAndGas({ van, mayCount }: VanProps) {
  const units = useUnits();
  const { draft, problems } = van;
  return (
    <View style={arrange.stack12}>
      <Heading size={20}>{WORDS.torch}</Heading>
      <Choice
        label={WORDS.fuel}
        value={draft.fuel}
        options={FUELS.map((fuel) => ({ ...fuel, disabled: !mayCount && fuel.value !== draft.fuel }))}
        onChange={(fuel) => van.change({ fuel, tips: [], fuelSize: '', fuelGauge: '' })}
      />
      <Tips van={van} mayCount={mayCount} />
      {draft.fuel.endsWith('acetylene') ? <FuelCylinder van={van} mayCount={mayCount} /> : null}
      <Heading size={20}>{WORDS.nitrogen}</Heading>
      <View style={arrange.wrap12}>
        <UnitField
          label={WORDS.cylinderWaterVolume}
          value={draft.waterVolume}
          onChange={(waterVolume) => van.change({ waterVolume })}
          unit="L"
          error={problems['waterVolume']}
          hint={WORDS.stampedOnItsShoulder}
        />
        <UnitField
          label={WORDS.whatItsGaugeSays}
          value={draft.pressure}
          onChange={(pressure) => van.change({ pressure })}
          unit={units.pressure}
          error={problems['pressure']}
        />
      </View>
    </View>
  );
}

const nameOf = (tip: VanTip) => (typeof tip === 'number' ? `${tip} kW` : tip.name);

function Tips({ van, mayCount }: VanProps) {
  const { tips, fuel } = van.draft;
  const usual = TIP_POWERS_W[fuel].map((watts) => watts / 1000).join(', ');
  return (
    <CarriedList<VanTip>
      title={WORDS.tips}
      none={WORDS.noneSaidUsualTips(usual)}
      things={tips}
      nameOf={nameOf}
      saysOf={(tip) => (typeof tip === 'number' ? 'tip of the torch' : `${tip.kw} kW`)}
      onTakeOff={mayCount ? (tip) => van.change({ tips: tips.filter((other) => other !== tip) }) : null}
      another={WORDS.anotherTip}
      form={(done) => (
        <AddTip
          taken={tips.map(nameOf)}
          onAdd={(tip) => {
            van.change({ tips: [...tips, tip].sort((a, b) => tipKw(a) - tipKw(b)) });
            done();
          }}
        />
      )}
    />
  );
}

const FIGURES = {
  name: { label: 'what is stamped on it', kind: 'name', hint: 'as No. 3' },
  power: { label: 'power, kW', kind: 'number', hint: 'of its flame, by the maker’s table' },
} as const;
const TIP_KW = { least: 0.2, most: 60 } as const;

function AddTip({ taken, onAdd }: { taken: readonly string[]; onAdd: (tip: VanTip) => void }) {
  const figures = useFigures('van.tip', FIGURES);
  function add({ name, power }: Read<typeof FIGURES>): boolean {
    const wrong = !(power.value >= TIP_KW.least && power.value <= TIP_KW.most);
    if (wrong) figures.complain('power', `must lie in ${TIP_KW.least}..${TIP_KW.most} kW`);
    const again = taken.includes(name);
    if (again) figures.complain('name', 'is on the list already');
    if (!wrong && !again) onAdd({ name, kw: power.value });
    return !wrong && !again;
  }
  return (
    <View style={arrange.stack8}>
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.putItOnTheList} onPress={() => void figures.submit(add)} />
    </View>
  );
}

const SIZE_WORDS: Readonly<Record<AcetyleneSize, string>> = {
  'ft3-10': '10 ft³ (0.28 m³)',
  'ft3-40': '40 ft³ (1.1 m³)',
  'ft3-75': '75 ft³ (2.1 m³)',
  'ft3-145': '145 ft³ (4.1 m³)',
  'ft3-300': '300 ft³ (8.5 m³)',
};

/** How fast acetylene may be drawn goes by what is left: by size and gauge, roughly. */
function FuelCylinder({ van, mayCount }: VanProps) {
  const units = useUnits();
  const { draft, problems } = van;
  const sizes = [{ value: '' as const, label: 'not said' }, ...ACETYLENE_SIZES.map((value) => ({ value, label: SIZE_WORDS[value] }))];
  return (
    <View style={arrange.stack8}>
      <Words size={15}>{WORDS.acetyleneCylinder}</Words>
      <Choice
        label={WORDS.acetyleneCylinderFullIt}
        value={draft.fuelSize}
        options={sizes.map((size) => ({ ...size, disabled: !mayCount && size.value !== draft.fuelSize }))}
        onChange={(fuelSize) => van.change({ fuelSize })}
      />
      {draft.fuelSize === '' ? null : (
        <UnitField
          label={WORDS.whatTheAcetyleneGauge}
          value={draft.fuelGauge}
          onChange={(fuelGauge) => van.change({ fuelGauge })}
          unit={units.pressure}
          error={problems['fuelGauge']}
          hint={WORDS.roughOnlyTheScale}
        />
      )}
    </View>
  );
}
