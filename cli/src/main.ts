import { parseArgs } from 'node:util';
import { check } from '@kesto/contract/schemas';
import { wireError, type WireError } from '@kesto/contract/wording';
import { readRecordText, verifyJob, verifyRecord, type Result } from '@kesto/core';
import { unzipSync } from 'fflate';
import { COMMANDS, verifyAnswer, verifyJobAnswer, type Command } from './commands';

export interface Outcome {
  /** 1: answered, and what was asked about is broken. */
  readonly exit: 0 | 1 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

const refusal = (error: WireError): Outcome => ({ exit: 2, stdout: '', stderr: `${JSON.stringify({ error })}\n` });

function answer<T>(result: Result<T>, exitOf: (value: T) => Outcome['exit'] = () => 0): Outcome {
  if (result.ok) return { exit: exitOf(result.value), stdout: `${JSON.stringify(result.value)}\n`, stderr: '' };
  const [first] = result.errors;
  return refusal(first ? wireError(first) : { code: 'invalid', field: '', message: 'the request was refused' });
}

/** A whole file is judged here, not a request: read strictly, so that no two readers can see different records in it. */
function verify(input: string, options: readonly string[]): Outcome {
  let head: string | undefined;
  try {
    head = parseArgs({ args: [...options], options: { head: { type: 'string' } } }).values.head;
  } catch (error) {
    const said = error instanceof Error ? error.message.split('\n')[0] : String(error);
    return refusal({ code: 'unknown-option', field: 'command', message: `verify takes --head HASH and nothing else: ${said}` });
  }
  const file = readRecordText(input);
  const result = file.ok ? verifyRecord(file.value, head) : file;
  return answer(result.ok ? { ok: true, value: verifyAnswer(result.value) } : result, (value) => (value.intact ? 0 : 1));
}

/** A zip begins with its own two letters; a record never does. */
const isZip = (given: string | Uint8Array): given is Uint8Array => typeof given !== 'string' && given[0] === 0x50 && given[1] === 0x4b;

/** A job's whole file: every part, every chain. */
function verifyJobFile(bytes: Uint8Array): Outcome {
  let parts: Readonly<Record<string, Uint8Array>>;
  try {
    parts = unzipSync(bytes);
  } catch {
    return refusal({ code: 'not-a-file', field: 'record', message: 'record is a zip that cannot be read: it is damaged or was cut short' });
  }
  const result = verifyJob(new Map(Object.entries(parts)));
  return answer(result.ok ? { ok: true, value: verifyJobAnswer(result.value) } : result, (value) => (value.intact ? 0 : 1));
}

function parsed(input: string): { readonly body: unknown } | Outcome {
  try {
    return { body: JSON.parse(input) as unknown };
  } catch (error) {
    const message = `request is not JSON: ${error instanceof Error ? error.message : String(error)}`;
    return refusal({ code: 'not-json', field: 'request', message });
  }
}

/** One command over one request: text in, text out. */
export function run(name: string | undefined, given: string | Uint8Array, options: readonly string[] = []): Outcome {
  if (name === 'verify' && isZip(given)) return verifyJobFile(given);
  const input = typeof given === 'string' ? given : new TextDecoder().decode(given);
  if (name === 'verify') return verify(input, options);
  const command: Command | undefined = name !== undefined && Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (!command) {
    const allowed = [...Object.keys(COMMANDS), 'verify'].join(', ');
    return refusal({ code: 'unknown-command', field: 'command', message: `command ${name ?? ''} is not known; allowed: ${allowed}` });
  }
  const request = parsed(input);
  if (!('body' in request)) return request;
  const checked = check(command.schema, request.body);
  return checked.ok ? answer(command.answer(checked.value)) : refusal(checked.problem);
}
