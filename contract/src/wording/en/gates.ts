import { HOSES, type BeforeStart, type BendPoint, type GateCode, type HandOverPoint, type OpenGate, type TorchPoint } from '@kesto/core';
import { BEND_POINT_WORDS } from './bends';
import { priceCheckText } from './decide';
import { BEFORE_START_WORDS, HAND_OVER_WORDS } from './endEntries';

/** A point before the torch: what it is, and what answers it. */
export const TORCH_POINT_WORDS: Readonly<Record<TorchPoint, { readonly name: string; readonly asks: string }>> = {
  'power-off': { name: 'power off, locked', asks: 'Lock it off, try to start it: dead. Who holds the key?' },
  'before-pictures': { name: 'pictures before it comes apart', asks: 'Wiring and pipes, as they are now' },
  'refrigerant-out': { name: 'refrigerant out', asks: 'Weigh the cylinder before and after' },
  'zero-and-open': { name: 'zero and open to air', asks: 'Each side that the flame touches: gauge at zero, a core out or a pipe open' },
  'held-back': { name: 'what holds the full side back', asks: 'By which valve, its stem capped; its gauge read again and steady' },
  swept: { name: 'vacuum, nitrogen, vacuum, nitrogen', asks: 'The refrigerant burns: sweep it twice, open it cold' },
  'liquid-left': {
    name: 'no liquid left in a line',
    asks: 'A cold or frosted spot low down holds liquid: warm it, wait, read the gauge again',
  },
  told: { name: 'people told', asks: 'Who was told that a flame is lit?' },
  extinguisher: { name: 'extinguisher', asks: 'At arm’s length, in date: read the tag' },
  watch: { name: 'fire watch', asks: 'Who stays and looks after the last flame?' },
  thawed: { name: 'ice melted', asks: 'Frost was seen: melt it, dry the joint and what drips on it; or none at the work' },
  sprinklers: { name: 'sprinklers', asks: 'Shielded, or out of service by who may; or none here' },
  detectors: { name: 'detectors of the whole room', asks: 'Smoke, heat and aspirating pipes of the room or zone; or none here' },
  oxygen: {
    name: 'air to breathe',
    asks: 'Outdoors or aired; else read it: 19.5 to 23.5 % oxygen; carbon dioxide and ammonia by their own meter',
  },
  insulation: { name: 'insulation near a joint', asks: 'Pull it back 300 mm, wrap the tube wet' },
  wood: { name: 'wood near a joint', asks: 'Move it or shield it; wet what stays' },
  'plastic-pipe': { name: 'plastic pipe near a joint', asks: 'Shield it' },
  'painted-surface': { name: 'painted or oily surface near a joint', asks: 'Wipe and shield it' },
  wiring: { name: 'wiring near a joint', asks: 'Tie it away, shield it' },
  grommet: { name: 'grommet near a joint', asks: 'Take it out or keep it wet' },
  covered: { name: 'cover and drip protection', asks: 'Electronics below covered; cover against rain ready' },
};

/** What each gate says while it is shut. */
export const GATE_SENTENCES: Readonly<Record<GateCode, string>> = {
  'loss-not-explained': 'less than half of what is lost is explained by what was found',
  'not-looked-on': 'nothing was looked at after the first leak: there may be more',
  'not-approved': 'nobody has said yes to the work',
  'price-checks-open': 'to be looked at before a price is named',
  'stage-points-open': 'open on the list',
  'bend-open': 'what bends this job asks',
  'other-circuit-rose': 'the other circuit’s gauge rose: the exchanger leaks inside, or a valve between them',
  torch: 'the torch stays locked',
  'no-hold': 'no hold has proven it tight',
  'not-soaped': 'not soaped, or bubbles seen there last',
  'under-pressure': 'something stands under pressure: let it down',
  'rig-not-alone': 'pump and hoses were not seen to hold by themselves',
  'not-reached': 'the pump does not reach all of it',
  'not-dry': 'no rise has shown it dry, or something was opened since',
  'no-charge': 'nobody has said what belongs in it',
  'not-charged': 'what belongs in it is not in by weight',
  'not-before-start': 'not seen to before the first start',
  'not-settled': 'no readings of the machine run in and settled',
  'hand-over-open': 'open on the list of the end',
  'not-signed': 'nobody has signed',
};

/** A point of any list by its name; a part of the drawing by its id, which is what the drawing shows. */
function pointText(point: string): string {
  if (point in TORCH_POINT_WORDS) return TORCH_POINT_WORDS[point as TorchPoint].name; // cast: just looked for
  if (point in BEND_POINT_WORDS) return BEND_POINT_WORDS[point as BendPoint].name; // cast: just looked for
  if (point in HAND_OVER_WORDS) return HAND_OVER_WORDS[point as HandOverPoint].name; // cast: just looked for
  return point in BEFORE_START_WORDS ? BEFORE_START_WORDS[point as BeforeStart] : point; // cast: just looked for
}

function soapText(open: readonly string[]): string {
  const joints = open.filter((id) => id !== HOSES).length;
  const hoses = open.includes(HOSES) ? ['our own hoses'] : [];
  return [...(joints === 0 ? [] : [joints === 1 ? 'one joint' : `${joints} joints`]), ...hoses].join(', ');
}

const MOST_NAMED = 3;

/** What a gate holds against going on. */
export function gateText({ gate, open }: Pick<OpenGate, 'gate' | 'open'>): string {
  // Joints are known by ids: how many they are is said, which ones stands on the sheet.
  if (gate === 'not-soaped') return `${GATE_SENTENCES[gate]}: ${soapText(open)}`;
  const named = gate === 'price-checks-open' ? priceCheckText : pointText;
  // A long list stands on the sheet: here it is counted.
  const names = gate !== 'torch' && gate !== 'price-checks-open' && open.length > MOST_NAMED ? [`${open.length} points`] : open.map(named);
  return names.length === 0 ? GATE_SENTENCES[gate] : `${GATE_SENTENCES[gate]}: ${names.join(', ')}`;
}

/** Why a stage is still open, in a line above its action: the first of its gates, and how many more there are. */
export function stillOpenText(gates: readonly Pick<OpenGate, 'gate' | 'open'>[]): string | undefined {
  const [first] = gates;
  if (!first) return undefined;
  const more = gates.length - 1;
  return `Still open: ${gateText(first)}${more > 0 ? `; and ${more} more` : ''}.`;
}
