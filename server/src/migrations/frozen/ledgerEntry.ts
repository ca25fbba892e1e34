// Frozen with migration 0013: how an entry of format 3 was sealed on that day. Nothing here follows what the rest of the program does since.
import { createHash, randomBytes } from 'node:crypto';

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };

const sha256 = (text: string) => createHash('sha256').update(text, 'utf8').digest('hex');

/** RFC 8785: keys in the order of their UTF-16 units, numbers and strings as JSON.stringify writes them. */
export function canonical(value: Json): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value);
  const object = value as { readonly [key: string]: Json }; // cast: no list and no null is left
  const keys = Object.keys(object).sort();
  return `{${keys.map((key) => `${JSON.stringify(key)}:${canonical(object[key] ?? null)}`).join(',')}}`;
}

export interface Words {
  readonly commitment: string;
  readonly salt: string;
  readonly words: string;
}

export function committed(words: string): Words {
  const salt = randomBytes(16).toString('hex');
  return { commitment: sha256(canonical({ salt, words })), salt, words };
}

interface Kestos {
  readonly shop: string;
  readonly job: string;
  readonly id: string;
  readonly sequence: number;
  readonly previous: string | null;
  readonly kind: 'carried-over' | 'joint-added';
  readonly told: Json;
  readonly server: string;
}

/** One entry of Kesto's own in a job's chain. */
export function sealed({ shop, job, id, sequence, previous, kind, told, server }: Kestos): { content: string; hash: string } {
  const chain = { of: 'job', id: job };
  const said = {
    ...{ shop, chain, id, kind, shape: 1, stage: null, told, photos: [], corrects: null, person: null, onBehalfOf: null },
    ...{ deviceTime: null, seen: null, drawing: null, simulated: false },
  };
  const content = canonical({
    ...{ format: 3, rules: 1, chain, sequence, previous, said, because: null, author: 'kesto', worked: null, photos: [] },
    ...{ at: { server, offsetS: null }, signature: null },
  });
  return { content, hash: sha256(content) };
}
