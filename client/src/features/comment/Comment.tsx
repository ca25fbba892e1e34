import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { jobCommentWrite, jointCommentWrite } from '@/data/comments/writes';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { useWrite } from '@/outbox';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const FIELDS = { text: { label: WORDS.label, kind: 'words' } } as const;

/** Whoever reads a record has a word on it: an inspector too. */
export function Comment({ of, id }: { of: 'joint' | 'job'; id: string }) {
  const figures = useFigures(`comment.${of}.${id}`, FIELDS);
  const { keep, busy, problem } = useWrite();
  const [entry, setEntry] = useState(() => uuid());
  async function say({ text }: Read<typeof FIELDS>): Promise<boolean> {
    const body = { text: text.trim(), deviceTime: new Date().toISOString() };
    const isKept = await (of === 'joint' ? keep(jointCommentWrite(id, entry, body)) : keep(jobCommentWrite(id, entry, body)));
    if (isKept) setEntry(uuid());
    return isKept;
  }
  return (
    <View style={styles.list}>
      <Heading size={17}>{WORDS.title}</Heading>
      <Words size={14} tone="ink2">
        {WORDS.help}
      </Words>
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.keep} disabled={busy || figures.textOf('text').trim() === ''} onPress={() => void figures.submit(say)} />
      {problem ? <Failed message={problem.message} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 8 } });
