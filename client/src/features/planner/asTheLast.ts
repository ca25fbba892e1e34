import type { Draft, NearDraft, PlaceDraft } from '@/draft/drafts';

/** Of a place what stays from joint to joint of a day: the air, the torch, the gas and how it is swept. */
const STAYS: readonly (keyof PlaceDraft)[] = [
  ...(['ambient', 'wind', 'belowGround', 'room', 'ventilation', 'flood'] as const),
  ...(['fuel', 'tipKw', 'regulator', 'fuelGas', 'holdSeconds', 'circuit', 'oil'] as const),
];

/** A part of the same kind is protected as the last one was. */
const protectedAs = (own: NearDraft, last: readonly NearDraft[]): NearDraft => {
  const same = last.find(({ kind }) => kind === own.kind);
  return same ? { ...own, protection: same.protection, ...(same.wrap ? { wrap: same.wrap } : {}) } : own;
};

/** A joint's draft with what is as at the joint before: its own sizes, metals, line and neighbours stay. */
export function asTheLast(own: Draft, last: Draft): Partial<Draft> {
  const stays = Object.fromEntries(STAYS.map((key) => [key, last.place[key]]));
  return {
    place: { ...own.place, ...stays },
    minutes: last.minutes,
    access: last.access,
    schools: last.schools,
    near: own.near.map((part) => protectedAs(part, last.near)),
  };
}
