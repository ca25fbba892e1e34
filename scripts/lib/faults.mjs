// Reads what the planter of faults reports.
const NOTICED = ['Killed', 'Timeout'];
const ALIVE = ['Survived', 'NoCoverage'];

/** The faults of a report that say anything, and those of them that no test noticed. */
export function countFaults(files) {
  const faults = Object.entries(files).flatMap(([file, { mutants }]) => mutants.map((mutant) => ({ ...mutant, file })));
  const alive = faults.filter(({ status }) => ALIVE.includes(status));
  return { planted: faults.filter(({ status }) => NOTICED.includes(status)).length + alive.length, alive };
}

/** Where a fault stands, as the planter takes it: lines count from one, columns from nought. */
function rangeOf({ file, location: { start, end } }) {
  return `${file}:${start.line}:${start.column - 1}-${end.line}:${end.column - 1}`;
}

/** One fault, in one line for a person: where, and what was put there. */
export const nameOf = (fault) => `${rangeOf(fault)} ${fault.mutatorName}: ${(fault.replacement ?? '').replace(/\s+/g, ' ').slice(0, 80)}`;
