import type { NextPersonNote } from '@kesto/contract';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';

const WORDS = {
  title: 'Left for you',
  from: (job: number, unit: string | null) => (unit === null ? `job ${job}` : `${unit}, job ${job}`),
  check: (day: string) => `Leak check due ${day}.`,
} as const;

/** What whoever was here last, or at a sister machine, wants the next person to know: before anything else. */
export function LeftForYou({ notes }: { notes: readonly NextPersonNote[] }) {
  const t = useTokens();
  if (notes.length === 0) return null;
  return (
    <View style={[styles.notes, { borderColor: t.amber, backgroundColor: t.amberWash }]}>
      <Heading size={17}>{WORDS.title}</Heading>
      {notes.map(({ note, by, at, jobNumber, unit, nextCheck }) => (
        <View key={`${jobNumber}.${at}`}>
          <Words size={15}>{note}</Words>
          {nextCheck ? (
            <Words size={15} bold>
              {WORDS.check(nextCheck)}
            </Words>
          ) : null}
          <Words size={14} tone="ink2">{`${by}, ${format(new Date(at), 'd MMM yyyy')}, ${WORDS.from(jobNumber, unit)}`}</Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ notes: { borderLeftWidth: 5, padding: 10, gap: 8 } });
