/** What some work takes of the processor [ms], however busy the machine is besides; its threads count, the database does not. */
export async function processorMs(work: () => PromiseLike<unknown>): Promise<number> {
  const before = process.cpuUsage();
  await work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}
