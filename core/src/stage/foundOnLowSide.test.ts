import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import type { StageFact } from './entry';
import { foundOnLowSide } from './loss';

const SPLIT = TEMPLATE_CIRCUITS.split;
const fact = (kind: string, values: object) =>
  ({ id: kind, stage: 'find', kind, values, by: 'Ilta Varro', at: '', takenAt: '', photos: [] }) as unknown as StageFact; // cast: one kind at a time
const found = (...facts: readonly StageFact[]) => foundOnLowSide(facts, SPLIT);
const place = (where: string, result = 'leak') => fact('checked-place', { place: where, method: 'soap', result });
const held = (parts: readonly string[], verdict = 'leaking') => fact('section-hold', { parts, verdict });

test.each([
  ['the evaporator', [place('evaporator')], true],
  ['a tube behind it', [place('evaporator>gas-valve')], true],
  ['the drier before the expansion valve', [place('drier')], false],
  ['the liquid line', [place('condenser>liquid-valve')], false],
  ['the rig', [place('rig')], false],
  ['the evaporator, and nothing there any more', [place('evaporator'), place('evaporator', 'nothing')], false],
  ['a section with the evaporator in it', [held(['drier', 'evaporator'])], true],
  ['a tight one', [held(['drier', 'evaporator'], 'tight')], false],
  ['a section of liquid alone', [held(['drier'])], false],
  ['a part that is no longer drawn', [place('old-coil'), held(['old-coil'])], false],
])('%s', (_what, facts, isLow) => expect(found(...facts)).toBe(isLow));
