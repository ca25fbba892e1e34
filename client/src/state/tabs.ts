/** Tabs of one browser share one sign-in: each tells the others who it is, so that none goes on in another's name. */
const CHANNEL = 'kesto.session';

interface Person {
  readonly id: string;
  readonly name: string;
}

/** Who is signed in on this device from now on; null for nobody. */
export function tellTabs(person: Person | null): void {
  if (!globalThis.BroadcastChannel) return;
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(person && { id: person.id, name: person.name });
  channel.close();
}

/** What other tabs tell; answers with how to stop listening. */
export function hearTabs(hear: (person: Person | null) => void): () => void {
  if (!globalThis.BroadcastChannel) return () => undefined;
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = (event: MessageEvent<Person | null>) => hear(event.data);
  return () => channel.close();
}
