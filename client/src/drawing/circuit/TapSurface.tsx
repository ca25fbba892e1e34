import type { CircuitGraph, CircuitLayout, Point } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, type GestureResponderEvent, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { FrameKey } from '@/ui/Buttons';
import { Overlay } from '@/ui/Overlay';
import { TOUCH } from '@/ui/tokens';
import { drawnNames } from '@kesto/contract/wording';
import type { Placed } from './place';
import type { Chosen } from './Targets';
import { partUnder } from './nearest';
import { tubeRuns, tubesUnder } from './tubeRuns';

interface TapSurfaceProps {
  readonly layout: CircuitLayout;
  readonly view: Placed;
  readonly graph: CircuitGraph;
  readonly onChoose: (chosen: Chosen) => void;
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

/**
 * The whole of every tube takes the thumb, and each part; where two tubes lie under it, it asks which. One key for all of them: hundreds
 * would be drawn longer than the circuit itself. The keyboard has a key for each elsewhere.
 */
export function TapSurface({ layout, view, graph, onChoose }: TapSurfaceProps) {
  const [among, setAmong] = useState<readonly number[]>([]);
  const names = drawnNames(graph);
  const nameOf = (link: number) => {
    const { from = '', to = '' } = graph.links[link] ?? {};
    return `tube, ${names(from)} to ${names(to)}`;
  };
  function press(event: GestureResponderEvent) {
    const finger = pressed(event, view);
    if (!finger) return;
    const reach = (TOUCH / 2) * finger.perPx;
    const part = partUnder(layout.parts, view, finger.at, reach);
    const [first, ...others] = part === null ? tubesUnder(tubeRuns(layout, view), finger.at, reach) : [];
    if (part !== null) onChoose({ part });
    else if (others.length > 0 && first !== undefined) setAmong([first, ...others]);
    else if (first !== undefined) onChoose({ link: first });
  }
  return (
    <>
      <TouchableRipple
        tabIndex={-1}
        aria-hidden
        onPress={press}
        rippleColor="transparent"
        style={[StyleSheet.absoluteFill, styles.surface]}
      >
        <View />
      </TouchableRipple>
      <Overlay open={among.length > 0} title="Which tube" label="which tube" onClose={() => setAmong([])}>
        {among.map((link) => (
          <FrameKey
            key={link}
            label={nameOf(link)}
            onPress={() => {
              setAmong([]);
              onChoose({ link });
            }}
          />
        ))}
      </Overlay>
    </>
  );
}

const styles = StyleSheet.create({ surface: { cursor: 'auto' } });
