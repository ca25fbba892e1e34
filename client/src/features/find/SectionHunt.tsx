import type { JobView } from '@kesto/contract';
import { cutsIn, type CircuitGraph, type Loss, type StageFact } from '@kesto/core';
import { formatGaugePressure, gaugePascals, readingText } from '@kesto/core/unit';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useVanStock } from '@/data/van/api';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { LeftOutNote } from './LeftOutNote';
import { SightRow } from './SightRow';
import { holdHere, holdOf, letterOfSection, sectionName, sightOf } from '@/data/stages/sections';
import { WORDS } from './words';

interface SectionHuntProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly facts: readonly StageFact[];
  readonly loss: Loss | null;
  readonly nameOf: (place: string) => string;
  /** Null for whoever only reads. */
  readonly onHold: ((parts: readonly string[], volumeL: number) => void) | null;
}

/** The circuit in sections: how small a leak each one's hold can see, beside the leak that is looked for. */
export function SectionHunt({ job, graph, facts, loss, nameOf, onHold }: SectionHuntProps) {
  const t = useTokens();
  const units = useUnits();
  const [cuts, setCuts] = useState(() => cutsIn(graph));
  const { data: van } = useVanStock();
  const [choosing, setChoosing] = useState(false);
  const sight = useMemo(() => sightOf(job, graph, { cuts, van }), [job, graph, cuts, van]);
  const lookedFor = loss ? Math.max(loss.gramsPerYear - loss.explainedGramsPerYear, 0) : null;
  if (!sight)
    return (
      <Words size={15} tone="ink2">
        {WORDS.sectionsAreNotWorkedOut(readingText(formatGaugePressure(gaugePascals(job.circuit.lowSideDesignGaugePa), units)))}
      </Words>
    );
  const toggle = (id: string) => setCuts(cuts.includes(id) ? cuts.filter((cut) => cut !== id) : [...cuts, id]);
  return (
    <View style={{ borderTopWidth: 1, borderColor: t.rule, paddingTop: 8, gap: 2 }}>
      <View style={styles.section}>
        <Heading size={15}>
          {WORDS.howSmallALeakEach(
            holdHere(job, van).minutes,
            readingText(formatGaugePressure(gaugePascals(job.circuit.lowSideDesignGaugePa), units)),
          )}
        </Heading>
        <Words size={14} tone="ink2">
          {WORDS.aYear(job.circuit.refrigerant)}
        </Words>
      </View>
      {sight.sections.length > 1 ? (
        <SightRow letter={null} name="all as one" section={sight.whole} hold={undefined} lookedFor={lookedFor} />
      ) : null}
      {sight.sections.map((section, i) => (
        <SightRow
          key={section.parts.join()}
          letter={letterOfSection(i)}
          name={sectionName(graph, section.parts, nameOf)}
          section={section}
          hold={holdOf(facts, section.parts)}
          lookedFor={lookedFor}
          onPress={onHold ? () => onHold(section.parts, section.volumeM3 * 1000) : undefined}
        />
      ))}
      {sight.sections.map((section, i) => (
        <LeftOutNote key={section.parts.join()} letter={letterOfSection(i)} graph={graph} section={section} nameOf={nameOf} />
      ))}
      <View style={styles.row}>
        {onHold ? <FrameKey label={choosing ? WORDS.cutsChosen : WORDS.chooseTheCuts} onPress={() => setChoosing(!choosing)} /> : null}
        <Words size={14} tone="ink2" style={arrange.shrink}>
          {lookedFor === null
            ? 'Say what was lost to see which of them can tell.'
            : 'The red line is the leak still looked for. Soap sees 3 g a year, but only where you reach.'}
        </Words>
      </View>
      {choosing ? (
        <View role="group" aria-label={WORDS.cutAt} style={styles.keys}>
          {cutsIn(graph).map((id) => (
            <FrameKey
              key={id}
              label={`${cuts.includes(id) ? '✓ ' : ''}${nameOf(id)}`}
              says={WORDS.cutAtPlace(nameOf(id), cuts.includes(id))}
              onPress={() => toggle(id)}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  section: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', columnGap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 10, paddingTop: 8 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 6 },
});
