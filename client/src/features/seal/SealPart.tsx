import type { SealView } from '@kesto/contract';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { errorText } from '@/api/api';
import { addressOf } from '@/api/call';
import { saveFrom } from '@/api/saveFrom';
import { useSealQuery, useSetServerMutation, useSetShopKeyMutation } from '@/data/seal/api';
import { KeyWords } from '@/features/chain';
import { useMe } from '@/session/useMe';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Failed, Loading } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** How the shop's records are sealed, and what an admin may do about its key. */
export function SealPart() {
  const query = useSealQuery();
  const isAdmin = useMe()?.person.role === 'admin';
  const [unsaved, setUnsaved] = useState<string | null>(null);
  return (
    <View style={styles.list}>
      <Heading size={20}>{WORDS.seal}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.help}
      </Words>
      {query.data ? (
        <Stands seal={query.data} />
      ) : query.error ? (
        <Failed message={errorText(query.error)} onRetry={() => void query.refetch()} />
      ) : (
        <Loading what={WORDS.what} />
      )}
      <FrameKey label={WORDS.keep} onPress={() => void saveFrom(addressOf('treeHead', {}), 'tree-head.json').then(setUnsaved)} />
      <Words size={14} tone="ink2">
        {WORDS.keepHelp}
      </Words>
      {unsaved ? <Failed message={unsaved} /> : null}
      {isAdmin && query.data ? <OfAdmin seal={query.data} /> : null}
    </View>
  );
}

function Stands({ seal: { state, treeHead, keyWords, grown } }: { seal: SealView }) {
  return (
    <>
      {state === 'sealing' ? <Words bold>{WORDS.states.sealing}</Words> : <FlagLine letter="!" text={WORDS.states[state]} />}
      <Words size={15}>{treeHead ? WORDS.newest(treeHead.size, format(new Date(treeHead.time), 'd MMM yyyy HH:mm')) : WORDS.none}</Words>
      {grown && state === 'sealing' ? (
        <Words size={14} tone="ink2">
          {WORDS.grown}
        </Words>
      ) : null}
      {keyWords.length > 0 ? (
        <>
          <Words size={15}>{WORDS.compare}</Words>
          <KeyWords words={keyWords} />
        </>
      ) : null}
    </>
  );
}

function OfAdmin({ seal: { state, treeHead } }: { seal: SealView }) {
  const [change, changing] = useSetShopKeyMutation();
  const [become, becoming] = useSetServerMutation();
  const busy = changing.isLoading || becoming.isLoading;
  const error = changing.error ?? becoming.error;
  const to = (why: 'changed' | 'lost' | 'stolen') => () => void change({ from: treeHead?.key ?? null, why });
  if (state === 'restored-copy') return <FrameKey label={WORDS.server} disabled={busy} onPress={() => void become()} />;
  return (
    <View style={styles.list}>
      <Words size={14} tone="ink2">
        {WORDS.keyHelp}
      </Words>
      <View style={styles.keys}>
        {state === 'sealing' ? <FrameKey quiet label={WORDS.changed} disabled={busy} onPress={to('changed')} /> : null}
        <FrameKey quiet label={WORDS.lost} disabled={busy} onPress={to('lost')} />
        <FrameKey quiet label={WORDS.stolen} disabled={busy} onPress={to('stolen')} />
      </View>
      {error ? <Failed message={errorText(error)} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 10 }, keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
