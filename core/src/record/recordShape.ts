/** Path of what does not fit, and whether it is a key that nobody knows; null where all fits. */
type Misfit = { readonly field: string; readonly unknown: boolean } | null;
type Shape = (value: unknown, field: string) => Misfit;

const wrong = (field: string): Misfit => ({ field, unknown: false });

const text: Shape = (value, field) => (typeof value === 'string' ? null : wrong(field));
const whole: Shape = (value, field) => (Number.isSafeInteger(value) && (value as number) >= 0 ? null : wrong(field)); // cast: an integer is a number
const isPlain = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const plain: Shape = (value, field) => (isPlain(value) ? null : wrong(field));

const is =
  (...allowed: readonly unknown[]): Shape =>
  (value, field) =>
    allowed.includes(value) ? null : wrong(field);
const orNull =
  (shape: Shape): Shape =>
  (value, field) =>
    value === null ? null : shape(value, field);

/** Exactly these keys, each of its shape. */
function object(shapes: Readonly<Record<string, Shape>>): Shape {
  const known = Object.keys(shapes);
  return (value, field) => {
    if (!isPlain(value)) return wrong(field);
    const path = (key: string) => (field === '' ? key : `${field}.${key}`);
    const stranger = Object.keys(value).find((key) => !known.includes(key));
    if (stranger !== undefined) return { field: path(stranger), unknown: true };
    for (const [key, shape] of Object.entries(shapes)) {
      const misfit = Object.hasOwn(value, key) ? shape(value[key], path(key)) : wrong(path(key));
      if (misfit) return misfit;
    }
    return null;
  };
}

function list(shape: Shape, least = 0): Shape {
  return (value, field) => {
    if (!Array.isArray(value) || value.length < least) return wrong(field);
    for (let i = 0; i < value.length; i++) {
      const misfit = shape(value[i], `${field}[${i}]`);
      if (misfit) return misfit;
    }
    return null;
  };
}

const photos: Shape = (value, field) => {
  if (!isPlain(value)) return wrong(field);
  const misfit = Object.keys(value).find((key) => typeof value[key] !== 'string');
  return misfit === undefined ? null : wrong(`${field}.${misfit}`);
};

/** What links of every chain have. */
const LINK = {
  ...{ format: whole, id: text, sequence: whole, kind: text, deviceTime: text, serverTime: text, values: plain },
  person: object({ id: text, name: text }),
  photos: list(object({ sha256: text, mediaType: text, bytes: whole })),
  previous: orNull(text),
};

const entry = object({
  content: object({
    ...LINK,
    joint: object({ id: text, tag: text }),
    corrects: orNull(object({ entry: text, why: text })),
  }),
  hash: text,
});

const stageEntry = object({ content: object({ ...LINK, job: object({ id: text, number: whole }), stage: text }), hash: text });

const chainId = object({ of: is('joint', 'job', 'shop'), id: text });
const commitment = object({ words: text });
const truth = is(true, false);

const statement = object({
  ...{ shop: text, chain: chainId, id: text, kind: text, shape: whole, stage: orNull(text), told: plain, photos: list(text) },
  corrects: orNull(object({ entry: text, why: commitment })),
  ...{ person: orNull(text), onBehalfOf: orNull(text), deviceTime: orNull(text), drawing: orNull(text), simulated: truth },
  seen: orNull(list(object({ of: is('joint', 'job', 'shop'), id: text, sequence: whole, hash: text }))),
});

const author: Shape = (value, field) => (value === 'kesto' ? null : object({ person: text, card: commitment })(value, field));

const worked: Shape = (value, field) => {
  const shapes = { engine: text, drawing: orNull(text), values: plain };
  return isPlain(value) && 'shown' in value ? object({ ...shapes, shown: plain })(value, field) : object(shapes)(value, field);
};

/** Content of a link of format 3, of every chain. */
const content3 = object({
  ...{ format: is(3), rules: whole, chain: chainId, sequence: whole, previous: orNull(text), said: statement, author },
  because: orNull(object({ chain: chainId, entry: text })),
  worked: orNull(worked),
  photos: list(object({ sha256: text, mediaType: text, bytes: whole, sent: text })),
  at: object({ server: text, offsetS: orNull((value, field) => (Number.isFinite(value) ? null : wrong(field))) }),
  signature: orNull(object({ device: text, alg: is('Ed25519', 'P-256'), value: text })),
});

const beside: Shape = (value, field) => {
  if (!isPlain(value)) return wrong(field);
  const salted = object({ salt: text, words: text });
  for (const [key, one] of Object.entries(value)) {
    const misfit = salted(one, `${field}.${key}`);
    if (misfit) return misfit;
  }
  return null;
};

const link3 = object({ content: content3, hash: text, beside });

/** By its format: what stood before 3 differs by chain. */
const linkOf =
  (former: Shape): Shape =>
  (value, field) =>
    (isPlain(value) && isPlain(value['content']) && value['content']['format'] === 3 ? link3 : former)(value, field);

const FORMER_LINKS = { joint: entry, job: stageEntry, shop: () => wrong('shop') } as const;

/** Whether a file has the shape of a joint's record and nothing beside it. What its texts say is judged by the hashes, so that one altered letter names its entry. */
export const recordMisfit = (format: string, versions: readonly number[]) => {
  const keys = { format: is(format), version: is(...versions), entries: list(linkOf(entry), 1), photos };
  const [unsealed, sealed] = [object(keys), object({ ...keys, seal: orNull(plain) })];
  return (file: unknown): Misfit => (isPlain(file) && Number(file['version']) >= SEALED_SINCE ? sealed : unsealed)(file, '');
};

/** Version of a record from which it says what it was sealed with. */
const SEALED_SINCE = 3;

/** Whether each of a list has the shape of a link of that chain and nothing beside it. */
export const linksMisfit = (of: 'joint' | 'job' | 'shop', links: readonly unknown[]): Misfit =>
  list(linkOf(FORMER_LINKS[of]), 1)(links, of);
