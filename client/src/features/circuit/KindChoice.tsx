import { CIRCUIT_KIND_WORDS } from '@kesto/contract/wording';
import type { CircuitKind } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import Svg, { G } from 'react-native-svg';
import { Sign, signHalf } from '@/drawing/circuit/Sign';
import { arrange } from '@/ui/arrange';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { Words } from '@/ui/Words';

const SIGN = 44;

/** Kinds of parts by their signs. */
export function KindChoice({
  title,
  kinds,
  onPick,
}: {
  title: string;
  kinds: readonly CircuitKind[];
  onPick: (kind: CircuitKind) => void;
}) {
  return (
    <View style={arrange.stack8} role="group" aria-label={title}>
      <Words bold>{title}</Words>
      <View style={arrange.wrap8}>
        {kinds.map((kind) => {
          const half = Math.max(30, signHalf(kind) + 4);
          return (
            <ChoiceCard key={kind} says={CIRCUIT_KIND_WORDS[kind]} width={{ likes: 96, most: 170 }} onPress={() => onPick(kind)}>
              <View style={styles.kind}>
                <Svg width={SIGN} height={SIGN} viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}>
                  <G>
                    <Sign part={{ id: kind, kind }} flow="right" />
                  </G>
                </Svg>
                <Words size={14} style={arrange.middle}>
                  {CIRCUIT_KIND_WORDS[kind]}
                </Words>
              </View>
            </ChoiceCard>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  kind: { alignItems: 'center', gap: 4 },
});
