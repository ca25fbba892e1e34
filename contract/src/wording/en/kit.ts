import type { CarriedWrap, Form, KitLine, OnVan, TakenOut } from '@kesto/core';
import { formatLength, formatMass, formatNumber, readingText, tradeFraction, type UnitPreferences } from '@kesto/core/unit';

export const KIT_GROUP_WORDS: Readonly<Record<KitLine['of'], string>> = {
  part: 'parts',
  fitting: 'fittings',
  jaw: 'press jaws and fittings',
  'flare-nut': 'flare nuts',
  rod: 'rods',
  flux: 'flux',
  nitrogen: 'nitrogen',
  wrap: 'heat protection',
  spare: 'cores, caps, seals',
};
/** In the order they are laid out. */
export const KIT_GROUPS: readonly KitLine['of'][] = ['part', 'fitting', 'jaw', 'flare-nut', 'rod', 'flux', 'nitrogen', 'wrap', 'spare'];

export const ON_VAN_WORDS: Readonly<Record<OnVan, string>> = { enough: 'on the van', short: 'fetch it', 'not-counted': 'look' };

const WRAP_WORDS: Readonly<Record<CarriedWrap, string>> = { 'wet-cloth': 'wet cloth and water', putty: 'putty', paste: 'paste' };
const FORM_WORDS: Partial<Record<Form, string>> = { 'fitting-cup': 'cup of a fitting' };
const SPARE_WORDS = { core: 'valve core', cap: 'cap with its seal', seal: 'seal set' } as const;

export const TAKEN_OUT_WORDS: Readonly<Record<TakenOut, { readonly name: string; readonly out: string }>> = {
  core: { name: 'valve core', out: 'taken out by its tool' },
  seal: { name: 'cap and seal of the stem', out: 'off, stem half way, a ball fully open' },
  bulb: { name: 'bulb or power head', out: 'off the line, out of the heat' },
  coil: { name: 'coil', out: 'off, never live without its body' },
  sensor: { name: 'sensor or switch', out: 'out, its hole plugged' },
};

/** Minutes as hours and minutes, to the minute. */
export function hoursText(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}

type NameOf = (place: string) => string;
const times = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`;

/** A tube by its outside, as the trade says it. */
function sizeText(odM: number | null, units: UnitPreferences): string {
  if (odM === null) return 'size of the tube';
  const fraction = tradeFraction(odM);
  return fraction ? `${fraction} in` : readingText(formatLength(odM, units));
}

/** What is to be taken along, and how much: the thing, and its amount against the van. */
export function kitLineText(line: KitLine, units: UnitPreferences, nameOf: NameOf): { readonly name: string; readonly amount: string } {
  switch (line.of) {
    case 'part':
      return { name: nameOf(line.place), amount: 'new, loose: right size, right way round' };
    case 'fitting':
      return { name: `${FORM_WORDS[line.form] ?? 'fitting'}, ${sizeText(line.odM, units)}`, amount: times(line.count, 'joint') };
    case 'jaw':
      return { name: `press jaw, ${sizeText(line.odM, units)}`, amount: `${times(line.count, 'place')}: its maker, its date of check` };
    case 'flare-nut':
      return { name: `flare nut, ${sizeText(line.odM, units)}`, amount: `${times(line.count, 'place')}: torque wrench, refrigerant oil` };
    case 'rod': {
      const sticks = (count: number) => formatNumber(count, 1);
      return {
        name: line.designation,
        amount: `${readingText(formatMass(line.massKg, units))}, ${sticks(line.sticks)} sticks, half as much again counted; the van has ${sticks(line.leftSticks)}`,
      };
    }
    case 'flux':
      return { name: `flux ${line.class}`, amount: 'closed, not dried out' };
    case 'nitrogen':
      return {
        name: 'nitrogen',
        amount: `${formatNumber(line.neededM3 * 1000, 0)} L of ${formatNumber(line.heldM3 * 1000, 0)}, ${formatNumber(line.leftPercent, 0)} % left${line.lastsForHold ? '' : ': not enough for the hold'}`,
      };
    case 'wrap':
      return { name: WRAP_WORDS[line.wrap], amount: times(line.joints, 'joint') };
    case 'spare':
      return { name: SPARE_WORDS[line.what], amount: String(line.count) };
  }
}
