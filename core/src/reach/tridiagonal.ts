/**
 * Solves a tridiagonal system in place (Thomas). `diagonal` and `right` are overwritten; the answer is in `right`.
 * The systems here are diagonally dominant, so no pivoting is needed.
 */
export function solveTridiagonal(lower: Float64Array, diagonal: Float64Array, upper: Float64Array, right: Float64Array): void {
  const n = diagonal.length;
  for (let i = 1; i < n; i++) {
    const factor = (lower[i] as number) / (diagonal[i - 1] as number); // cast: index is inside the array
    diagonal[i] = (diagonal[i] as number) - factor * (upper[i - 1] as number);
    right[i] = (right[i] as number) - factor * (right[i - 1] as number);
  }
  right[n - 1] = (right[n - 1] as number) / (diagonal[n - 1] as number);
  for (let i = n - 2; i >= 0; i--)
    right[i] = ((right[i] as number) - (upper[i] as number) * (right[i + 1] as number)) / (diagonal[i] as number);
}
