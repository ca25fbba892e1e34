import type { KeptStage } from '../vocabulary/stage';
import type { Fields } from './fields';

export const CHAINS = ['joint', 'job', 'shop'] as const;
export type Chain = (typeof CHAINS)[number];
/** Who may write it: whoever reads, whoever works, those who answer for the shop, its admins alone, or Kesto itself. */
export type Writers = 'anybody' | 'workers' | 'leads' | 'admins' | 'kesto';

export interface KindRow {
  /** In which chains it may stand. */
  readonly chains: readonly [Chain, ...Chain[]];
  /** Of a job's chain: in which stages it is kept; none where it is of the job as a whole. */
  readonly stages: readonly KeptStage[];
  /** `fact`: it happened, and is never refused for its place in the order. `claim`: it says how things stand or what was chosen. */
  readonly nature: 'fact' | 'claim';
  readonly by: Writers;
  readonly told: Fields;
  /** What the same kind told in earlier days, oldest first: an entry names its shape, counted from 1, and today's is the last. */
  readonly former: readonly Fields[];
  /** What is worked out from what was told and from what is held; null: nothing. */
  readonly worked: Fields | null;
}

const ROW = { by: 'workers', former: [], worked: null } as const;
/** A row of a job's chain. */
export const job = <const S extends readonly KeptStage[], const N extends 'fact' | 'claim', const F extends Fields>(
  stages: S,
  nature: N,
  told: F,
) => ({ ...ROW, chains: ['job'], stages, nature, told }) as const;
/** A row of a joint's chain. */
export const joint = <const N extends 'fact' | 'claim', const F extends Fields>(nature: N, told: F) =>
  ({ ...ROW, chains: ['joint'], stages: [], nature, told }) as const;
/** A row of the shop's chain. */
export const shop = <const F extends Fields>(told: F) =>
  ({ ...ROW, chains: ['shop'], stages: [], nature: 'claim', by: 'admins', told }) as const;
/** A row of every chain. */
export const any = <const N extends 'fact' | 'claim', const F extends Fields>(nature: N, told: F) =>
  ({ ...ROW, chains: CHAINS, stages: [], nature, told }) as const;
