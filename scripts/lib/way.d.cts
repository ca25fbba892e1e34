/** A way to a server or a database that can be cut: everything under way breaks off, nothing new gets through; and found again where it was. */
export interface Way {
  readonly url: string;
  readonly cut: () => void;
  readonly mend: () => void;
  readonly close: () => Promise<void>;
}
export function wayTo(address: string): Promise<Way>;
