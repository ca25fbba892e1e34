import { PROOF_METHOD_WORDS } from '@kesto/contract/wording';
import { PROOF_METHODS, type ProofMethod } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Choice, KeepKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { HandOverWork } from './useHandOver';
import { WORDS } from './words';

interface ProofFormProps {
  readonly end: HandOverWork;
  readonly work: StageWork;
  readonly onKept: () => void;
}

const INSTRUMENT = { instrument: { label: WORDS.instrument, kind: 'name', hint: WORDS.instrumentSays, optional: true } } as const;
const OPTIONS = PROOF_METHODS.map((value) => ({ value, label: PROOF_METHOD_WORDS[value] }));

/** What burns: each joint is proved by itself, by a method that sees 5 g a year; what soap has shown on the hold stands already. */
export function ProofForm({ end, work, onKept }: ProofFormProps) {
  const t = useTokens();
  const figures = useFigures(work.keptAs('proof'), INSTRUMENT);
  const [chosen, setChosen] = useState<Readonly<Record<string, ProofMethod>>>(() =>
    Object.fromEntries(end.unproved.filter(({ soaped }) => soaped).map(({ id }) => [id, 'soap-on-nitrogen' as const])),
  );
  const isWhole = end.unproved.every(({ id }) => chosen[id] !== undefined);
  const keep = () =>
    figures.submit(async ({ instrument }) => {
      const proofs = end.unproved.flatMap(({ id }) => {
        const method = chosen[id];
        return method ? [{ joint: id, method, ...(instrument ? { instrument } : {}) }] : [];
      });
      const isSafe = await end.prove(proofs);
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.proofTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.proofSays}
      </Words>
      {end.unproved.map(({ id, tag, title, soaped }) => (
        <View key={id} style={[styles.joint, { borderColor: t.hair }]}>
          <Words size={15} bold>{`${tag}, ${title}`}</Words>
          {soaped ? (
            <Words size={14} tone="ink2">
              {WORDS.soapedSays}
            </Words>
          ) : null}
          <Choice label={tag} value={chosen[id] ?? null} options={OPTIONS} onChange={(method) => setChosen({ ...chosen, [id]: method })} />
        </View>
      ))}
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.keepProof} busy={work.busy} disabled={!isWhole} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 }, joint: { borderTopWidth: 1, paddingTop: 8, gap: 6 } });
