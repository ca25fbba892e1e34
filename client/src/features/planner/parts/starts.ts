import { NEW_DRAFT, type Draft } from '@/draft/drafts';

export interface Start {
  readonly name: string;
  readonly draft: Draft;
}

type Part<T> = Partial<T>;

function start(name: string, parts: { male?: Part<Draft['male']>; female?: Part<Draft['female']>; rest?: Part<Draft> }): Start {
  return {
    name,
    draft: { ...NEW_DRAFT, ...parts.rest, male: { ...NEW_DRAFT.male, ...parts.male }, female: { ...NEW_DRAFT.female, ...parts.female } },
  };
}

const brassStub = { metal: 'brass', form: 'component-stub', wall: '1.6 mm' } as const;
const platedStub = { metal: 'copper-plated-steel', form: 'component-stub', wall: '1 mm' } as const;
const near = (kind: Draft['near'][number]['kind'], distance: string, protection: Draft['near'][number]['protection'] = 'putty') =>
  ({ kind, distance, along: 'female', protection }) as const;

/** The joints a technician makes every week; sizes are the common ones and meant to be changed. */
export const STARTS: readonly Start[] = [
  start('tube in a coupling', { male: { od: '7/8 in' } }),
  start('tube in a service valve', { male: { od: '5/8 in' }, female: brassStub, rest: { near: [near('valve', '35 mm')] } }),
  start('drier stub', { male: { od: '3/8 in' }, female: { ...platedStub, bore: '9.62 mm', cupDepth: '9 mm' }, rest: { side: 'liquid' } }),
  start('expansion valve', {
    male: { od: '1/2 in' },
    female: brassStub,
    rest: { side: 'liquid', near: [near('expansion-valve', '50 mm', 'wet-cloth')] },
  }),
  start('access stub', {
    male: { od: '1/4 in' },
    female: { metal: 'copper', form: 'saddle' },
    rest: { near: [near('core', '32 mm', 'removed')] },
  }),
  start('compressor stub', {
    male: { od: '7/8 in' },
    female: { ...platedStub, bore: '22.35 mm', cupDepth: '16 mm' },
    rest: { side: 'suction', vibration: true },
  }),
  start('reducer in a drier', {
    male: { form: 'reducer', od: '5/8 in' },
    female: { ...platedStub, bore: '16 mm', cupDepth: '12 mm' },
    rest: { side: 'liquid' },
  }),
  start('new section in a line', {
    male: { od: '1-1/8 in' },
    female: { metal: 'copper', form: 'fitting-cup' },
    rest: { side: 'suction', access: 'tight' },
  }),
  start('swaged joint', { male: { od: '5/8 in' }, female: { metal: 'copper', form: 'swaged-socket' } }),
  start('capillary in a drier', {
    male: { form: 'capillary', od: '2 mm', wall: '0.6 mm' },
    female: { ...platedStub, form: 'crimped-stub', cupDepth: '6 mm', wall: '0.7 mm' },
    rest: { side: 'liquid' },
  }),
];

const KEY = 'kesto.starts';

/** Starting points a person has saved on this device. */
export function ownStarts(): readonly Start[] {
  try {
    return JSON.parse(globalThis.localStorage?.getItem(KEY) ?? '[]') as Start[]; // cast: written by keepOwnStart alone
  } catch {
    return [];
  }
}

export function keepOwnStart(name: string, draft: Draft): void {
  try {
    const rest = ownStarts().filter((s) => s.name !== name);
    globalThis.localStorage?.setItem(KEY, JSON.stringify([...rest, { name, draft: { ...draft, reason: '', choose: null, kept: null } }]));
  } catch {
    // no storage: nothing to come back to, and nothing lost from the plan
  }
}
