/** Safety class of each refrigerant the engine knows. Source: ISO 817. */
export const SAFETY_CLASSES: Readonly<Record<string, string>> = {
  'R-12': 'A1',
  'R-22': 'A1',
  'R-32': 'A2L',
  'R-123': 'B1',
  'R-134a': 'A1',
  'R-290': 'A3',
  'R-600a': 'A3',
  'R-717': 'B2L',
  'R-744': 'A1',
  'R-1234yf': 'A2L',
  'R-1234ze(E)': 'A2L',
  'R-404A': 'A1',
  'R-407A': 'A1',
  'R-407C': 'A1',
  'R-407F': 'A1',
  'R-410A': 'A1',
  'R-422D': 'A1',
  'R-448A': 'A1',
  'R-449A': 'A1',
  'R-450A': 'A1',
  'R-452A': 'A1',
  'R-452B': 'A2L',
  'R-454A': 'A2L',
  'R-454B': 'A2L',
  'R-454C': 'A2L',
  'R-507A': 'A1',
  'R-513A': 'A1',
};

export const REFRIGERANT_NAMES: readonly string[] = Object.keys(SAFETY_CLASSES);

/** Classes 2L, 2 and 3 burn: order of work before a flame changes. */
export function isFlammable(refrigerant: string): boolean {
  return /[23]/.test(SAFETY_CLASSES[refrigerant] ?? '');
}
