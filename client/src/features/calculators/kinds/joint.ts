import { cautionText, showIn } from '@kesto/contract/wording';
import {
  formatGaugePressure,
  formatGrams,
  formatLength,
  gaugePascals,
  planJoint,
  type CautionCode,
  type MetalName,
  type PlanRequest,
} from '@kesto/core';

const ABOUT_THE_GAP: readonly CautionCode[] = ['gap-reject', 'no-gap-hot', 'gap-loose', 'too-tight', 'tight-for-flux', 'expansion-assumed'];
import { fitWord } from '@kesto/contract/wording';
import { METAL_WORDS } from '@/drawing/joint/hatch';
import { NEW_DRAFT, type Draft } from '@/draft/drafts';
import { needed, type Answer, type Calculator, type CalculatorChoice, type CalculatorField, type Values } from '../calculator';

const OD: CalculatorField = { key: 'od', label: 'outside diameter', kind: 'length', initial: { metric: '7/8 in', inch: '7/8' } };
const WALL: CalculatorField = { key: 'wall', label: 'wall', kind: 'length', initial: { metric: '1.14 mm', inch: '0.045' } };
const BORE: CalculatorField = { key: 'bore', label: 'bore of the cup', kind: 'length', initial: { metric: '22.33 mm', inch: '0.879' } };
const DEPTH: CalculatorField = { key: 'cupDepth', label: 'depth of the cup', kind: 'length', initial: { metric: '19 mm', inch: '0.75' } };

const metalChoice = (key: string, label: string, metals: readonly MetalName[]): CalculatorChoice => ({
  key,
  label,
  initial: metals[0] ?? 'copper',
  options: metals.map((value) => ({ value, label: METAL_WORDS[value] })),
});

const FILLERS = ['BCuP-2', 'BCuP-3', 'BCuP-5', 'BAg-7', 'BAg-24', 'BAg-36'];
const filler: CalculatorChoice = {
  key: 'filler',
  label: 'filler',
  initial: 'BCuP-5',
  options: FILLERS.map((value) => ({ value, label: value })),
};

/** The joint of a sum, as far as the sum says what it is. */
const jointFrom = (values: Values): Draft => ({
  ...NEW_DRAFT,
  male: {
    ...NEW_DRAFT.male,
    metal: (values['male'] ?? 'copper') as MetalName, // cast: one of the options of the sum
    od: values['od'] ?? '',
    wall: values['wall'] ?? '',
  },
  female: {
    ...NEW_DRAFT.female,
    metal: (values['female'] ?? 'copper') as MetalName, // cast: as above
    bore: values['bore'] ?? '',
    cupDepth: values['cupDepth'] ?? '',
  },
  choose: values['filler'] ?? null,
});

/** The gap cold and hot, and what it means. */
export const gap: Calculator = {
  name: 'gap',
  title: 'Gap, cold and hot',
  says: 'Two metals grow differently: the gap the filler meets is not the one you measured.',
  fields: [OD, BORE, WALL],
  choices: [
    metalChoice('male', 'what goes in', ['copper', 'brass', 'carbon-steel', 'stainless-steel']),
    metalChoice('female', 'what takes it', ['brass', 'copper', 'carbon-steel', 'copper-plated-steel', 'stainless-steel']),
    { ...filler, initial: 'BAg-36' },
  ],
  joint: jointFrom,
  answer: ({ quantities, values, units }) => {
    const given = needed(quantities, ['od', 'bore', 'wall']);
    if (!given.ok) return given;
    const { od, bore, wall } = given.value;
    const result = planJoint({
      joint: {
        male: { metal: values['male'] as MetalName, od, wall }, // cast: one of the options above
        female: { metal: values['female'] as MetalName, bore, cupDepth: { value: 19, unit: 'mm' } }, // cast: as above
      },
      stock: [{ designation: values['filler'] ?? '' }],
    });
    if (!result.ok) return result;
    const { fit, cautions } = result.value;
    const about = cautions.filter((c) => ABOUT_THE_GAP.includes(c.code));
    return {
      ok: true,
      value: {
        picture: { kind: 'joint', plan: result.value },
        rows: [
          { label: 'each side, cold', reading: formatLength(fit.radialGapColdM, units, 2) },
          ...(fit.radialGapHotM === null
            ? []
            : [{ label: 'each side, hot', reading: formatLength(fit.radialGapHotM, units, 2), note: fitWord(result.value) }]),
        ],
        notes: about.map((c) => ({ text: cautionText(c, showIn(units)), stop: c.severity === 'stop' })),
      },
    };
  },
};

