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

/** It suffocates without a smell, stands far above other pressures, and turns to ice under 5.2 bar. */
export const isCarbonDioxide = (refrigerant: string | null): boolean => refrigerant === 'R-744';

/** Classes 2L, 2 and 3 burn: the order of work before a flame changes. */
export const burns = (safetyClass: SafetyClass | null): boolean => /[23]/.test(safetyClass ?? '');
export const burnsEasily = (safetyClass: SafetyClass | null): boolean => safetyClass?.endsWith('3') ?? false;
export const isPoisonous = (safetyClass: SafetyClass | null): boolean => safetyClass?.startsWith('B') ?? false;

/** Without a halogen a flame makes no acid of them: ammonia, carbon dioxide, hydrocarbons. */
const WITHOUT_HALOGEN: readonly string[] = ['R-717', 'R-744', 'R-290', 'R-600a'];
/** Whether a flame makes acid gases of it; one that nobody named may, an unlisted one of class A3 is taken as a hydrocarbon. */
export const isHalogenated = (refrigerant: string | null, safetyClass: SafetyClass | null): boolean =>
  refrigerant === null || (!WITHOUT_HALOGEN.includes(refrigerant) && (refrigerant in SAFETY_CLASSES || safetyClass !== 'A3'));

/** Refrigerants whose gas turns into phosgene in a flame: they hold chlorine. */
const HOLDS_CHLORINE: readonly string[] = ['R-12', 'R-22', 'R-123'];
export const holdsChlorine = (refrigerant: string | null): boolean => HOLDS_CHLORINE.includes(refrigerant ?? '');
