import type { GateCode, KeptStage, TorchPoint } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { OverruleByPin, SetDayPin, useDayPin } from '@/features/dayPin';
import { FrameKey } from '@/ui/Buttons';
import { OverruleBeside } from './OverruleBeside';
import { WORDS } from './words';

interface OverruledByLeadProps {
  readonly job: { readonly id: string; readonly circuitId: string };
  readonly stage: KeptStage;
  readonly gate: GateCode;
  /** Of the torch: what is lifted, by name. */
  readonly points: readonly TorchPoint[] | null;
  readonly onKept: () => void;
}

/** A lead overrules on a technician's phone: by the PIN of the day where there is one, else by signing in for it. */
export function OverruledByLead({ job, stage, gate, points, onKept }: OverruledByLeadProps) {
  const work = useDayPin();
  const [signsIn, setSignsIn] = useState(false);
  if (work.pin && !signsIn)
    return (
      <View style={styles.both}>
        <OverruleByPin
          {...{ job, work, stage, onKept }}
          lifts={points?.length === 0 ? null : { gate, ...(points ? { points: [...points] } : {}) }}
        />
        <View style={styles.key}>
          <FrameKey quiet label={WORDS.theLeadSignsIn} onPress={() => setSignsIn(true)} />
        </View>
      </View>
    );
  return (
    <View style={styles.both}>
      <OverruleBeside jobId={job.id} {...{ stage, gate, points, onKept }} />
      <SetDayPin work={work} />
    </View>
  );
}

const styles = StyleSheet.create({ both: { gap: 10 }, key: { alignItems: 'flex-start' } });
