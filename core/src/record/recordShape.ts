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

/** Whether a file has the shape of a joint's record and nothing beside it. What its texts say is judged by the hashes, so that one altered letter names its entry. */
export const recordMisfit = (format: string, version: number) => {
  const shape = object({ format: is(format), version: is(version), entries: list(entry, 1), photos });
  return (file: unknown): Misfit => shape(file, '');
};

const stageEntry = object({ content: object({ ...LINK, job: object({ id: text, number: whole }), stage: text }), hash: text });

/** Whether each of a list has the shape of a link of that chain and nothing beside it. */
export const linksMisfit = (of: 'joint' | 'job', links: readonly unknown[]): Misfit =>
  list(of === 'joint' ? entry : stageEntry, 1)(links, of);
