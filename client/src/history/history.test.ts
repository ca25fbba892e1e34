import { begun, redone, stepped, undone } from './history';

const typed = ['b', 'bo', 'bow'].reduce((history, text) => stepped(history, text, 'name'), begun(''));

test('letters of one field are taken back as one, and come back as one', () => {
  const back = undone(typed);
  expect(back?.present).toBe('');
  expect(back && redone(back)?.present).toBe('bow');
});

test('a step after an undo forgets what was taken back; steps without a move are each their own', () => {
  const back = undone(typed);
  const other = back && stepped(stepped(back, 'x', null), 'y', null);
  expect(other && redone(other)).toBeNull();
  expect(other && undone(other)?.present).toBe('x');
});

test('there is an end to going back, and fifty steps are kept', () => {
  expect(undone(begun(''))).toBeNull();
  const many = Array.from({ length: 80 }, (_, i) => i + 1).reduce((history, n) => stepped(history, n, null), begun(0));
  expect(many.past).toHaveLength(50);
  expect(many.past[0]).toBe(30);
});
