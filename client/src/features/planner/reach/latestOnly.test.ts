import { latestOnly } from './latestOnly';

function line() {
  const put: number[] = [];
  const answers: string[] = [];
  const queue = latestOnly<number, string>({ put: (ask) => put.push(ask), onAnswer: (answer) => answers.push(answer) });
  return { put, answers, queue };
}

test('while one question is open only the newest of the others is kept', () => {
  const { put, answers, queue } = line();
  [1, 2, 3, 4].forEach((ask) => queue.ask(ask));
  expect(put).toEqual([1]);
  queue.answered('of 1');
  expect(put).toEqual([1, 4]);
  queue.answered('of 4');
  expect(answers).toEqual(['of 1', 'of 4']);
  queue.ask(5);
  expect(put).toEqual([1, 4, 5]);
});

test('when who answers fails, the open question is put once more and none is lost', () => {
  const { put, queue } = line();
  queue.ask(1);
  queue.ask(2);
  queue.again();
  expect(put).toEqual([1, 1]);
  queue.answered('of 1');
  expect(put).toEqual([1, 1, 2]);
});
