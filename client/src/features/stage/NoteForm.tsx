import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { KeepKey } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';

interface NoteFormProps {
  readonly title: string;
  readonly says?: string;
  /** Fields of words, by key; all are needed unless they are named in `optional`. */
  readonly fields: Readonly<Record<string, string>>;
  readonly optional?: readonly string[];
  readonly initial?: Readonly<Record<string, string>>;
  readonly label: string;
  readonly busy: boolean;
  /** The one thing its sheet is about: kept by the pill. */
  readonly main?: boolean;
  readonly onKeep: (texts: Readonly<Record<string, string>>) => void;
  readonly children?: ReactNode;
}

/** A few words that are kept with a job. */
export function NoteForm({ title, says, fields, optional = [], initial = {}, label, busy, main = false, onKeep, children }: NoteFormProps) {
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>(initial);
  const textOf = (key: string) => texts[key] ?? '';
  const isWhole = Object.keys(fields).every((key) => optional.includes(key) || textOf(key).trim() !== '');
  const trimmed = () => Object.fromEntries(Object.keys(fields).map((key) => [key, textOf(key).trim()]));
  return (
    <View style={{ gap: 10 }}>
      <Heading size={17}>{title}</Heading>
      {says ? (
        <Words size={15} tone="ink2">
          {says}
        </Words>
      ) : null}
      {Object.entries(fields).map(([key, name]) => (
        <TextField key={key} label={name} value={textOf(key)} onChange={(text) => setTexts({ ...texts, [key]: text })} multiline />
      ))}
      {children}
      <KeepKey main={main} label={label} busy={busy} disabled={!isWhole} onPress={() => onKeep(trimmed())} />
    </View>
  );
}
