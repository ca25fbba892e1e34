/** What a label's address says. */
export interface ReadLabelRequest {
  readonly joint: string;
  readonly sequence: number;
  readonly head: string;
}

/** All that is told to somebody who is not signed in. */
export interface LabelKnown {
  readonly known: boolean;
}

/** Labels that one address may ask about in a minute. */
export const LABELS_A_MINUTE = 30;
