import type { CircuitGraph, CircuitLayout, Point } from '@kesto/core';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { TOUCH } from '@/ui/tokens';
import { longestRun } from './longestRun';
import { drawnNames } from '@kesto/contract/wording';
import type { Placed } from './place';

/** What is chosen on the drawing: a part by its id, a tube by its place. */
export type Chosen = { readonly part: string } | { readonly link: number } | null;

interface TargetsProps {
  readonly layout: CircuitLayout;
  readonly view: Placed;
  readonly graph: CircuitGraph;
  readonly onChoose: (chosen: Chosen) => void;
}

/** Keys laid over the drawing, one for each part and tube: for a mouse, the keyboard and whoever hears the page. */
export const Targets = memo(function Targets({ layout, view, graph, onChoose }: TargetsProps) {
  const nameOf = drawnNames(graph);
  return (
    <>
      {layout.links.map((link) => {
        const run = longestRun(link.points.map(view.at));
        const { from = '', to = '' } = graph.links[link.index] ?? {};
        return run ? (
          <Target
            key={link.index}
            at={run.mid}
            view={view}
            label={`tube, ${nameOf(from)} to ${nameOf(to)}`}
            onPress={() => onChoose({ link: link.index })}
          />
        ) : null;
      })}
      {layout.parts.map((laid) => (
        <Target key={laid.id} at={view.at(laid)} view={view} label={nameOf(laid.id)} onPress={() => onChoose({ part: laid.id })} />
      ))}
    </>
  );
});

function Target({ at, view, label, onPress }: { at: Point; view: Placed; label: string; onPress: () => void }) {
  return (
    <TouchableRipple
      role="button"
      aria-label={label}
      onPress={onPress}
      style={[styles.target, { left: `${(100 * at.x) / view.width}%`, top: `${(100 * at.y) / view.height}%` }]}
    >
      <View />
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  target: { position: 'absolute', width: TOUCH, height: TOUCH, marginLeft: -TOUCH / 2, marginTop: -TOUCH / 2, borderRadius: TOUCH / 2 },
});
