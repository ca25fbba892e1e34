import type { JobView } from '@kesto/contract';
import { readJobLink } from '@kesto/core';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';

/** What readers said of the job's record, in their order. */
export function CommentsOfJob({ job }: { job: JobView }) {
  const t = useTokens();
  const comments = job.stages.entries.map(readJobLink).filter(({ kind }) => (kind as string) === 'commented'); // cast: of no stage
  return comments.map(({ id, person, deviceTime, values }) => (
    <View key={id} style={[styles.one, { borderColor: t.rule }]}>
      <Words size={15}>{String((values as Readonly<Record<string, unknown>>)['text'] ?? '')}</Words>
      <Words size={14} tone="ink2">
        {person.name}, {format(new Date(deviceTime), 'd MMM HH:mm')}
      </Words>
    </View>
  ));
}

const styles = StyleSheet.create({ one: { borderLeftWidth: 4, paddingLeft: 10, gap: 2 } });
