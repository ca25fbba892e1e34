import type { JointLink } from '@kesto/core';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { Label } from '@/drawing/joint/annotate';
import { useTokens } from '@/ui/theme';
import { stripOf, twoLines, type StripBracket, type StripNode } from './strip';
import { WORDS } from './words';

interface ChainStripProps {
  readonly entries: readonly JointLink[];
  readonly brokenAt: number | null;
  /** With what each says, when, and by whom; without, the row alone. */
  readonly detailed: boolean;
}

/** The chain as a row of links: what corrects what as arcs above, what came together as brackets below. */
export function ChainStrip(props: ChainStripProps) {
  const [width, setWidth] = useState(0);
  return <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>{width > 0 ? <Row {...props} width={width} /> : null}</View>;
}

const DETAILED = { radius: 18, least: 86, row: 50, height: 162 } as const;
/** A bold letter of fourteen pixels is so wide, on the whole. */
const LETTER = 7.2;
/** A second line of what an entry is called. */
const LINE = 17;
const BARE = { radius: 13, least: 26, row: 40, height: 82 } as const;

function Row({ entries, brokenAt, detailed, width }: ChainStripProps & { width: number }) {
  const { nodes, brackets } = stripOf(entries);
  const look = detailed ? DETAILED : BARE;
  const step = Math.max(look.least, width / nodes.length);
  const paper = Math.max(width, step * nodes.length);
  const x = (place: number) => step * (place - 0.5);
  const people = new Set(nodes.map(({ who }) => who)).size;
  const says = `${WORDS.entries(nodes.length)} ${WORDS.byPeople(people)}`;
  const letters = Math.floor(step / LETTER);
  const isLong = detailed && nodes.some((node) => twoLines(node.says, letters).length > 1);
  const height = look.height + (isLong ? LINE : 0);
  return (
    <ScrollView horizontal tabIndex={paper > width ? 0 : -1} aria-label={says} contentContainerStyle={styles.paper}>
      <Svg width={paper} height={height} role="img" aria-label={says}>
        {nodes.slice(0, -1).map((node) => (
          <LinkTo key={node.place} node={node} x={x} look={look} brokenAt={brokenAt} detailed={detailed} />
        ))}
        {nodes.map((node) => (
          <Corrects key={node.place} node={node} x={x} look={look} detailed={detailed} />
        ))}
        {nodes.map((node) => (
          <Entry key={node.place} node={node} x={x(node.place)} look={look} brokenAt={brokenAt} detailed={detailed} letters={letters} />
        ))}
        {detailed ? (
          brackets.map((bracket) => <Bracket key={bracket.from} bracket={bracket} x={x} step={step} y={height - 24} />)
        ) : (
          <Ends nodes={nodes} brackets={brackets} paper={paper} />
        )}
      </Svg>
    </ScrollView>
  );
}

type Look = typeof DETAILED | typeof BARE;
interface Placed {
  readonly node: StripNode;
  readonly look: Look;
  readonly brokenAt: number | null;
  readonly detailed: boolean;
}

/** A link: two lines with what the entry ends in between them. */
function LinkTo({ node, x, look, brokenAt, detailed }: Placed & { x: (place: number) => number }) {
  const t = useTokens();
  const color = brokenAt !== null && node.place + 1 >= brokenAt ? t.red : t.copper;
  const [from, to] = [x(node.place) + look.radius - 2, x(node.place + 1) - look.radius + 2];
  if (!detailed) return <Line x1={from} y1={look.row} x2={to} y2={look.row} stroke={color} strokeWidth={4} />;
  return (
    <G>
      <Path d={`M${from} ${look.row - 9} H${to} M${from} ${look.row + 9} H${to}`} stroke={color} strokeWidth={2} />
      <Label x={(from + to) / 2} y={look.row + 5} text={node.hash} mono size={14} anchor="middle" />
    </G>
  );
}

