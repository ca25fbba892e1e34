import type { DeviceView } from '@kesto/contract';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { errorText } from '@/api/api';
import { KeyWords } from '@/features/chain';
import { FrameKey } from '@/ui/Buttons';
import { Empty, Failed, Loading } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useDevices } from './useDevices';
import { WORDS } from './words';

type Work = ReturnType<typeof useDevices>;

const when = (iso: string) => format(new Date(iso), 'd MMM yyyy HH:mm');

/** One's own devices, and for leads everybody's: whose key it is, since when, and who vouched for it. */
export function DeviceList() {
  const work = useDevices();
  return (
    <View style={styles.list}>
      <Heading size={20}>{WORDS.title}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.help}
      </Words>
      <Devices work={work} />
      {work.problem ? <Failed message={work.problem} /> : null}
    </View>
  );
}

function Devices({ work }: { work: Work }) {
  const { data, error, refetch } = work.query;
  if (error) return <Failed message={errorText(error)} onRetry={() => void refetch()} />;
  if (!data) return <Loading what={WORDS.what} />;
  if (data.length === 0) return <Empty title={WORDS.none} text={WORDS.noneText} />;
  return data.map((device) => <Device key={device.device} device={device} work={work} />);
}

function Device({ device, work }: { device: DeviceView; work: Work }) {
  const t = useTokens();
  const isOwn = device.device === work.own;
  const isGood = device.until === null;
  return (
    <View style={[styles.device, { borderColor: isGood ? t.teal : t.rule }]}>
      <Words bold>
        {device.person.name}
        {isOwn ? `, ${WORDS.this}` : ''}
      </Words>
      <Words size={14} tone="ink2">
        {WORDS.since(when(device.since))}
        {device.until ? `, ${WORDS.ended(when(device.until))}` : ''}
      </Words>
      <Words size={14} tone={device.vouchedBy.length > 0 ? 'ink2' : 'amber'}>
        {device.vouchedBy.length > 0 ? WORDS.vouchedBy(device.vouchedBy) : WORDS.byNobody}
      </Words>
      <KeyWords words={device.keyWords} />
      {isGood ? (
        <View style={styles.keys}>
          {isOwn || device.vouchedBy.length > 0 ? null : (
            <>
              <Words size={14} tone="ink2">
                {WORDS.vouchHelp}
              </Words>
              <FrameKey label={WORDS.vouch} disabled={work.busy} onPress={() => work.vouchFor(device)} />
            </>
          )}
          <FrameKey quiet label={WORDS.end} disabled={work.busy} onPress={() => work.endOf(device, 'lost')} />
          <FrameKey quiet label={WORDS.givenAway} disabled={work.busy} onPress={() => work.endOf(device, 'given-away')} />
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  device: { borderLeftWidth: 4, paddingLeft: 12, gap: 3 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
});
