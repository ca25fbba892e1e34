/** The server's idea of now, passed in so that a record can be made again to the letter. */
export type Clock = () => Date;
export const systemClock: Clock = () => new Date();

/** Never earlier than the entry before, whatever the server's clock does. */
export const serverTime = (now: Date, before: readonly { readonly content: { readonly serverTime: string } }[]): string => {
  const last = before.at(-1)?.content.serverTime ?? '';
  return last > now.toISOString() ? last : now.toISOString();
};
