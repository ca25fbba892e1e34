import type { VanStock } from '@kesto/contract';
import { fillerReasonText, type Show } from '@kesto/contract/wording';
import type { FillerVerdict } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { PickRow } from '@/ui/PickRow';
import { VerdictMark } from '@/ui/marks';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';

const TONE = { best: 'ink', allowed: 'ink', avoid: 'amber', forbidden: 'red' } as const;
const isFor = (verdict: string) => verdict === 'best' || verdict === 'allowed';

/** Fillers on the van, best first, each with what speaks for and against it. A forbidden one cannot be chosen, and says why. */
export function FillerList({
  rows,
  chosen,
  van,
  show,
  onChoose,
}: {
  rows: readonly FillerVerdict[];
  chosen: string | null;
  van: VanStock;
  show: Show;
  onChoose: (designation: string) => void;
}) {
  return (
    <View role="radiogroup" aria-label={WORDS.filler}>
      {rows.map((row, i) => {
        const name = row.filler.designation;
        const forbidden = row.verdict === 'forbidden';
        const count = van.fillers.find((f) => f.designation === name)?.count ?? 0;
        return (
          <PickRow key={name} chosen={chosen === name} disabled={forbidden} onPress={() => onChoose(name)}>
            <View style={styles.foot}>
              <VerdictMark verdict={row.verdict} />
              <Mono size={14} tone="ink2">
                {i + 1}
              </Mono>
            </View>
            <View style={arrange.fill}>
              <View style={arrange.baseline8}>
                <Mono size={17}>{name}</Mono>
                <Words size={15} bold tone={TONE[row.verdict]} style={arrange.fill}>
                  {row.verdict}
                </Words>
                <Words size={14} tone="ink2">
                  {WORDS.onTheVan(count)}
                </Words>
              </View>
              {row.reasons
                .filter((reason) => !forbidden || !isFor(reason.verdict))
                .slice(0, 3)
                .map((reason) => (
                  <View key={reason.code} style={arrange.row8}>
                    <Words size={14} tone="ink2" style={styles.count}>
                      {isFor(reason.verdict) ? 'for' : 'but'}
                    </Words>
                    <Words size={14} style={arrange.fill}>
                      {fillerReasonText(reason, show)}
                    </Words>
                  </View>
                ))}
            </View>
          </PickRow>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  foot: { paddingTop: 2, alignItems: 'center' },
  count: { width: 26 },
});
