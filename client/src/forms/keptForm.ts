import { useCallback, useEffect, useState } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Resolver, type UseFormReturn } from 'react-hook-form';
import { useMe } from '@/session/useMe';
import { dropTyped, keepTyped, typedBefore } from '@/state/typed';

const VERSION = 1;

/** A form whose letters outlive a reload: it can be left and taken up again until it is sent, by the person who typed them and nobody else. */
export function useKeptForm<T extends FieldValues>(
  called: string,
  usual: T,
  resolver: Resolver<T>,
): UseFormReturn<T> & { forget: () => void } {
  const me = useMe();
  const [person] = useState(me?.person.id ?? 'nobody');
  const before = () => typedBefore<Partial<T>>({ person, name: called, version: VERSION });
  const form = useForm<T>({ defaultValues: { ...usual, ...before() } as DefaultValues<T>, resolver }); // cast: whole values are default values
  const { subscribe } = form;
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => keepTyped({ person, name: called, version: VERSION }, values),
      }),
    [subscribe, person, called],
  );
  const forget = useCallback(() => dropTyped({ person, name: called }), [person, called]);
  return { ...form, forget };
}
