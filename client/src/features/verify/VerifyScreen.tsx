import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { CheckedFile } from './CheckedFile';
import { useRecordCheck } from './useRecordCheck';
import { WORDS } from './words';

type Check = ReturnType<typeof useRecordCheck>;

/** Checks a record file in this browser: nothing is sent anywhere. */
export function VerifyScreen() {
  const check = useRecordCheck();
  return (
    <Sheet
      tag="check"
      title={WORDS.title}
      subtitle={WORDS.subtitle}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'verify' }}
      action={{ label: WORDS.choose, onPress: check.choose }}
      aside={<Against check={check} />}
    >
      {check.problem ? (
        <Failed message={check.problem} />
      ) : check.found ? (
        <CheckedFile file={check.found} />
      ) : (
        <Empty title={WORDS.none} text={WORDS.noneText} />
      )}
    </Sheet>
  );
}

/** What the file is held against: a hash, a label, something older. */
function Against({ check }: { check: Check }) {
  const router = useRouter();
  return (
    <View style={styles.list}>
      <TextField label={WORDS.noted} value={check.noted} onChange={check.setNoted} multiline />
      <Words size={15} tone="ink2">
        {WORDS.olderHelp}
      </Words>
      {check.older ? (
        <>
          <Words bold>{WORDS.heldAgainst(check.older)}</Words>
          <FrameKey label={WORDS.drop} onPress={check.dropOlder} />
        </>
      ) : (
        <FrameKey label={WORDS.older} onPress={check.chooseOlder} />
      )}
      <Words size={15} tone="ink2">
        {WORDS.pageHelp}
      </Words>
      <FrameKey label={WORDS.page} onPress={check.keepPage} />
      <Words size={15} tone="ink2">
        {WORDS.othersHelp}
      </Words>
      <FrameKey label={WORDS.others} onPress={() => router.push('/imports')} />
      {check.unsaved ? <Failed message={check.unsaved} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 12 } });
