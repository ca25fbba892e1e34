import type { CheckResult, CircuitKind, FindMethod, PlaceWhy, Sign } from '@kesto/core';

export const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  oil: 'oil',
  'oily-dirt': 'oily dirt',
  frost: 'frost',
  corrosion: 'green corrosion',
  rubbed: 'rubbed bright',
  'earlier-repair': 'earlier repair',
  'soft-solder': 'soft solder',
};

export const FIND_METHOD_WORDS: Readonly<Record<FindMethod, string>> = {
  look: 'eye and hand',
  sniffer: 'sniffer',
  'gas-and-ear': 'nitrogen and ear',
  soap: 'soap',
  'section-hold': 'section hold',
};

/** What each sees at best. */
export const FIND_METHOD_SEES: Readonly<Record<FindMethod, string>> = {
  look: 'oil, dirt, rubbing: points, proves nothing',
  sniffer: 'about 5 g a year; wind, sun and hot exhaust hide it',
  'gas-and-ear': 'what hisses: kilograms a year',
  soap: 'about 3 g a year, where you reach; from the top down',
  'section-hold': 'what no hand reaches; as small as its volume allows',
};

export const CHECK_RESULT_WORDS: Readonly<Record<CheckResult, string>> = {
  nothing: 'nothing',
  leak: 'leak',
  'in-part': 'in part',
  'not-reached': 'not reached',
};

/** Why a place is worth looking at. */
export function placeWhyText(why: PlaceWhy): string {
  switch (why.code) {
    case 'sign':
      return `${SIGN_WORDS[why.sign]} seen`;
    case 'leaked-before':
      return `leaked before, ${why.on}${why.unit ? `, on ${why.unit}` : ''}`;
    case 'earlier-joint':
      return `${why.tag} was made here`;
    case 'near-repair':
      return 'next to an earlier repair';
    case 'kind':
      return KIND_WHYS[why.kind];
    case 'shakes':
      return 'tube at the compressor: it shakes';
    case 'in-the-wall':
      return 'in the wall: cannot be seen, hold it';
    case 'plain-tube':
      return 'plain tube';
    case 'own-hoses':
      return 'our own hoses and gauges: hold them alone';
  }
}

const KIND_WHYS: Readonly<Record<CircuitKind, string>> = {
  port: 'cap and core',
  valve: 'stem, cap and its joints',
  solenoid: 'stem tube and its joints',
  'expansion-valve': 'its nuts and joints, the power head',
  switch: 'its capillary, where it rubs',
  transducer: 'its thread and seal',
  capillary: 'where it rubs, and at its clamps',
  drier: 'both ends',
  'sight-glass': 'the glass and its seal',
  fitting: 'its joints',
  distributor: 'its fine tubes, where they touch',
  'check-valve': 'both ends',
  'reversing-valve': 'its four stubs and pilot tubes',
  evaporator: 'bends at its ends, the level of the drip pan',
  condenser: 'bends at its ends, where it rubs its frame',
  accumulator: 'rust under its insulation',
  receiver: 'its relief valve and fittings',
  compressor: 'terminals and stubs',
  tube: 'along it',
  'relief-valve': 'its seat and outlet: oil there means that it has blown',
  'fusible-plug': 'round its thread',
  'vibration-absorber': 'under its braid, at both ends',
  muffler: 'both ends',
  'oil-separator': 'its oil line and sight',
  'heat-exchanger': 'its stubs; inside it leaks into its other side',
  pump: 'shaft seal or gasket',
  'filter-shell': 'its flange and bolts',
};
