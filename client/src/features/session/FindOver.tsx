import type { Found } from '@kesto/contract';
import { SEARCH_LIMIT } from '@kesto/contract/api';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useRouter, type Href } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import { errorText } from '@/api/api';
import { useLazyFindJointQuery } from '@/data/joints/api';
import { arrange } from '@/ui/arrange';
import { ListRow } from '@/ui/ListRow';
import { FrameKey } from '@/ui/Buttons';
import { Overlay } from '@/ui/Overlay';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { useSearchQuery } from '@/api/sessionApi';
import { WORDS } from './words';

/** Fewer letters are in everything. */
const LEAST = 2;

/** A joint by the tag that stands on it; anything else by machine, site, job or person. */
export function FindOver({ open, onClose }: { open: boolean; onClose: () => void }) {
  const router = useRouter();
  const [text, setText] = useState('');
  const [find, { error, isFetching }] = useLazyFindJointQuery();
  const asked = useDeferredValue(text.trim());
  const search = useSearchQuery(open && asked.length >= LEAST && asked.length <= SEARCH_LIMIT ? asked : skipToken);
  const leave = (href: Href) => {
    onClose();
    setText('');
    router.push(href);
  };
  const rows = search.currentData && asked.length >= LEAST ? rowsOf(search.currentData) : [];
  const isOf = (typed: string) => typed === asked && search.isSuccess && !search.isFetching;
  async function go() {
    const [first] = isOf(text.trim()) ? rows : [];
    if (first) return leave(first.href);
    const found = await find(text.trim());
    if (found.data) leave(`/joints/${found.data.id}`);
  }
  return (
    <Overlay open={open} title={WORDS.find} label={WORDS.findAJoint} onClose={onClose}>
      <TextField
        label={WORDS.tagMachineSiteJob}
        value={text}
        onChange={setText}
        error={error && rows.length === 0 ? errorText(error) : null}
        onEnter={() => void go()}
      />
      {/* Above what is found: it stays under the finger while that comes. */}
      <FrameKey label={WORDS.findIt} disabled={text.trim() === '' || isFetching} onPress={() => void go()} />
      <ScrollView style={styles.found} keyboardShouldPersistTaps="handled">
        {rows.map(({ key, ...row }) => (
          <Row key={key} {...row} onPress={() => leave(row.href)} />
        ))}
      </ScrollView>
      {search.isSuccess && asked.length >= LEAST && rows.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.nothingFound}
        </Words>
      ) : null}
      <FrameKey quiet label={WORDS.aTableOverAll} onPress={() => leave('/found')} />
      {search.isError && !error ? (
        <Words size={15} tone="red" role="alert">
          {errorText(search.error)}
        </Words>
      ) : null}
    </Overlay>
  );
}

interface FoundRow {
  readonly key: string;
  readonly title: string;
  readonly below: string;
  readonly href: Href;
}

const rowsOf = ({ units, jobs, joints, imported }: Found): readonly FoundRow[] => [
  ...joints.map(({ id, tag, title, by }) => ({
    key: id,
    title: tag,
    below: by ? `${title}, by ${by}` : title,
    href: `/joints/${id}` as const,
  })),
  ...units.map(({ id, tag, name, site }) => ({ key: id, title: tag, below: `${name}, ${site}`, href: `/units/${id}` as const })),
  ...jobs.map(({ id, number, title, tag, done }) => ({
    key: id,
    title: `job ${number}`,
    below: `${tag}, ${title}${done ? ', done' : ''}`,
    href: `/jobs/${id}` as const,
  })),
  ...imported.map(({ sha256, tag, shop }) => ({
    key: `${sha256} ${tag}`,
    title: tag,
    below: `as ${shop ?? 'another shop'} gave it`,
    href: `/imports/${sha256}` as const,
  })),
];

function Row({ title, below, onPress }: Pick<FoundRow, 'title' | 'below'> & { onPress: () => void }) {
  return (
    <ListRow role="link" onPress={onPress}>
      <Words bold style={styles.rowName}>
        {title}
      </Words>
      <Words size={15} tone="ink2" style={arrange.fill}>
        {below}
      </Words>
    </ListRow>
  );
}

const styles = StyleSheet.create({
  found: { maxHeight: 380 },
  rowName: { minWidth: 76 },
});
