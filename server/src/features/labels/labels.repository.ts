/** What a label says of a joint's record. */
export interface GivenLabel {
  readonly jointId: string;
  readonly sequence: number;
  readonly head: string;
}

export interface LabelRepository {
  /** Notes that labels were printed; printed twice it is one. */
  gave(labels: readonly GivenLabel[]): Promise<void>;
}
