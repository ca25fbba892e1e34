import { parseArgs } from 'node:util';
import { breakText, findingText, signedBreakText, signedTexts } from '@kesto/contract/wording';
import { readRecordText, type BreakReason, type FileBreak, type Finding } from '@kesto/core';
import {
  readOlderJob,
  readOlderText,
  SIGNED_BREAKS,
  verifySealedJob,
  verifySealedRecord,
  type OlderFor,
  type Signed,
  type SignedBreak,
} from '@kesto/core/tree';
import { unzipSync } from 'fflate';
import { answer, refusal, type Outcome } from './outcome';

/** A file's bytes by its name; throws where there is none. */
export type ReadFile = (path: string) => Uint8Array;

type Why = BreakReason | FileBreak | SignedBreak['why'];
const isSignedBreak = (why: Why): why is SignedBreak['why'] => (SIGNED_BREAKS as readonly string[]).includes(why);
const whyText = (why: Why): string => (isSignedBreak(why) ? signedBreakText(why) : breakText(why));

const withTexts = ({ findings }: { readonly findings: readonly Finding[] }) => ({
  findings: findings.map((finding) => ({ ...finding, text: findingText(finding.what) })),
});
const signedAnswer = ({ signed, older }: { readonly signed: Signed | null; readonly older: Signed['older'] }) => ({
  ...(older ? { older } : {}),
  ...(signed ? { signed: { ...signed, text: signedTexts(signed) } } : {}),
});

const plain = <V extends object>({ signed: _signed, older: _older, ...rest }: V & { readonly signed: unknown; readonly older: unknown }) =>
  rest;

/** A zip begins with its own two letters; a record never does. */
const isZip = (given: string | Uint8Array): given is Uint8Array => typeof given !== 'string' && given[0] === 0x50 && given[1] === 0x4b;
const textOf = (given: string | Uint8Array) => (typeof given === 'string' ? given : new TextDecoder().decode(given));

function partsOf(bytes: Uint8Array): ReadonlyMap<string, Uint8Array> | null {
  try {
    return new Map(Object.entries(unzipSync(bytes)));
  } catch {
    return null;
  }
}

const damaged = (field: string) =>
  refusal({ code: 'not-a-file', field, message: `${field} is a zip that cannot be read: it is damaged or was cut short` });

interface Asked {
  readonly head?: string;
  readonly older?: OlderFor;
}

function olderIn(bytes: Uint8Array): OlderFor {
  const parts = isZip(bytes) ? partsOf(bytes) : null;
  return (chains) => (parts ? readOlderJob(parts) : readOlderText(textOf(bytes), chains));
}

function asked(options: readonly string[], readFile: ReadFile | undefined): Asked | Outcome {
  try {
    const { head, older } = parseArgs({ args: [...options], options: { head: { type: 'string' }, older: { type: 'string' } } }).values;
    const bytes = older === undefined ? null : readOlder(older, readFile);
    if (bytes && 'exit' in bytes) return bytes;
    return { ...(head === undefined ? {} : { head }), ...(bytes ? { older: olderIn(bytes) } : {}) };
  } catch (error) {
    const said = error instanceof Error ? error.message.split('\n')[0] : String(error);
    return refusal({
      ...{ code: 'unknown-option', field: 'command' },
      message: `verify takes --head HASH, --older FILE and nothing else: ${said}`,
    });
  }
}

function readOlder(path: string, readFile: ReadFile | undefined): Uint8Array | Outcome {
  try {
    const bytes = readFile?.(path) ?? new Uint8Array();
    if (isZip(bytes) ? readOlderJob(partsOf(bytes) ?? new Map()) : readOlderText(textOf(bytes), [])) return bytes;
  } catch (error) {
    return refusal({
      code: 'not-a-file',
      field: 'older',
      message: `older cannot be read: ${error instanceof Error ? error.message : String(error)}`,
    });
  }
  return refusal({
    ...{ code: 'not-a-file', field: 'older' },
    message: 'older must be a joint’s record, a job’s file, a tree head, or a text file with what a label’s code says',
  });
}

/** A job's whole file: every part, every chain, what is signed. */
function verifyJobFile(bytes: Uint8Array, { older }: Asked): Outcome {
  const parts = partsOf(bytes);
  if (!parts) return damaged('record');
  const result = verifySealedJob(parts, older);
  if (!result.ok) return answer(result);
  const { value } = result;
  const said = value.intact
    ? { ...plain(value), chains: value.chains.map((chain) => ({ ...chain, ...withTexts(chain) })), ...signedAnswer(value) }
    : { intact: false as const, firstBroken: { ...value.firstBroken, why: whyText(value.firstBroken.why) } };
  return answer({ ok: true, value: said }, () => (value.intact ? 0 : 1));
}

/**
 * A whole file is judged here, not a request: read strictly, so that no two readers can see different records in it.
 *
 * @param readFile  reads what `--older` names
 */
export function verify(given: string | Uint8Array, options: readonly string[], readFile?: ReadFile): Outcome {
  const ask = asked(options, readFile);
  if ('exit' in ask) return ask;
  if (isZip(given)) return verifyJobFile(given, ask);
  const file = readRecordText(textOf(given));
  const result = file.ok ? verifySealedRecord(file.value, ask) : file;
  if (!result.ok) return answer(result);
  const { value } = result;
  const said = value.intact
    ? { ...plain(value), ...withTexts(value), ...signedAnswer(value) }
    : { intact: false as const, firstBroken: { ...value.firstBroken, why: whyText(value.firstBroken.why) } };
  return answer({ ok: true, value: said }, () => (value.intact ? 0 : 1));
}
