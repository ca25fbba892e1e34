import { jointAt, TEMPLATE_CIRCUITS } from '@kesto/core';
import { around } from '@/testing/joints';
import { draftOnCircuit } from './draftOnCircuit';
import { planDraft } from './toRequest';

const drafted = (part: string, from: string, to: string) => {
  const place = jointAt(TEMPLATE_CIRCUITS['walk-in'], { part, from, to });
  if (!place) throw new Error('no such place');
  return { place, draft: draftOnCircuit(place) };
};

test('a valve on the drawing is a brass stub of the tube’s size, with its inside to protect', () => {
  const { draft } = drafted('suction-valve', 'evaporator', 'suction-valve');
  expect(draft).toMatchObject({
    male: { od: '7/8 in' },
    female: { metal: 'brass', form: 'component-stub' },
    side: 'suction',
    near: [{ kind: 'valve', along: 'female' }],
    outlet: 'port-core-out',
  });
});

test('what the drawing says is enough for a plan, flooded through the lines as they are drawn', () => {
  const { place, draft } = drafted('suction-valve', 'evaporator', 'suction-valve');
  const { plan, problems } = planDraft(draft, { ...around, circuit: { ...around.circuit, purgeSections: place.sections } });
  expect(problems).toEqual({});
  // 12 m of 7/8 in (bore 19.94 mm): pi/4 x 0.01994^2 x 12 = 3.75 L; 0.3 m of it behind the valve 0.09 L; 0.3 m of 3/8 in (8.0 mm) 0.02 L.
  expect((plan?.purge?.volumeM3 ?? 0) * 1000).toBeCloseTo(3.86, 2);
});

test('no putty where the van carries cloth: its inside is protected by what is there', () => {
  const { place } = drafted('suction-valve', 'evaporator', 'suction-valve');
  const by = (wraps?: Parameters<typeof draftOnCircuit>[1]) => draftOnCircuit(place, wraps).near[0]?.protection;
  expect([by(), by(['wet-cloth']), by(['putty', 'wet-cloth'])]).toEqual(['putty', 'wet-cloth', 'putty']);
});

test.each([
  ['suction-valve', 'evaporator', 'suction-valve'],
  ['king-valve', 'receiver', 'king-valve'],
])('the usual wrap covers what is inside %s at the size of its tube', (...at) => {
  const { place, draft } = drafted(...at);
  const { plan } = planDraft(draft, { ...around, circuit: { ...around.circuit, purgeSections: place.sections } });
  expect(plan?.cautions.map(({ code }) => code)).not.toContain('wrap-misses');
});
