import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey, KeepKey } from '@/ui/Buttons';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Heading, Words } from '@/ui/Words';

interface NoteFormProps {
  /** What is typed is kept under this until it is noted. */
  readonly keptAs: string;
  readonly title: string;
  readonly says?: string;
  /** Fields of words, by key; all are needed unless they are named in `optional`. */
  readonly fields: Readonly<Record<string, string>>;
  readonly optional?: readonly string[];
  readonly initial?: Readonly<Record<string, string>>;
  readonly label: string;
  /** What is often said here, in words of its own: one tap says and keeps it. For a form of one field. */
  readonly usual?: readonly string[];
  readonly busy: boolean;
  /** False while something beside its words is still to be answered. */
  readonly ready?: boolean;
  /** The one thing its sheet is about: kept by the pill. */
  readonly main?: boolean;
  /** True once it is safe. */
  readonly onKeep: (texts: Readonly<Record<string, string>>) => Promise<boolean>;
  readonly children?: ReactNode;
}

/** A few words that are kept with a job. */
export function NoteForm({
  keptAs,
  title,
  says,
  fields,
  optional = [],
  initial,
  label,
  usual = [],
  busy,
  ready = true,
  main = false,
  onKeep,
  children,
}: NoteFormProps) {
  const specs = Object.fromEntries(
    Object.entries(fields).map(([key, name]) => [key, { label: name, kind: 'words' as const, optional: optional.includes(key) }]),
  );
  const figures = useFigures(keptAs, specs, initial);
  const isWhole = figures.keys.every((key) => optional.includes(key) || figures.textOf(key).trim() !== '');
  const [only] = figures.keys;
  const sayUsual = (words: string) => {
    if (only !== undefined) figures.set(only, words);
    void figures.submit(onKeep);
  };
  return (
    <View style={styles.form}>
      <Heading size={17}>{title}</Heading>
      {says ? (
        <Words size={15} tone="ink2">
          {says}
        </Words>
      ) : null}
      <FigureFields figures={figures} />
      {children}
      {usual.length > 0 && ready ? (
        <View style={styles.usual}>
          {usual.map((words) => (
            <FrameKey key={words} quiet label={words} says={`${label}: ${words}`} disabled={busy} onPress={() => sayUsual(words)} />
          ))}
        </View>
      ) : null}
      <KeepKey main={main} label={label} busy={busy} disabled={!isWhole || !ready} onPress={() => void figures.submit(onKeep)} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 }, usual: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
