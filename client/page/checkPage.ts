import { checkFile, type HeldAgainst } from '@kesto/contract/check';
import { answerOf } from './answer';
import { element } from './element';
import { WORDS } from './words';

const HASH = /^[0-9a-f]{64}$/;

const picker = (label: string, onchange: () => void) => {
  const input = element('input', { type: 'file', accept: '.json,.zip,.txt', onchange });
  return { input, field: element('label', {}, label, input) };
};

async function bytesIn({ files }: HTMLInputElement): Promise<Uint8Array | null> {
  const [file] = files ?? [];
  return file ? new Uint8Array(await file.arrayBuffer()) : null;
}

/** A hash by itself; anything else that was typed is what a label says. */
function typed(text: string): HeldAgainst {
  const hash = text.replaceAll(/\s/g, '').toLowerCase();
  if (hash === '') return {};
  return HASH.test(hash) || !text.includes('~') ? { head: hash } : { older: new TextEncoder().encode(text.trim()) };
}

/** One page that checks a file without a network and without a server. */
function show(): void {
  const answer = element('div', { className: 'answer' }, WORDS.none);
  answer.setAttribute('aria-live', 'polite');
  const [file, older] = [picker(WORDS.file, () => void check()), picker(WORDS.older, () => void check())];
  const noted = element('textarea', { rows: 2, onchange: () => void check() });

  async function check(): Promise<void> {
    const [bytes, kept] = [await bytesIn(file.input), await bytesIn(older.input)];
    if (!bytes) return answer.replaceChildren(WORDS.none);
    answer.replaceChildren(...answerOf(checkFile(bytes, { ...typed(noted.value), ...(kept ? { older: kept } : {}) })));
  }

  document.body.append(
    element(
      'main',
      {},
      element('h1', {}, WORDS.title),
      element('p', { className: 'lead' }, WORDS.lead),
      file.field,
      older.field,
      element('label', {}, WORDS.noted, noted),
      answer,
    ),
  );
}

show();
