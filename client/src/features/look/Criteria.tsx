import { FINDING_WORDS, LOOK_RESULT_WORDS } from '@kesto/contract/wording';
import { LOOK_FINDINGS, type LookFinding } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { Words } from '@/ui/Words';
import { FindingDrawing } from './FindingDrawing';

const NAMES = Object.keys(LOOK_FINDINGS) as LookFinding[]; // cast: the keys of this very object
/** What can be seen on a joint that no flame made. */
const ON_COLD: readonly LookFinding[] = ['not-fully-home', 'crack'];

interface CriteriaProps {
  readonly isCold: boolean;
  readonly findings: readonly LookFinding[];
  readonly onToggle: (name: LookFinding) => void;
}

/** What can be there, each as a small section with what follows from it. */
export function Criteria({ isCold, findings, onToggle }: CriteriaProps) {
  return (
    <View style={styles.cards}>
      {(isCold ? ON_COLD : NAMES).map((name) => {
        const on = findings.includes(name);
        return (
          <ChoiceCard
            key={name}
            many
            chosen={on}
            says={`${FINDING_WORDS[name]}: ${LOOK_RESULT_WORDS[LOOK_FINDINGS[name]]}`}
            width={{ likes: 84, most: 170 }}
            onPress={() => onToggle(name)}
          >
            <View>
              <FindingDrawing finding={name} />
              <Words size={14} bold={on}>
                {FINDING_WORDS[name]}
              </Words>
              <Words size={14} tone={LOOK_FINDINGS[name] === 'cut-out' ? 'red' : 'amber'}>
                {LOOK_RESULT_WORDS[LOOK_FINDINGS[name]]}
              </Words>
            </View>
          </ChoiceCard>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({ cards: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
