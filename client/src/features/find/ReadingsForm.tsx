import type { JobView } from '@kesto/contract';
import { factsOf, type CircuitGraph } from '@kesto/core';
import type { ReadingsRequest } from '@kesto/core/refrigerant';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { ReadingsFields, ReadingsFound, useReadings } from '@/features/readings';
import { KeepKey } from '@/ui/Buttons';
import { Heading } from '@/ui/Words';
import { WORDS } from './words';

interface ReadingsFormProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  readonly onKept: () => void;
}

/** Readings before anything is touched: kept to stand beside those after. */
export function ReadingsForm({ job, graph, work, onKept }: ReadingsFormProps) {
  const form = useReadings(job, graph, work);
  const [found, setFound] = useState<{ readonly request: ReadingsRequest; readonly first: ReadingsRequest | undefined } | null>(null);
  const keep = () =>
    form.submit((request, felt) => {
      setFound({ request, first: factsOf(work.facts, 'readings')[0]?.values.request });
      return work.note('readings', { request, ...(felt.length > 0 ? { guessed: felt } : {}) });
    });
  return (
    <View style={styles.form}>
      <Heading size={17}>{WORDS.readingsBeforeAnythingIsTouched}</Heading>
      <ReadingsFields work={form} />
      <KeepKey label={WORDS.keepTheReadings} busy={work.busy} onPress={() => void keep()} />
      {found ? <ReadingsFound {...found} guessed={form.guessed} metering={form.metering} onClose={onKept} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
