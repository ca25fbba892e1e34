/** What makes a JSON value unfit to be stored or hashed: it would not come back as it went in. */
export type JsonProblem = 'too-deep' | 'number' | 'text';

/** Deeper than anything Kesto writes (a frozen plan has 9 levels), far from what a stack can bear. */
export const JSON_DEPTH = 40;

const LONE_SURROGATE = /\p{Surrogate}/u;
const isText = (text: string) => !text.includes('\0') && !LONE_SURROGATE.test(text);

interface Found {
  readonly field: string;
  readonly problem: JsonProblem;
}

/**
 * The first value that JSON can carry but a record cannot: a number that is no finite one (`1e999`), a text with a NUL or half
 * a surrogate pair (PostgreSQL and UTF-8 refuse both), or more than {@link JSON_DEPTH} levels.
 *
 * @param value  anything `JSON.parse` gives
 * @returns      path and problem of the first fault in depth-first order, or null
 * @source       RFC 8785 section 3.2.2: strings are well-formed Unicode, numbers are finite doubles
 */
export function jsonProblem(value: unknown, field = '', depth = 0): Found | null {
  if (typeof value === 'number') return Number.isFinite(value) ? null : { field, problem: 'number' };
  if (typeof value === 'string') return isText(value) ? null : { field, problem: 'text' };
  if (typeof value !== 'object' || value === null) return null;
  if (depth >= JSON_DEPTH) return { field, problem: 'too-deep' };
  for (const [key, inner] of Object.entries(value)) {
    const path = Array.isArray(value) ? `${field}[${key}]` : field === '' ? key : `${field}.${key}`;
    const found = isText(key) ? jsonProblem(inner, path, depth + 1) : { field, problem: 'text' as const };
    if (found) return found;
  }
  return null;
}
