import { seeded } from '../testing/seeded';
import { Heap } from './heap';

test('what was put in comes out in its order, equal ones as often as they went in', () => {
  const random = seeded(7);
  const numbers = Array.from({ length: 300 }, () => Math.floor(random() * 50));
  const heap = new Heap<number>((a, b) => a < b);
  numbers.forEach((n) => heap.push(n));
  expect(Array.from({ length: 300 }, () => heap.pop())).toEqual([...numbers].sort((a, b) => a - b));
  expect(heap.pop()).toBeUndefined();
});
