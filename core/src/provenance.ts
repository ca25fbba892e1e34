/** How far a figure can be trusted: `high` would surprise if wrong beyond its last digit; `low` is trade habit, editable, shown as assumed. */
export type Confidence = 'high' | 'medium' | 'low';

export interface Provenance {
  readonly source: string;
  readonly confidence: Confidence;
}
