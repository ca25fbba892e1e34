/** The server's idea of now, passed in so that a record can be made again to the letter. */
export type Clock = () => Date;
export const systemClock: Clock = () => new Date();
