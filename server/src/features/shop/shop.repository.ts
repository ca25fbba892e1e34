import type { VanStock } from '@kesto/contract';
import type { Schools } from '@kesto/core';

export interface Shop {
  readonly name: string;
  readonly van: VanStock;
  readonly schools: Schools;
}

export interface ShopRepository {
  /** The shop whose walls the work is in; refused where there is none. */
  get(): Promise<Shop>;
  exists(): Promise<boolean>;
  /** Holds the shop until the transaction ends: two jobs opened at once get two numbers. */
  lock(): Promise<void>;
  add(shop: Shop): Promise<void>;
  change(part: Partial<Shop>): Promise<void>;
}
