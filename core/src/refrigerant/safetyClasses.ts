export const SAFETY_CLASS_NAMES = ['A1', 'A2L', 'A2', 'A3', 'B1', 'B2L', 'B2', 'B3'] as const;
export type SafetyClass = (typeof SAFETY_CLASS_NAMES)[number];

/** Safety class of each refrigerant the engine knows. Source: ISO 817. */
export const SAFETY_CLASSES: Readonly<Record<string, SafetyClass>> = {
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

const key = (name: string) => name.toUpperCase().replace(/[\s-]/g, '');
const BY_KEY: ReadonlyMap<string, string> = new Map(REFRIGERANT_NAMES.map((name) => [key(name), name]));

/** A refrigerant's usual name, from any case, with or without hyphen and space; undefined for one the engine does not know. */
export const refrigerantName = (asked: string): string | undefined => BY_KEY.get(key(asked));

/** Classes 2L, 2 and 3 burn: the order of work before a flame changes. */
export const burns = (safetyClass: SafetyClass | null): boolean => /[23]/.test(safetyClass ?? '');
export const burnsEasily = (safetyClass: SafetyClass | null): boolean => safetyClass?.endsWith('3') ?? false;
export const isPoisonous = (safetyClass: SafetyClass | null): boolean => safetyClass?.startsWith('B') ?? false;

/** Refrigerants whose gas turns into phosgene in a flame: they hold chlorine. */
const HOLDS_CHLORINE: readonly string[] = ['R-12', 'R-22', 'R-123'];
export const holdsChlorine = (refrigerant: string | null): boolean => HOLDS_CHLORINE.includes(refrigerant ?? '');
