import { SAFETY_CLASSES, type SafetyClass } from '../refrigerant/safetyClasses';

/** Safety class of what is in a circuit; null where nobody knows. Source: ISO 817 classes of the table, else what the plate says. */
export const safetyClassOf = (circuit: { readonly refrigerant: string; readonly safetyClass?: SafetyClass }): SafetyClass | null =>
  SAFETY_CLASSES[circuit.refrigerant] ?? circuit.safetyClass ?? null;