/** Filler one joint takes, by the rod in hand. */
export const rod: Calculator = {
  name: 'rod',
  title: 'Rod for a joint',
  says: 'What fills the gap and one small fillet, with drips and stubs.',
  fields: [OD, WALL, BORE, DEPTH, { key: 'joints', label: 'how many joints', kind: 'number', initial: { metric: '1', inch: '1' } }],
  choices: [
    filler,
    {
      key: 'rod',
      label: 'rod',
      initial: 'flat-0.050x1/8',
      options: [
        { value: 'flat-0.050x1/8', label: 'flat 0.050 × 1/8' },
        { value: 'round-1/16', label: 'round 1/16' },
        { value: 'round-3/32', label: 'round 3/32' },
        { value: 'round-1/8', label: 'round 1/8' },
      ],
    },
  ],
  joint: jointFrom,
  answer: ({ quantities, values, units }) => {
    const given = needed(quantities, ['od', 'wall', 'bore', 'cupDepth', 'joints']);
    if (!given.ok) return given;
    const { od, wall, bore, cupDepth, joints } = given.value;
    const request = {
      joint: { male: { metal: 'copper', od, wall }, female: { metal: 'copper', bore, cupDepth } },
      stock: [{ designation: values['filler'] ?? '', rod: values['rod'] }],
    } as PlanRequest; // cast: the rod is one of the options above
    const result = planJoint(request);
    if (!result.ok) return result;
    const amount = result.value.rod;
    const n = Math.max(1, Math.round(joints.value));
    const answer: Answer = {
      picture: { kind: 'joint', plan: result.value },
      rows: amount
        ? [
            { label: 'rod', reading: formatLength(amount.lengthM * n, units, 0) },
            { label: 'sticks', reading: { value: (amount.sticks * n).toFixed(2), unit: '' } },
            { label: 'mass', reading: formatGrams(amount.massKg * 1000 * n) },
            { label: 'fills, a joint', reading: { value: (amount.volumeM3 * 1e9).toFixed(0), unit: 'mm³' } },
          ]
        : [],
      notes: [{ text: 'A cap adds no strength and hides a void: stop when the ring is closed.' }],
    };
    return { ok: true, value: answer };
  },
};

/** What annealed copper tube carries. */
export const strength: Calculator = {
  name: 'strength',
  title: 'What the tube carries',
  says: 'Copper after the torch: annealed, least wall, largest outside, at its hottest.',
  fields: [
    OD,
    WALL,
    { key: 'maxTemp', label: 'hottest metal', kind: 'temperature', initial: { metric: '66 °C', inch: '150 °F' } },
    { key: 'designPressure', label: 'the side needs', kind: 'pressure', initial: { metric: '28 bar', inch: '400 psig' } },
  ],
  choices: [],
  joint: jointFrom,
  answer: ({ quantities, units }) => {
    const given = needed(quantities, ['od', 'wall', 'maxTemp']);
    if (!given.ok) return given;
    const { od, wall, maxTemp } = given.value;
    const { designPressure } = quantities;
    const result = planJoint({
      joint: {
        male: { metal: 'copper', od, wall },
        female: { metal: 'copper', bore: { ...od, value: od.value * 1.01 }, cupDepth: { value: 10, unit: 'mm' } },
      },
      service: { maxTemp, ...(designPressure ? { designPressure } : {}) },
    });
    if (!result.ok) return result;
    const { allowablePa, ok } = result.value.pressure;
    const { male } = result.value.joint;
    const short = result.value.cautions.filter((c) => c.code === 'strength-short');
    return {
      ok: true,
      value: {
        picture: { kind: 'ring', outsideM: male.outsideM, wallM: male.wallM, metal: male.metal },
        rows: [
          {
            label: 'carries',
            reading: formatGaugePressure(gaugePascals(allowablePa ?? 0), units),
            ...(ok === null ? {} : { note: ok ? 'enough for the side' : 'not enough for the side' }),
          },
        ],
        notes: short.map((c) => ({ text: cautionText(c, showIn(units)), stop: true })),
      },
    };
  },
};
