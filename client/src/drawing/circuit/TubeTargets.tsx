import type { CircuitGraph, CircuitLayout, Point } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, type GestureResponderEvent, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { FrameKey } from '@/ui/Buttons';
import { Overlay } from '@/ui/Overlay';
import { TOUCH } from '@/ui/tokens';
import { drawnName } from '@kesto/contract/wording';
import type { Placed } from './place';
import { tubeRuns, tubesUnder, type TubeRun } from './tubeRuns';

interface TubeTargetsProps {
  readonly layout: CircuitLayout;
  readonly view: Placed;
  readonly graph: CircuitGraph;
  readonly onLink: (link: number) => void;
}

/** Where on the drawing a finger came down, and how much of the drawing a pixel is; null where the page cannot tell. */
function pressed(event: GestureResponderEvent, view: Placed): { readonly at: Point; readonly perPx: number } | null {
  const key = event.currentTarget as unknown as HTMLElement | null; // cast: on the web a view is its element
  const box = key?.parentElement?.getBoundingClientRect?.();
  const { pageX, pageY } = event.nativeEvent;
  if (!box || box.width === 0 || pageX === undefined) return null;
  const perPx = view.width / box.width;
  return { at: { x: (pageX - box.left - window.scrollX) * perPx, y: (pageY - box.top - window.scrollY) * perPx }, perPx };
}

/** The whole of every tube takes the thumb; where two lie under it, it asks which. The keyboard has one key a tube elsewhere. */
export function TubeTargets({ layout, view, graph, onLink }: TubeTargetsProps) {
  const [among, setAmong] = useState<readonly number[]>([]);
  const runs = tubeRuns(layout, view);
  const nameOf = (link: number) => {
    const { from = '', to = '' } = graph.links[link] ?? {};
    return `tube, ${drawnName(graph, from)} to ${drawnName(graph, to)}`;
  };
  function press(event: GestureResponderEvent, { link }: TubeRun) {
    const finger = pressed(event, view);
    const under = finger ? tubesUnder(runs, finger.at, (TOUCH / 2) * finger.perPx) : [link];
    if (under.length > 1) setAmong(under);
    else onLink(under[0] ?? link);
  }
  return (
    <>
      {runs.map((run, i) => (
        <Run key={i} run={run} view={view} onPress={(event) => press(event, run)} />
      ))}
      <Overlay open={among.length > 0} title="Which tube" label="which tube" onClose={() => setAmong([])}>
        {among.map((link) => (
          <FrameKey
            key={link}
            label={nameOf(link)}
            onPress={() => {
              setAmong([]);
              onLink(link);
            }}
          />
        ))}
      </Overlay>
    </>
  );
}

function Run({ run: { from, to }, view, onPress }: { run: TubeRun; view: Placed; onPress: (event: GestureResponderEvent) => void }) {
  const [dx, dy] = [Math.abs(to.x - from.x), Math.abs(to.y - from.y)];
  const lies = dx >= dy;
  return (
    <TouchableRipple
      tabIndex={-1}
      aria-hidden
      onPress={onPress}
      style={[
        styles.run,
        {
          left: `${(100 * Math.min(from.x, to.x)) / view.width}%`,
          top: `${(100 * Math.min(from.y, to.y)) / view.height}%`,
          ...(lies
            ? { width: `${(100 * dx) / view.width}%`, height: TOUCH, marginTop: -TOUCH / 2 }
            : { height: `${(100 * dy) / view.height}%`, width: TOUCH, marginLeft: -TOUCH / 2 }),
        },
      ]}
    >
      <View />
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({ run: { position: 'absolute' } });
