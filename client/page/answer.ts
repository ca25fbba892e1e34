import type { FileCheck } from '@kesto/contract/check';
import { anyBreakText, calcErrorText, ENTRY_WORDS, findingText, sentenceOf, signedTexts } from '@kesto/contract/wording';
import { readEntry, tagOf, type Finding, type JointLink, type Result } from '@kesto/core';
import type { Signed } from '@kesto/core/tree';
import { element } from './element';
import { WORDS } from './words';

const inFours = (hash: string) => hash.replace(/(.{4})(?=.)/g, '$1 ');
const line = (text: string, className = '') => element('p', { className }, text);

const findingLines = (findings: readonly Finding[]) =>
  findings.map(({ entry, what }) => line(WORDS.finding(entry, findingText(what)), 'amber'));

function sealLines(signed: Signed | null): readonly Node[] {
  if (!signed) return [line(WORDS.notSealed, 'amber')];
  const [first, ...rest] = signedTexts(signed);
  return [
    line(first ?? '', 'teal'),
    ...rest.map((text) => line(text)),
    line(WORDS.keyWords),
    element('p', { className: 'key' }, signed.keyWords.join(' ')),
  ];
}

const ending = (name: string, entries: number, head: string) =>
  element(
    'div',
    { className: 'chain' },
    element('h2', {}, WORDS.unbroken(name, entries)),
    line(WORDS.endsIn),
    element('code', {}, inFours(head)),
  );

const entryRow = (link: JointLink, i: number) => {
  const entry = readEntry(link);
  const when = entry.deviceTime.slice(0, 16).replace('T', ' ');
  const head = element('b', {}, `${i + 1} ${ENTRY_WORDS[entry.kind]}`);
  return element(
    'li',
    {},
    head,
    ` ${entry.person.name}, ${when} `,
    element('code', {}, link.hash.slice(0, 4)),
    element('br', {}),
    sentenceOf(entry),
  );
};

function brokenLines(check: FileCheck): readonly Node[] {
  if (check.found.intact) return [];
  const { why, entry } = check.found.firstBroken;
  const place = check.of === 'job' && !check.found.intact ? ` in ${check.found.firstBroken.in}` : '';
  return [
    element('h2', { className: 'red' }, WORDS.broken(`${place}${entry === undefined ? '' : WORDS.entry(entry)}`)),
    line(anyBreakText(why), 'red'),
  ];
}

function jointLines({ found, record }: Extract<FileCheck, { of: 'joint' }>): readonly Node[] {
  if (!found.intact) return [];
  return [
    ending(tagOf(record.entries), found.entries, found.head),
    ...(found.noted ? [line(WORDS.notedHash(found.noted.entriesAfter))] : []),
    ...sealLines(found.signed),
    ...findingLines(found.findings),
    element('ol', {}, ...record.entries.map(entryRow)),
  ];
}

function jobLines({ found }: Extract<FileCheck, { of: 'job' }>): readonly Node[] {
  if (!found.intact) return [];
  return [
    ...found.chains.flatMap(({ of, name, entries, head, findings }) => [
      ending(of === 'job' ? `job ${name}` : name, entries, head),
      ...findingLines(findings),
    ]),
    ...sealLines(found.signed),
  ];
}

/** What is said of a file that was checked. */
export function answerOf(result: Result<FileCheck>): readonly Node[] {
  if (!result.ok) {
    const [error] = result.errors;
    return [line(WORDS.cannotBeChecked(error ? `${error.field} ${calcErrorText(error)}` : ''), 'red')];
  }
  const check = result.value;
  if (!check.found.intact) return brokenLines(check);
  return check.of === 'joint' ? jointLines(check) : jobLines(check);
}
