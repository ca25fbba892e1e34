import type { MetalName } from '../metal/metals';
import type { PlanRequest } from '../plan/request';
import type { Access } from '../vocabulary/joint';
import { planned, q, requestFor } from './plans';

/** A 7/8 in joint of two metals, in a cup of this bore. */
export interface Where {
  readonly male?: MetalName;
  readonly female?: MetalName;
  readonly rest?: Partial<PlanRequest>;
  /** Of the tube. */
  readonly history?: NonNullable<PlanRequest['joint']['male']['history']>;
  readonly boreMm?: number;
  readonly access?: Access;
}

/** The row of one filler there. */
export const rowOf = (filler: string, { male = 'copper', female = 'copper', rest = {}, history, boreMm, access }: Where) => {
  const bore = boreMm === undefined ? {} : { bore: q(boreMm, 'mm') };
  const request = requestFor(
    { metal: female, ...bore },
    { ...rest, stock: [{ designation: filler }] },
    { metal: male, ...(history ? { history } : {}) },
  );
  return planned({ ...request, joint: { ...request.joint, ...(access ? { access } : {}) } }).fillers[0];
};
/** What is found of one filler there. */
export const reasons = (filler: string, where: Where) => rowOf(filler, where)?.reasons ?? [];
export const reason = (filler: string, where: Where, code: string) => reasons(filler, where).find((r) => r.code === code);
