import { calcErrorText } from '@kesto/contract/wording';
import type { Quantity } from '@kesto/core';
import { useState } from 'react';
import { useUnits } from '@/state/units';
import { readField, type FieldKind } from './readField';

export interface FigureSpec {
  readonly label: string;
  readonly kind: FieldKind;
  readonly hint?: string;
  /** May be left empty. */
  readonly optional?: boolean;
}

/** Figures of a small form: text until they are read, each complaint under its field. */
export function useFigures<Key extends string>(specs: Readonly<Record<Key, FigureSpec>>, initial: Partial<Record<Key, string>> = {}) {
  const units = useUnits();
  const keys = Object.keys(specs) as Key[]; // cast: the keys of this very object
  const [texts, setTexts] = useState<Partial<Record<Key, string>>>(initial);
  const [problems, setProblems] = useState<Partial<Record<Key, string>>>({});
  const textOf = (key: Key) => texts[key] ?? '';
  const set = (key: Key, text: string) => {
    setTexts({ ...texts, [key]: text });
    setProblems({ ...problems, [key]: undefined });
  };

  /** What was typed; null where a figure is missing or cannot be read, which is then said at its field. */
  function read(): Partial<Record<Key, Quantity>> | null {
    const found: Partial<Record<Key, Quantity>> = {};
    const wrong: Partial<Record<Key, string>> = {};
    for (const key of keys) {
      const text = textOf(key).trim();
      if (text === '') {
        if (!specs[key].optional) wrong[key] = 'is needed';
        continue;
      }
      const result = readField(specs[key].kind, text, { key, units });
      if (result.ok) found[key] = result.value;
      else if (result.errors[0]) wrong[key] = calcErrorText(result.errors[0]);
    }
    setProblems(wrong);
    return Object.values(wrong).some((text) => text !== undefined) ? null : found;
  }

  const setAll = (some: Partial<Record<Key, string>>) => setTexts({ ...texts, ...some });
  return { keys, specs, textOf, set, setAll, read, problems, setProblems };
}
export type Figures<Key extends string> = ReturnType<typeof useFigures<Key>>;
