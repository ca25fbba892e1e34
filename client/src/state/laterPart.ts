/** A part of the application that is fetched after the first screen: in which piece it comes is said at the start, by whoever knows the pieces. */
export interface LaterPart<Part> {
  readonly comesWith: (piece: () => Promise<Part>) => void;
  readonly open: () => Promise<Part>;
}

export function laterPart<Part>(what: string): LaterPart<Part> {
  let fetchPiece: (() => Promise<Part>) | null = null;
  return {
    comesWith: (piece) => {
      fetchPiece = piece;
    },
    open: () => fetchPiece?.() ?? Promise.reject(new Error(`nobody said in which piece ${what} comes`)),
  };
}
