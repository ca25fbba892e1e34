import { useCallback, useEffect, useState } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Resolver, type UseFormReturn } from 'react-hook-form';
import { useMe } from '@/session/useMe';

/** Goes up when a kept form no longer reads as today's: what was kept before is let go. */
const VERSION = 1;
const keyOf = (name: string) => `kesto.form.${name}`;

function keptValues<T>(name: string): Partial<T> {
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(keyOf(name)) ?? 'null') as { version: number; values: Partial<T> } | null; // cast: written below alone
    return kept?.version === VERSION ? kept.values : {};
  } catch {
    return {};
  }
}

function keep(name: string, values: unknown): void {
  try {
    globalThis.localStorage?.setItem(keyOf(name), JSON.stringify({ version: VERSION, values }));
  } catch {
    // no storage: what is typed lasts as long as the page
  }
}

/** A form whose letters outlive a reload: it can be left and taken up again until it is sent, by the person who typed them and nobody else. */
export function useKeptForm<T extends FieldValues>(
  called: string,
  usual: T,
  resolver: Resolver<T>,
): UseFormReturn<T> & { forget: () => void } {
  const me = useMe();
  const [person] = useState(me?.person.id ?? 'nobody');
  const name = `${person}.${called}`;
  const form = useForm<T>({ defaultValues: { ...usual, ...keptValues<T>(name) } as DefaultValues<T>, resolver }); // cast: whole values are default values
  const { subscribe } = form;
  useEffect(() => subscribe({ formState: { values: true }, callback: ({ values }) => keep(name, values) }), [subscribe, name]);
  const forget = useCallback(() => globalThis.localStorage?.removeItem(keyOf(name)), [name]);
  return { ...form, forget };
}
