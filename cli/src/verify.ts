import { parseArgs } from 'node:util';
import { checkFile, type FileCheck, type HeldAgainst } from '@kesto/contract/check';
import { anyBreakText, findingText, signedTexts } from '@kesto/contract/wording';
import type { Finding } from '@kesto/core';
import type { Signed } from '@kesto/core/tree';
import { answer, refusal, type Outcome } from './outcome';

/** A file's bytes by its name; throws where there is none. */
export type ReadFile = (path: string) => Uint8Array;

const withTexts = ({ findings }: { readonly findings: readonly Finding[] }) => ({
  findings: findings.map((finding) => ({ ...finding, text: findingText(finding.what) })),
});
const signedAnswer = ({ signed, older }: { readonly signed: Signed | null; readonly older: Signed['older'] }) => ({
  ...(older ? { older } : {}),
  ...(signed ? { signed: { ...signed, text: signedTexts(signed) } } : {}),
});
const plain = <V extends object>({ signed: _signed, older: _older, ...rest }: V & { readonly signed: unknown; readonly older: unknown }) =>
  rest;

function readOlder(path: string, readFile: ReadFile | undefined): Uint8Array | Outcome {
  try {
    return readFile?.(path) ?? new Uint8Array();
  } catch (error) {
    const said = error instanceof Error ? error.message : String(error);
    return refusal({ code: 'not-a-file', field: 'older', message: `older cannot be read: ${said}` });
  }
}

function asked(options: readonly string[], readFile: ReadFile | undefined): HeldAgainst | Outcome {
  try {
    const { head, older } = parseArgs({ args: [...options], options: { head: { type: 'string' }, older: { type: 'string' } } }).values;
    const bytes = older === undefined ? null : readOlder(older, readFile);
    if (bytes && 'exit' in bytes) return bytes;
    return { ...(head === undefined ? {} : { head }), ...(bytes ? { older: bytes } : {}) };
  } catch (error) {
    const said = error instanceof Error ? error.message.split('\n')[0] : String(error);
    const message = `verify takes --head HASH, --older FILE and nothing else: ${said}`;
    return refusal({ code: 'unknown-option', field: 'command', message });
  }
}

/** What is answered, with each reason as a sentence. */
function saidOf({ of, found }: FileCheck): object {
  if (!found.intact) return { intact: false, firstBroken: { ...found.firstBroken, why: anyBreakText(found.firstBroken.why) } };
  if (of === 'joint') return { ...plain(found), ...withTexts(found), ...signedAnswer(found) };
  return { ...plain(found), chains: found.chains.map((chain) => ({ ...chain, ...withTexts(chain) })), ...signedAnswer(found) };
}

/**
 * A whole file is judged here, not a request: read strictly, so that no two readers can see different records in it.
 *
 * @param readFile  reads what `--older` names
 */
export function verify(given: string | Uint8Array, options: readonly string[], readFile?: ReadFile): Outcome {
  const ask = asked(options, readFile);
  if ('exit' in ask) return ask;
  const result = checkFile(typeof given === 'string' ? new TextEncoder().encode(given) : given, ask);
  if (!result.ok) return answer(result);
  return answer({ ok: true, value: saidOf(result.value) }, () => (result.value.found.intact ? 0 : 1));
}
