import type { JointPlace } from '../circuit/jointAt';
import type { Quantity } from '../unit/units';
import { factsOf, type StageFact } from './entry';
import { tubePlace } from './places';

/** Where a tinned joint was seen beside the place of another, and nobody measured how far. Judgement: near enough to melt; meant to be measured. */
const UNMEASURED: Quantity = { value: 150, unit: 'mm' };

/**
 * Soft-soldered joints that were seen where a joint is planned: each is a part that heat spoils.
 *
 * @param facts  of the job
 * @param at     where the joint sits
 * @source       soft solder melts from 183 °C on: no torch within its reach
 */
export const softSolderNear = (facts: readonly StageFact[], at: JointPlace): readonly { kind: 'soft-solder-joint'; distance: Quantity }[] =>
  factsOf(facts, 'sign')
    .filter(({ values }) => values.sign === 'soft-solder' && (values.place === tubePlace(at) || values.place === at.part))
    .map(() => ({ kind: 'soft-solder-joint', distance: UNMEASURED }));
