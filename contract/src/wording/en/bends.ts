import type { AcidResult, Bend, BendPoint } from '@kesto/core';

/** What bends the path of a job: its name, and what it means for the way. */
export const BEND_WORDS: Readonly<Record<Bend, { readonly name: string; readonly says: string }>> = {
  'burnt-compressor': {
    name: 'burnt compressor',
    says: 'Gloves and goggles, no skin on the oil. Flushed until clear twice, two driers, triple pull, acid test again after its run. What was recovered does not go back.',
  },
  'overnight-pressure': {
    name: 'left overnight under pressure',
    says: 'Filled for the warmest hour, hose off, a sign with pressure, name and phone, nobody’s way blocked. Whoever goes on reads gauge and weather first.',
  },
  'overnight-vacuum': {
    name: 'left overnight in vacuum',
    says: 'Valve shut, pump off or with a non-return valve, gauge isolated.',
  },
  'two-circuits': {
    name: 'a second circuit shares an exchanger',
    says: 'Plate, locks, drier, hold and pull are this circuit’s own. The other one’s gauge is read before and after: a rise is a leak inside.',
  },
  'sealed-room': {
    name: 'sealed room',
    says: 'No flame. Nitrogen is let down outdoors by a hose, with people out of the room.',
  },
  'unknown-charge': {
    name: 'nobody knows the charge',
    says: 'The refrigerant is proven first; what is recovered and weighed is a lower bound. It stays unknown on the paper.',
  },
  'critical-charge': {
    name: 'small, critical charge',
    says: 'Ports are added for good, it is weighed and not trimmed, its readings are compared with a sister’s.',
  },
  'cooling-on': { name: 'the cooling may not stop', says: 'Other cooling stands and runs before the circuit is opened.' },
  'owner-no': {
    name: 'the owner says no',
    says: 'What is left under pressure, open or locked off is told in writing, valves are capped. No refrigerant goes into a known leak where the law forbids it.',
  },
};

/** A point of a bend: what it is called, and what it asks. */
export const BEND_POINT_WORDS: Readonly<Record<BendPoint, { readonly name: string; readonly asks: string }>> = {
  'skin-covered': { name: 'gloves and goggles', asks: 'No skin on the oil: it burns' },
  'acid-at-opening': { name: 'acid test at opening', asks: 'What the oil showed: acid asks for the flush, the acid core and the run' },
  'stubs-capped': { name: 'old compressor capped', asks: 'Its stubs closed: it drips acid' },
  'flushed-twice': {
    name: 'flushed clear twice',
    asks: 'A solvent for oil and refrigerant, pushed by nitrogen under the low side’s limit; never through compressor, metering device, reversing valve, drier, accumulator or oil separator',
  },
  'blown-dry': { name: 'blown dry', asks: 'Each leg 15 min with nitrogen, until a plate stays dry and nothing smells' },
  'liquid-drier': { name: 'liquid drier, oversize', asks: 'Size and day on it' },
  'suction-core-in': { name: 'acid core in the suction', asks: 'With gauge ports on both sides; its day' },
  'pump-oil-changed': { name: 'pump oil changed each time', asks: 'After each of the three pulls' },
  'electrical-cause': { name: 'electrical cause found', asks: 'Why it burnt: supply, start gear, short cycling' },
  'contactor-changed': { name: 'contactor changed', asks: 'Welded contacts burn the next one' },
  'run-in': { name: 'run 24 to 72 hours', asks: 'From when to when' },
  'acid-again': { name: 'acid test after the run', asks: 'Clean; else both cores change and it runs again' },
  'drop-read': { name: 'drop over the suction drier', asks: 'Above 14 to 20 kPa (2 to 3 psi) it is changed' },
  'suction-core-out': { name: 'suction core out', asks: 'And a standard drier in the liquid' },
  'hose-off': { name: 'hose off or shut at the unit', asks: 'Cylinder and rig away from it' },
  sign: { name: 'a sign on it', asks: 'Pressure or vacuum, name, phone' },
  'way-free': { name: 'nobody’s way is blocked', asks: 'No hose or cylinder where people go' },
  'own-joints-soaped': { name: 'own joints soaped', asks: 'Before anybody leaves' },
  'gauge-left': { name: 'gauge when it was left', asks: 'With the weather' },
  'gauge-found': { name: 'gauge when it was gone on with', asks: 'Read first, with the weather' },
  'pump-off': { name: 'pump off', asks: 'Or one with a non-return valve left on' },
  'gauge-isolated': { name: 'gauge isolated', asks: 'Its valve shut' },
  'other-before': { name: 'the other circuit’s gauge before', asks: 'Its own set, not this one’s' },
  'other-after': { name: 'the other circuit’s gauge after', asks: 'The same gauge' },
  'no-flame': { name: 'no flame in the room', asks: 'Pressed, flared or bent' },
  'people-out': { name: 'people out of the room', asks: 'Aired before anybody goes in' },
  'let-down-outdoors': { name: 'let down outdoors', asks: 'By a hose, not into the room' },
  'refrigerant-proven': {
    name: 'refrigerant proven',
    asks: 'By label, by pressure against warmth standing, by an analyser where it matters',
  },
  'lower-bound': { name: 'weighed out', asks: 'What was recovered: at least so much was in it' },
  'marked-unknown': { name: 'marked unknown', asks: 'On the unit’s label' },
  'ports-for-good': { name: 'ports added for good', asks: 'Brazed or crimped, capped' },
  'sister-compared': { name: 'compared with a sister', asks: 'Its readings beside those of the same machine' },
  'cooling-stands': { name: 'other cooling stands', asks: 'What, and that it holds the room' },
  'left-told': { name: 'told in writing', asks: 'What is left under pressure, open, or locked off' },
  'valves-capped': { name: 'valves capped', asks: 'Stems and ports, with their seals' },
  'none-added': { name: 'no refrigerant added', asks: 'Into a leak that is known' },
};

export const ACID_RESULT_WORDS: Readonly<Record<AcidResult, string>> = { clean: 'clean', acid: 'acid' };

/** What a point says whose answer is not good yet. */
export const BEND_AGAIN_WORDS = 'Both cores change, and it runs again';
