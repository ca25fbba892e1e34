import type { Resolver } from 'react-hook-form';
import { useKeptForm } from './keptForm';
import { useUnits } from '@/session/units';
import { readFields, type KeyOf, type Read, type Specs, type Texts } from './fields';

const errorsOf = (problems: Texts) =>
  Object.fromEntries(Object.entries(problems).map(([key, message]) => [key, { type: 'read', message }]));

/**
 * A small form: text until it is read, each complaint under its field. What is typed outlives a reload under `keptAs` until it is kept.
 * `initial` is what stands there before anything is typed.
 */
export function useFigures<S extends Specs>(keptAs: string, specs: S, initial: Partial<Record<KeyOf<S>, string>> = {}) {
  const units = useUnits();
  const keys = Object.keys(specs) as KeyOf<S>[]; // cast: the keys of this very object
  const usual: Texts = Object.fromEntries(keys.map((key) => [key, initial[key] ?? '']));
  const resolver: Resolver<Texts> = (texts) => {
    const { problems } = readFields(specs, texts, units);
    return Object.keys(problems).length > 0 ? { values: {}, errors: errorsOf(problems) } : { values: texts, errors: {} };
  };
  const { control, watch, setValue, setError, formState, handleSubmit, reset, forget } = useKeptForm<Texts>(keptAs, usual, resolver);
  const { errors, isSubmitted } = formState;
  const set = (key: KeyOf<S>, text: string) => setValue(key as string, text, { shouldValidate: isSubmitted });

  /** Reads the form; where all can be read it is handed on. What was typed is let go once that answers true; tells whether it did. */
  async function submit(then: (read: Read<S>) => Promise<boolean> | boolean | void): Promise<boolean> {
    let isDone = false;
    await handleSubmit(async (texts) => {
      isDone = (await then(readFields(specs, texts, units).read)) === true;
    })();
    if (!isDone) return false;
    reset(usual);
    forget();
    return true;
  }

  return {
    keys,
    specs,
    control,
    /** As it stands; whoever asks is drawn anew at each letter, a field of `FigureFields` by itself. */
    textOf: (key: KeyOf<S>) => watch(key) ?? '',
    problemOf: (key: KeyOf<S>) => errors[key]?.message,
    set,
    setAll: (some: Partial<Record<KeyOf<S>, string>>) => keys.forEach((key) => some[key] === undefined || set(key, some[key])),
    complain: (key: KeyOf<S>, message: string) => setError(key, { type: 'said', message }),
    /** What can be read of it as it stands, nothing complained of. */
    soFar: (): Partial<Read<S>> => readFields(specs, watch(), units).read,
    submit,
  };
}
export type Figures<S extends Specs> = ReturnType<typeof useFigures<S>>;
