// What rises of known circuits are called, two hundred drawn of each.
import { CIRCUITS, judgedRise } from '../../core/src/testing/rises';

const SEEDS = 200;

const called = Object.keys(CIRCUITS).map((name) => {
  const counts: Record<string, number> = {};
  for (let seed = 0; seed < SEEDS; seed += 1) {
    const { verdict } = judgedRise(name, seed);
    counts[verdict] = (counts[verdict] ?? 0) + 1;
  }
  return { name, counts };
});
console.log(JSON.stringify({ seeds: SEEDS, called }));
