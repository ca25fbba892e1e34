import type { JobView } from '@kesto/contract';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { addressOf } from '@/api/call';
import { useSetReportMutation } from '@/data/jobs/api';
import { PaperKeys } from '@/features/paper';
import { thing, useIsOnItsWay } from '@/outbox';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import type { HandOverWork } from './useHandOver';
import { WORDS } from './words';

/** The report as it would be today, and as it was handed over, to the letter. */
export function Paper({ job, end, mayNote }: { job: JobView; end: HandOverWork; mayNote: boolean }) {
  const [keep, { isLoading, error }] = useSetReportMutation();
  const isOnItsWay = useIsOnItsWay([thing.job(job.id), ...job.order.map(({ id }) => thing.joint(id))]);
  const kept = () => void keep({ job: job.id, entry: uuid(), body: { deviceTime: new Date().toISOString() } });
  return (
    <View style={styles.part}>
      <Heading size={17}>{WORDS.paper}</Heading>
      <Words size={14} tone="ink2">
        {isOnItsWay ? WORDS.withoutWhatIsKept : WORDS.asToday}
      </Words>
      <PaperKeys page="reportPdf" id={job.id} name={`${job.unit.tag}-job-${job.number}-report`} />
      {end.reports.map(({ id, at, values }) => (
        <FrameKey
          key={id}
          quiet
          label={WORDS.asHanded(format(new Date(at), 'd MMM, HH:mm'), values.pages)}
          onPress={() => window.open(addressOf('getPhoto', { sha256: values.sha256 }), '_blank')}
        />
      ))}
      {mayNote ? <FrameKey label={isLoading ? WORDS.keeping : WORDS.keepReport} disabled={isLoading || isOnItsWay} onPress={kept} /> : null}
      {error ? <Failed message={errorText(error)} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ part: { gap: 8, alignItems: 'flex-start' } });
