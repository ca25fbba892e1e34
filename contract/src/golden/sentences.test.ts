import kept from './sentences.json';
import { goldenSentences } from './sentences';

// Changed words are taken up by `npm run golden`: the change itself is what is reviewed.
test.each(['metric', 'inch', 'answers', 'cards', 'schools', 'checks'])(
  'every sentence of the golden joints stands as it was read: %s',
  (group) => {
    expect(goldenSentences()[group]).toEqual((kept as Record<string, readonly string[]>)[group]); // cast: a file of groups
  },
);
