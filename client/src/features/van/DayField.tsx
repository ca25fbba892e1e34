import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';
import { useState } from 'react';
import { TextField } from '@/ui/UnitField';

const DAY = /^\d{4}-\d\d-\d\d$/;

/** A day as it is typed; null where it is none. */
const dayFrom = (text: string): string | null => (DAY.test(text.trim()) && isValid(parseISO(text.trim())) ? text.trim() : null);

/** A day until which something holds; it may be left empty. */
export function useDay() {
  const [text, setText] = useState('');
  const day = dayFrom(text);
  return { text, setText, day, isWrong: text.trim() !== '' && day === null };
}

export function DayField({ label, until }: { label: string; until: ReturnType<typeof useDay> }) {
  return (
    <TextField
      label={`${label}, as 2027-03-31`}
      value={until.text}
      onChange={until.setText}
      error={until.isWrong ? 'must be a day, as 2027-03-31' : null}
    />
  );
}

export const isPast = (day: string | undefined): boolean => day !== undefined && parseISO(day) < new Date();
