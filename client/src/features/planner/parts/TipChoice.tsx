import { fuelLeftM3, tipKw, TIP_POWERS_W, type VanTorch } from '@kesto/core';
import { formatNumber } from '@kesto/core/unit';
import { Choice } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import type { PlaceDraft } from '@/draft/drafts';
import { WORDS } from '../words';

interface TipChoiceProps {
  readonly place: PlaceDraft;
  /** Null until the van is read. */
  readonly van: VanTorch | null;
  readonly onChange: (tipKw: string) => void;
}

const NEAREST = '';

/** The tips that are there: the van's own by name, else the usual ones of the fuel; the nearest is taken where none is picked. */
function tipsFor(place: PlaceDraft, van: VanTorch | null) {
  const fuel = place.fuel || van?.fuel || 'air-acetylene';
  const own = van && fuel === van.fuel ? van.tips : undefined;
  const tips = own?.map((tip) => ({
    value: String(tipKw(tip)),
    label: typeof tip === 'number' ? `${tip} kW` : `${tip.name}, ${tip.kw} kW`,
  }));
  return tips ?? TIP_POWERS_W[fuel].map((watts) => ({ value: String(watts / 1000), label: `${watts / 1000} kW *` }));
}

/** Which tip, out of those that are there. */
export function TipChoice({ place, van, onChange }: TipChoiceProps) {
  const tips = tipsFor(place, van);
  const typed = place.tipKw !== NEAREST && !tips.some(({ value }) => value === place.tipKw);
  const isVans = van !== null && (place.fuel === '' || place.fuel === van.fuel);
  return (
    <>
      <Choice
        label={WORDS.tip}
        value={place.tipKw}
        options={[
          { value: NEAREST, label: WORDS.nearest },
          ...tips,
          ...(typed ? [{ value: place.tipKw, label: WORDS.kwAsPlanned(place.tipKw) }] : []),
        ]}
        onChange={onChange}
      />
      {isVans && van.fuelCylinder ? (
        <Words size={14} tone="ink2">{`acetylene left: about ${formatNumber(fuelLeftM3(van.fuelCylinder), 2)} m³ by its gauge *`}</Words>
      ) : null}
    </>
  );
}
