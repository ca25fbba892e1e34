import { fairQueue, QueueFull } from './fairQueue';

const OPTIONS = { atOnce: 1, mostWaiting: 6, mostOfOne: 4 };

/** Pieces of work that end when they are told to, in the order in which they began. */
function bench() {
  const began: string[] = [];
  const ends: (() => void)[] = [];
  const work = (name: string) => () =>
    new Promise<string>((resolve) => {
      began.push(name);
      ends.push(() => resolve(name));
    });
  const endAll = async () => {
    for (let i = 0; i < ends.length; i++) {
      ends[i]?.();
      await new Promise(setImmediate);
    }
  };
  return { began, work, endAll };
}
const from = (address: string, goesFirst = false) => ({ from: address, goesFirst });

test('one address that asks for much waits its turn among the others; whoever is known goes before both', async () => {
  const { began, work, endAll } = bench();
  const inTurn = fairQueue(OPTIONS);
  const all = [
    ...['f1', 'f2', 'f3', 'f4'].map((name) => inTurn(from('flood'), work(name))),
    inTurn(from('office'), work('o1')),
    inTurn(from('home', true), work('h1')),
  ];
  await new Promise(setImmediate);
  await endAll();
  await Promise.all(all);
  expect(began).toEqual(['f1', 'h1', 'o1', 'f2', 'f3', 'f4']);
});

test('a full queue is said at once, and one address cannot fill it', async () => {
  const { work, endAll } = bench();
  const inTurn = fairQueue(OPTIONS);
  const flood = Array.from({ length: 5 }, (_, i) => inTurn(from('flood'), work(`f${i}`)));
  await expect(inTurn(from('flood'), work('one more'))).rejects.toBeInstanceOf(QueueFull);
  const others = [inTurn(from('a'), work('a')), inTurn(from('b'), work('b'))];
  await expect(inTurn(from('c'), work('c'))).rejects.toBeInstanceOf(QueueFull);
  await new Promise(setImmediate);
  await endAll();
  await Promise.all([...flood, ...others]);
});

test('work that fails makes room for the next', async () => {
  const inTurn = fairQueue(OPTIONS);
  await expect(inTurn(from('a'), () => Promise.reject(new Error('no')))).rejects.toThrow('no');
  await expect(inTurn(from('a'), () => Promise.resolve('yes'))).resolves.toBe('yes');
});
