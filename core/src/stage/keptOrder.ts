/** The order of a job's joints that was kept last; null where none was. */
export function keptOrderOf(entries: readonly { readonly kind: string; readonly values: object }[]): readonly string[] | null {
  const last = entries.findLast(({ kind }) => kind === 'order-kept');
  return last ? (last.values as { readonly order: readonly string[] }).order : null; // cast: the schema of this kind
}

/** Joints in the order that was kept; what came since stands behind, as it came. */
export function inKeptOrder<Joint extends { readonly id: string }>(
  joints: readonly Joint[],
  order: readonly string[] | null,
): readonly Joint[] {
  if (!order) return joints;
  const placeOf = ({ id }: Joint) => (order.includes(id) ? order.indexOf(id) : order.length);
  return [...joints].sort((a, b) => placeOf(a) - placeOf(b));
}
