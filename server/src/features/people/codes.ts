import { createHash, randomInt } from 'node:crypto';
import { CODE_GROUP, CODE_LENGTH, CODE_LETTERS } from '@kesto/contract';

/** What is kept of a one-time code. */
export const codeHash = (code: string): string => createHash('sha256').update(`invite ${code}`).digest('hex');

export const newCode = (): string => Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('');

/** In groups of four, as it is read out. */
export const readable = (code: string): string => (code.match(new RegExp(`.{1,${CODE_GROUP}}`, 'g')) ?? []).join('-');
