/** Symmetric and positive: solved by elimination, the pivot on the diagonal; null where two columns say the same. */
function inverse(matrix) {
  const size = matrix.length;
  const rows = matrix.map((row, i) => [...row, ...Array.from({ length: size }, (_, j) => (i === j ? 1 : 0))]);
  for (let i = 0; i < size; i += 1) {
    const pivotRow = rows[i] ?? [];
    const pivot = pivotRow[i] ?? 0;
    if (Math.abs(pivot) <= SAME * Math.abs(matrix[i]?.[i] ?? 0) || pivot === 0) return null;
    const scaled = pivotRow.map((value) => value / pivot);
    rows[i] = scaled;
    for (let j = 0; j < size; j += 1) {
      if (j === i) continue;
      const factor = rows[j]?.[i] ?? 0;
      rows[j] = (rows[j] ?? []).map((value, k) => value - factor * (scaled[k] ?? 0));
    }
  }
  return rows.map((row) => row.slice(size));
}
/** Less than this share of a column is left of it beside the others: it says nothing of its own. */
const SAME = 1e-10;
const dot = (a, b) => a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);
/**
 * Fits columns to readings by weighed least squares.
 *
 * @param columns  what is looked for, one column each: a value for each reading
 * @param values   readings
 * @param weights  one over each reading's variance
 * @returns        null where the columns cannot be told apart
 * @source         normal equations; columns of few and scaled figures
 */
export function linearFit(columns, values, weights) {
  const weighed = columns.map((column) => column.map((value, i) => value * (weights[i] ?? 0)));
  const covariance = inverse(weighed.map((a) => columns.map((b) => dot(a, b))));
  if (!covariance) return null;
  const right = weighed.map((column) => dot(column, values));
  const found = covariance.map((row) => dot(row, right));
  const left = values.reduce((sum, value, i) => {
    const off = value - columns.reduce((at, column, j) => at + (column[i] ?? 0) * (found[j] ?? 0), 0);
    return sum + (weights[i] ?? 0) * off * off;
  }, 0);
  return {
    found,
    left,
    variance: (of) =>
      dot(
        of,
        covariance.map((row) => dot(row, of)),
      ),
  };
}
