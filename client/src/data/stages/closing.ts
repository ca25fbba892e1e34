/** Closes a form once what it notes is safe. */
export const closing =
  (close: () => void) =>
  async (noting: Promise<boolean>): Promise<boolean> => {
    const isSafe = await noting;
    if (isSafe) close();
    return isSafe;
  };
