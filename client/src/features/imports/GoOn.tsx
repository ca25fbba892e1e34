import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { FrameKey, LabelledChoice } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { useGoOn } from './useGoOn';
import type { Theirs } from './useImported';
import { WORDS } from './words';

/** Work on a joint that another shop made: which of theirs, and which joint here goes on from it. */
export function GoOn({ theirs }: { theirs: readonly Theirs[] }) {
  const [first] = theirs;
  const [chain, setChain] = useState(first?.chain ?? '');
  const [ownTag, setOwnTag] = useState('');
  const { goOn, busy, problem } = useGoOn();
  const chosen = theirs.find((one) => one.chain === chain);
  if (!chosen) return null;
  const begin = () => void goOn(ownTag, chosen);
  return (
    <View style={styles.list}>
      <Heading size={17}>{WORDS.goOn}</Heading>
      {theirs.length > 1 ? (
        <LabelledChoice
          label={WORDS.theirs}
          options={theirs.map(({ chain: value, tag }) => ({ value, label: tag }))}
          value={chain}
          onChange={setChain}
        />
      ) : null}
      <Words size={15} tone="ink2">
        {WORDS.goOnHelp(chosen.tag)}
      </Words>
      <TextField label={WORDS.ownTag} value={ownTag} onChange={setOwnTag} onEnter={begin} />
      <FrameKey label={WORDS.keep} disabled={busy || ownTag.trim() === ''} onPress={begin} />
      {problem ? <Failed message={problem} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 10 } });
