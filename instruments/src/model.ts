/** Something noted at the rig that moves a machine. */
export interface Noted {
  readonly kind: string;
  readonly values: { readonly pressure?: { readonly value: number; readonly unit: string } };
}

/** What a stand-in reads: a machine that is only worked out, and the instrument on it. */
export interface Model {
  readonly kind: 'pressure-temperature' | 'vacuum';
  readonly columns: readonly { readonly quantity: string; readonly step: number }[];
  readonly range: { readonly value: number; readonly unit: string };
  /** Time goes by [s]. */
  readonly pass: (seconds: number) => void;
  /** Whole steps of each column; null while it is off the instrument's scale. */
  readonly read: () => readonly number[] | null;
  /** What was done at the rig is done to the machine; false once it is over. */
  readonly act: (noted: Noted) => boolean;
  /** Whether soap bubbles there. */
  readonly bubblesAt: (place: string) => boolean;
}
