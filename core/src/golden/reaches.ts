import { heatReach, type ReachRequest } from '../reach/heatReach';

const q = (value: number, unit: string) => ({ value, unit });
const TUBE: ReachRequest['tube'] = { metal: 'copper', od: q(7 / 8, 'in'), wall: q(0.045, 'in') };
const asked = (rest: Partial<ReachRequest> = {}): ReachRequest => ({
  ...{ tube: TUBE, ambient: q(20, 'C'), jointTemperature: q(720, 'C'), seconds: 60 },
  at: [q(0, 'mm'), q(30, 'mm'), q(100, 'mm'), q(250, 'mm')],
  ...rest,
});
const wet = (from: number, to: number, grams: number) => ({ from: q(from, 'mm'), to: q(to, 'mm'), water: q(grams, 'g') });

const REQUESTS: Readonly<Record<string, ReachRequest>> = {
  '7/8 in copper': asked(),
  'a second at the flame': asked({ seconds: 1 }),
  'ten minutes at the flame': asked({ seconds: 600 }),
  'a long way off': asked({ at: [q(1.5, 'm')] }),
  'a capillary': asked({ tube: { metal: 'copper', od: q(2, 'mm'), wall: q(0.6, 'mm') } }),
  'a header': asked({ tube: { metal: 'copper', od: q(54, 'mm'), wall: q(1.5, 'mm') } }),
  steel: asked({ tube: { ...TUBE, metal: 'carbon-steel' } }),
  stainless: asked({ tube: { ...TUBE, metal: 'stainless-steel' }, at: [q(20, 'mm'), q(60, 'mm')] }),
  brass: asked({ tube: { ...TUBE, metal: 'brass' } }),
  'in the cold': asked({ ambient: q(-20, 'C') }),
  'a wet cloth': asked({ wet: wet(40, 140, 200) }),
  'a wet cloth that dries': asked({ seconds: 240, wet: wet(40, 140, 6) }),
  'a wet cloth behind what is asked': asked({ at: [q(30, 'mm')], wet: wet(60, 200, 100) }),
  'a wet cloth on the joint': asked({ wet: wet(2, 60, 100) }),
};

/** How far heat goes, in a line each: peaks with their times, when the water is gone. */
export function reachLines(): Readonly<Record<string, string>> {
  const line = (request: ReachRequest): string => {
    const result = heatReach(request);
    if (!result.ok) return `refused: ${result.errors.map((error) => `${error.field} ${error.kind}`).join(', ')}`;
    const { points, dryAtSeconds } = result.value;
    const peaks = points.map((p) => `${(p.distanceM * 1000).toFixed(0)} mm ${p.peakC.toFixed(2)} C at ${p.atSeconds.toFixed(1)} s`);
    return `${peaks.join(', ')}, dry ${dryAtSeconds === null ? 'never' : `at ${dryAtSeconds.toFixed(1)} s`}`;
  };
  return Object.fromEntries(Object.entries(REQUESTS).map(([name, request]) => [name, line(request)]));
}
