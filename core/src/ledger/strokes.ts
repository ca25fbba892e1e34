/** A drawn signature: strokes of paths, nothing else. */
const STROKES = /^[MLC0-9., -]*$/;
/** Whether a drawing is of strokes alone, so that nothing else can hide in it. */
export const isDrawnWell = (drawn: string): boolean => STROKES.test(drawn);
