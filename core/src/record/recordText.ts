import { fail, ok, type Result } from '../result';
import { jsonProblem } from './jsonValue';

/** End of the string literal that opens at `start`: the next quote that is not escaped. */
function endOfString(text: string, start: number): number {
  for (let quote = text.indexOf('"', start + 1); ; quote = text.indexOf('"', quote + 1)) {
    let slashes = 0;
    while (text[quote - 1 - slashes] === '\\') slashes++;
    if (slashes % 2 === 0) return quote;
  }
}

/**
 * The first key that an object of a JSON text holds twice. `JSON.parse` keeps the last of them in silence, another reader may
 * keep the first: the two would see different records under one hash.
 *
 * @param text  well-formed JSON
 * @returns     the key, or null
 */
export function duplicateKey(text: string): string | null {
  const open: (Set<string> | null)[] = []; // null: inside a list
  for (let at = 0; at < text.length; at++) {
    const mark = text[at];
    if (mark === '{') open.push(new Set());
    else if (mark === '[') open.push(null);
    else if (mark === '}' || mark === ']') open.pop();
    else if (mark === '"') {
      const end = endOfString(text, at);
      const keys = open.at(-1);
      if (keys && /^\s*:/.test(text.slice(end + 1, end + 20))) {
        const key = String(JSON.parse(text.slice(at, end + 1)));
        if (keys.has(key)) return key;
        keys.add(key);
      }
      at = end;
    }
  }
  return null;
}

function parsed(text: string): { readonly value: unknown } | null {
  try {
    return { value: JSON.parse(text) as unknown };
  } catch {
    return null;
  }
}

/** A record file's text as a value; refused where two readers could read it differently or where it cannot be hashed. */
export function readRecordText(text: string): Result<unknown> {
  const read = parsed(text);
  if (!read) return fail({ kind: 'refused', field: 'record', reason: 'record-not-json' });
  const problem = jsonProblem(read.value);
  if (problem) return fail({ kind: 'refused', field: problem.field || 'record', reason: `record-${problem.problem}` });
  const key = duplicateKey(text);
  if (key !== null) return fail({ kind: 'refused', field: key, reason: 'record-duplicate-key' });
  return ok(read.value);
}
