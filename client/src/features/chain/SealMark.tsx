import { notSignedTexts, sealNoteText, signingDeviceTexts } from '@kesto/contract/wording';
import type { Signed } from '@kesto/core/tree';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { Tick } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

/** What is proved beyond that a file hangs together: whose it is, by when, and by which key; or that nothing is. */
export function SealMark({ signed, older }: { signed: Signed | null; older: Signed['older'] }) {
  const t = useTokens();
  if (!signed) return <Words tone="amber">{older ? WORDS.heldWithoutSeal : WORDS.notSealed}</Words>;
  return (
    <View style={[styles.box, { borderColor: t.teal }]} testID="seal">
      <View style={styles.line}>
        <Tick />
        <Words bold style={styles.wide}>
          {WORDS.sealedBy(signed.shop.name)}
        </Words>
      </View>
      <Words size={14} tone="ink2">
        {WORDS.heldBy(format(new Date(signed.sealedAt), 'd MMMM yyyy HH:mm'))}
        {signed.bySignature > 0 ? ` ${WORDS.byDevices(signed.bySignature)}` : ''}
      </Words>
      {older === 'continued' ? <Words>{WORDS.continued}</Words> : null}
      {notSignedTexts(signed.notSigned).map((text) => (
        <Words key={text} size={14} tone="amber">
          {text}
        </Words>
      ))}
      {[true, false].flatMap((isVouched) =>
        signingDeviceTexts(signed.devices.filter(({ vouchedBy }) => vouchedBy.length > 0 === isVouched)).map((text) => (
          <Words key={text} size={14} tone={isVouched ? 'ink2' : 'amber'}>
            {text}
          </Words>
        )),
      )}
      {signed.notes.map((note) => (
        <Words key={`${note.what} ${note.in ?? ''} ${note.at ?? ''}`} size={14} tone="amber">
          {sealNoteText(note)}.
        </Words>
      ))}
      <Words size={14} tone="ink2">
        {WORDS.compare}
      </Words>
      <KeyWords words={signed.keyWords} />
    </View>
  );
}

/** Eight words of a shop's key, in two lines of four, to be read out. */
export function KeyWords({ words }: { words: readonly string[] }) {
  return (
    <View style={styles.words} testID="key-words">
      {words.map((word, i) => (
        <View key={`${word} ${i}`} style={styles.word}>
          <Mono size={15}>{word}</Mono>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderLeftWidth: 4, paddingLeft: 12, gap: 6 },
  line: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  wide: { flex: 1 },
  words: { flexDirection: 'row', flexWrap: 'wrap', rowGap: 2 },
  word: { width: '25%', minWidth: 88 },
});