function Entry({ node, x, look, brokenAt, detailed, letters }: Placed & { x: number; letters: number }) {
  const t = useTokens();
  const isBroken = brokenAt !== null && node.place >= brokenAt;
  const isBack = node.corrects !== null;
  const isAccepted = node.kind === 'accepted' && !isBroken;
  const color = isBroken ? t.red : isBack ? t.amber : isAccepted ? t.ink : t.copper;
  const fill = isBroken || isBack ? t.paper : color;
  return (
    <G>
      <Circle
        cx={x}
        cy={look.row}
        r={look.radius}
        fill={fill}
        stroke={color}
        strokeWidth={2}
        {...(isBack ? { strokeDasharray: '4 3' } : {})}
      />
      {isAccepted ? (
        <Path d={`M${x - 8} ${look.row + 1} l5 6 l10 -13`} fill="none" stroke={t.paper} strokeWidth={3} />
      ) : (
        <Label
          x={x}
          y={look.row + 5}
          text={String(node.place)}
          mono
          bold
          size={detailed ? 16 : 14}
          anchor="middle"
          color={isBroken ? t.red : isBack ? t.amber : t.onCopper}
        />
      )}
      {detailed ? <Says node={node} x={x} y={look.row + look.radius} letters={letters} /> : null}
    </G>
  );
}

/** What it is, when, and by whom. */
function Says({ node, x, y, letters }: { node: StripNode; x: number; y: number; letters: number }) {
  const t = useTokens();
  const lines = twoLines(node.says, letters);
  const below = y + LINE * lines.length;
  return (
    <G>
      {lines.map((text, i) => (
        <Label key={text} x={x} y={y + LINE * (i + 1)} text={text} bold size={14} anchor="middle" />
      ))}
      <Label x={x} y={below + 18} text={node.time} mono size={14} anchor="middle" />
      <Label x={x} y={below + 35} text={node.who} size={14} anchor="middle" color={t.ink2} />
    </G>
  );
}

/** From a correction back to what it corrects, with why. */
function Corrects({ node, x, look, detailed }: Pick<Placed, 'node' | 'look' | 'detailed'> & { x: (place: number) => number }) {
  const t = useTokens();
  if (node.corrects === null || node.corrects === 0) return null;
  const [from, to] = [x(node.place), x(node.corrects)];
  const top = look.row - look.radius;
  const crown = detailed ? 14 : 12;
  const most = Math.floor((from - to) / 7) - 4;
  const why = node.why.length > most ? `${node.why.slice(0, Math.max(0, most - 1)).trimEnd()}…` : node.why;
  return (
    <G>
      <Path
        d={`M${from} ${top - 2} Q${from} ${crown} ${from - 22} ${crown} H${to + 22} Q${to} ${crown} ${to} ${top - 8}`}
        fill="none"
        stroke={t.amber}
        strokeWidth={1.6}
        strokeDasharray="5 4"
      />
      <Path d={`M${to} ${top - 2} l-5 -8 h10 z`} fill={t.amber} />
      {detailed && most > 8 ? (
        <Label x={(from + to) / 2} y={crown + 4} text={why} size={14} anchor="middle" color={t.amber} cutOut />
      ) : null}
    </G>
  );
}

function Bracket({ bracket, x, step, y }: { bracket: StripBracket; x: (place: number) => number; step: number; y: number }) {
  const t = useTokens();
  const half = Math.min(18, step / 3);
  const [from, to] = [x(bracket.from) - half, x(bracket.to) + half];
  const room = (to - from + step - 2 * half) / 7;
  const says = bracket.says.length > room ? bracket.day : bracket.says;
  return (
    <G>
      <Path d={`M${from} ${y - 7} V${y} H${to} V${y - 7}`} fill="none" stroke={t.ink2} strokeWidth={1} />
      <Label x={(from + to) / 2} y={y + 17} text={says} size={14} anchor="middle" color={t.ink2} />
    </G>
  );
}

/** When it began and when it was written to last. */
function Ends({ nodes, brackets, paper }: { nodes: readonly StripNode[]; brackets: readonly StripBracket[]; paper: number }) {
  const t = useTokens();
  const y = BARE.height - 8;
  return (
    <G>
      <Label x={0} y={y} text={`${brackets[0]?.day ?? ''} ${nodes[0]?.time ?? ''}`} mono size={14} color={t.ink2} />
      <Label
        x={paper}
        y={y}
        text={`${brackets.at(-1)?.day ?? ''} ${nodes.at(-1)?.time ?? ''}`}
        mono
        size={14}
        anchor="end"
        color={t.ink2}
      />
    </G>
  );
}

const styles = StyleSheet.create({ paper: { flexGrow: 1 } });
