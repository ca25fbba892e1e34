import type { EngineValue, Fields, Spec } from '@kesto/core';

type Values = Readonly<Record<string, unknown>>;
const QUANTITY = { value: 1, unit: 'bar' };
const REQUESTS: Readonly<Record<EngineValue, unknown>> = {
  readings: { refrigerant: 'R-410A', metering: 'valve' },
  plan: {
    joint: { male: { metal: 'copper', od: { value: 7 / 8, unit: 'in' } }, female: { metal: 'copper' } },
    stock: [{ designation: 'BCuP-5' }],
  },
  planned: {},
  schools: { wrap: 'wet-cloth' },
  anew: { note: 'x' },
};
const FORMS = { hash: 'a'.repeat(64), id: '0193a000-0000-7000-8000-000000000001', instant: '2026-11-26T08:00:00.000Z' } as const;

/** The least that a field takes. */
function least(spec: Spec): unknown {
  switch (spec.of) {
    case 'text':
      return 'x'.repeat(spec.least);
    case 'word':
      return spec.words[0];
    case 'number':
      return spec.above ? spec.min + (spec.whole ? 1 : 1e-6) : spec.min;
    case 'part':
    case 'place':
      return 'a';
    case 'quantity':
      return QUANTITY;
    case 'truth':
      return false;
    case 'list':
      return Array.from({ length: spec.least }, () => least(spec.item));
    case 'object':
      return smallest(spec.fields);
    case 'orNothing':
      return null;
    case 'hash':
    case 'id':
    case 'instant':
      return FORMS[spec.of];
    case 'engine':
      return REQUESTS[spec.request];
  }
}

/** The most that a field takes. */
function most(spec: Spec): unknown {
  switch (spec.of) {
    case 'text':
      return 'x'.repeat(spec.most);
    case 'word':
      return spec.words[spec.words.length - 1];
    case 'number':
      return spec.max;
    case 'part':
      return 'a'.repeat(40);
    case 'place':
      return `${'a'.repeat(40)}>${'b'.repeat(40)}`;
    case 'truth':
      return true;
    case 'list':
      return spec.each === 'once' && spec.item.of === 'word' ? spec.item.words : Array.from({ length: spec.most }, () => most(spec.item));
    case 'object':
      return fullest(spec.fields);
    case 'orNothing':
      return most(spec.item);
    default:
      return least(spec);
  }
}

/** Beyond what a field takes, each in one way. */
function beyond(spec: Spec): readonly unknown[] {
  const otherType = [{ no: 'such' }, 7n.toString().repeat(3000)];
  switch (spec.of) {
    case 'text':
      return [7, 'x'.repeat(spec.most + 1), ...(spec.least === 1 ? ['', ' x'] : []), ...(spec.line ? ['a\u202eb'] : [])];
    case 'word':
      return ['no-such-word', 7];
    case 'number':
      return ['1', spec.max + 1, spec.above ? spec.min : spec.min - 1, ...(spec.whole ? [spec.min + 0.5] : [])];
    case 'part':
      return ['Über', 'a>b', ''];
    case 'place':
      return ['Über', 'a>', 'a>b>c'];
    case 'quantity':
      return [7, { value: 1 }, { value: '1', unit: 'bar' }, { value: 1, unit: 'cubits' }];
    case 'truth':
      return ['yes', 0];
    case 'list':
      return [
        'a',
        Array.from({ length: spec.most + 1 }, () => least(spec.item)),
        ...(spec.least > 0 ? [[]] : []),
        ...beyond(spec.item).map((item) => [item]),
      ];
    case 'object':
      return wrong(spec.fields).map(({ values }) => values);
    case 'orNothing':
      return beyond(spec.item);
    case 'hash':
    case 'id':
    case 'instant':
      return ['x', 7];
    case 'engine':
      return otherType;
  }
}

/** What has to be said and no more. */
export const smallest = (fields: Fields): Values =>
  Object.fromEntries(Object.entries(fields).flatMap(([key, { spec, optional }]) => (optional ? [] : [[key, least(spec)]])));

/** Everything that can be said, as much of it as can be. */
export const fullest = (fields: Fields): Values => Object.fromEntries(Object.entries(fields).map(([key, { spec }]) => [key, most(spec)]));

/** Each wrong by one field, named: missing, of another type, beyond its limits; and one that says more than there is. */
export function wrong(fields: Fields): readonly { readonly field: string; readonly values: Values }[] {
  const whole = smallest(fields);
  const without = (key: string) => Object.fromEntries(Object.entries(whole).filter(([other]) => other !== key));
  return [
    ...Object.keys(whole).map((key) => ({ field: key, values: without(key) })),
    ...Object.entries(fields).flatMap(([key, { spec }]) =>
      beyond(spec).map((value) => ({ field: key, values: { ...whole, [key]: value } })),
    ),
    { field: 'lunch', values: { ...whole, lunch: 1 } },
  ];
}
