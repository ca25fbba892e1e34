import type { CircuitGraph } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import { formatNumber } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { letterOfSection, sectionName } from '@/data/stages/sections';
import { PickRow } from '@/ui/PickRow';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { HoldChoice } from './useChoices';
import type { HoldPlanWork } from './useHoldPlan';

function saysOf(choice: HoldChoice): string {
  if (choice.rig) return WORDS.rigSays;
  const { volumeM3, portsNeeded } = choice.section;
  const volume = volumeM3 > 0 ? `${formatNumber(volumeM3 * 1000, 2)} L` : WORDS.volumeUnknown;
  return portsNeeded > 0 ? `${volume}; ${WORDS.noPort}` : volume;
}

/** Sections between hand valves that close, and our own rig. */
export function Choices({ hold, graph }: { hold: HoldPlanWork; graph: CircuitGraph | null }) {
  const nameOf = (choice: HoldChoice) =>
    choice.rig || !graph ? WORDS.rig : sectionName(graph, choice.section.parts, (id) => drawnName(graph, id));
  return (
    <View role="radiogroup" aria-label={WORDS.whatIsHeld}>
      <Heading size={17}>{WORDS.whatIsHeld}</Heading>
      {hold.choices.map((choice, i) => (
        <PickRow key={choice.rig ? 'rig' : choice.section.parts.join()} chosen={hold.at === i} onPress={() => hold.choose(i)}>
          <Mono size={20}>{choice.rig ? '–' : letterOfSection(i)}</Mono>
          <View style={styles.text}>
            <Words size={17} bold={hold.at === i}>
              {nameOf(choice)}
            </Words>
            <Words size={14} tone="ink2">
              {saysOf(choice)}
            </Words>
          </View>
        </PickRow>
      ))}
      {graph ? null : (
        <Words size={15} tone="ink2">
          {WORDS.undrawn}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ text: { flex: 1 } });
