import type { JointView } from '@kesto/contract';
import { readChain, type UnitPreferences } from '@kesto/core';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useJob } from '@/data/jobs/useJob';
import { useIsWide, useTokens } from '@/ui/theme';
import { Photos, photosOf } from './Photos';
import { proofsOf } from './proofs';
import { Proofs } from './Proofs';

/** Photos, and what holds and pulls showed since. */
export function ProofPart({ joint, units }: { joint: JointView; units: UnitPreferences }) {
  const t = useTokens();
  const wide = useIsWide();
  const entries = useMemo(() => readChain(joint.entries), [joint.entries]);
  const isProved = entries.some(({ kind }) => kind === 'held' || kind === 'pulled');
  const { data: job } = useJob(isProved ? joint.job.id : null);
  const proofs = useMemo(() => proofsOf(entries, job, units), [entries, job, units]);
  const photos = useMemo(() => photosOf(entries), [entries]);
  if (proofs.length === 0 && photos.length === 0) return null;
  return (
    <View style={[wide ? styles.row : styles.list, { borderColor: t.rule }]}>
      {photos.length > 0 ? <Photos photos={photos} /> : null}
      {proofs.length > 0 ? <Proofs proofs={proofs} here={joint.id} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 20, borderTopWidth: 1, paddingTop: 12 },
  list: { gap: 12 },
});
