import { useContext, useId } from 'react';
import { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Lettering, LetterScale } from './Lettering';
import type { Placed } from './place';

/** So wide are the words at their usual size: a narrower band stands without them. */
const WORDS_WIDTH = 76;

/** The wall that tubes vanish into, and which side of it is which. */
export function Wall({ view }: { view: Placed }) {
  const t = useTokens();
  const scale = useContext(LetterScale);
  // Of its own: a page that is hidden keeps its drawing, and a hatching of one name would be looked for there.
  const hatch = `wall${useId().replace(/\W/g, '')}`;
  const band = view.wall;
  if (!band) return null;
  const { x, y, width, height } = band;
  const edges = view.upright ? `M0 ${y} h${width} M0 ${y + height} h${width}` : `M${x} 0 v${height} M${x + width} 0 v${height}`;
  return (
    <G>
      <Defs>
        <Pattern id={hatch} width={10} height={10} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Line x1={0} y1={0} x2={0} y2={10} stroke={t.rule} strokeWidth={2} />
        </Pattern>
      </Defs>
      <Rect {...band} fill={`url(#${hatch})`} />
      <Path d={edges} stroke={t.rule} strokeWidth={2} />
      {view.upright ? (
        <>
          <Lettering x={width - 10} y={y + height + 18} anchor="end" text="in the wall" />
          <Lettering x={10} y={y - 18} anchor="start" text="indoors" />
          <Lettering x={10} y={y + height + 18} anchor="start" text="outdoors" />
        </>
      ) : (
        <>
          {scale * WORDS_WIDTH < width ? <Lettering x={x + width / 2} y={18} text="in the wall" /> : null}
          <Lettering x={x - 12} y={18} anchor="end" text="outdoors" />
          <Lettering x={x + width + 12} y={18} anchor="start" text="indoors" />
        </>
      )}
    </G>
  );
}
