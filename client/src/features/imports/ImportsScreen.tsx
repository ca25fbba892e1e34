import type { ImportedFile } from '@kesto/contract';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useImportsQuery } from '@/data/imports/api';
import { useMayMake } from '@/session/useMayMake';
import { ListRow } from '@/ui/ListRow';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import { useTakeIn } from './useTakeIn';
import { WORDS } from './words';

/** Records that other shops gave away, each as it came. */
export function ImportsScreen() {
  return (
    <Fetched<readonly ImportedFile[]> query={useImportsQuery()} what={WORDS.what}>
      {(files) => <Ready files={files} />}
    </Fetched>
  );
}

function Ready({ files }: { files: readonly ImportedFile[] }) {
  const mayTakeIn = useMayMake();
  const { takeIn, busy, problem } = useTakeIn();
  return (
    <Sheet
      tag={WORDS.tag}
      title={WORDS.title}
      subtitle={WORDS.subtitle(files.length)}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'verify' }}
      action={mayTakeIn ? { label: busy ? WORDS.takingIn : WORDS.takeIn, onPress: takeIn, disabled: busy } : undefined}
    >
      <View style={styles.list}>
        {problem ? <Failed message={problem} /> : null}
        <Words size={15} tone="ink2">
          {WORDS.help}
        </Words>
        {files.length === 0 ? <Empty title={WORDS.none} text={WORDS.noneText} /> : files.map((file) => <Row key={file.sha256} {...file} />)}
      </View>
    </Sheet>
  );
}

const day = (iso: string) => format(new Date(iso), 'd MMMM yyyy');

function Row({ sha256, of, name, shop, joints, by, at }: ImportedFile) {
  const router = useRouter();
  return (
    <ListRow role="link" onPress={() => router.push(`/imports/${sha256}`)}>
      <Words bold style={styles.name}>
        {of === 'job' ? WORDS.job(name) : name}
      </Words>
      <View style={styles.says}>
        <Words size={15} tone={shop ? 'ink' : 'amber'}>
          {shop ? WORDS.sealed(shop.name, day(shop.sealedAt)) : WORDS.unsealed}
        </Words>
        {of === 'job' ? <Words size={15}>{WORDS.joints(joints.map(({ tag }) => tag))}</Words> : null}
        <Words size={14} tone="ink2">
          {WORDS.line(by, day(at))}
        </Words>
      </View>
    </ListRow>
  );
}

const styles = StyleSheet.create({ list: { gap: 10, maxWidth: 760 }, name: { minWidth: 88 }, says: { flex: 1 } });
