import { alongFrom, clearSpot, layOut, type CircuitGraph, type CircuitLayout, type LaidPart, type Point } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import { INK, INK_2, type Box, type Printer } from './printer';

/** A place on the drawing that the page speaks of, by its number. */
export type Mark = { readonly place: string } & (
  | { readonly number: number }
  | {
      /** A new joint, by the end of its tag. */
      readonly made: string;
      /** At which end of its tube. */
      readonly part: string;
    }
);

const COPPER = '#C9783F';
const RED = '#8E1C15';
const TEAL = '#0A5052';
const PAPER = '#FFFFFF';
/** Points: thin enough for a small drawing, thick enough to be seen as a tube. */
const TUBE = { outside: 5, inside: 2.6 } as const;
/** Half the frame of a coil, and the radius of a compressor, in units of the layout. */
const COIL = 40;
const COMPRESSOR = 26;
const SMALL = 9;
const isCoil = (kind: LaidPart['kind'] | undefined): boolean => kind === 'condenser' || kind === 'evaporator';
/** Named on every drawing, so that a person finds their way. */
const NAMED: readonly LaidPart['kind'][] = ['compressor', 'condenser', 'evaporator', 'drier', 'expansion-valve', 'receiver'];

const line = (points: readonly Point[]) => points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`).join(' ');

/** Where a place lies: a part, or the middle of its tube. */
function placeAt(graph: CircuitGraph, layout: CircuitLayout, place: string): Point | null {
  const [from, to] = place.split('>');
  if (to === undefined) return layout.parts.find(({ id }) => id === place) ?? null;
  const index = graph.links.findIndex((link) => link.from === from && link.to === to);
  const points = layout.links.find((link) => link.index === index)?.points ?? [];
  const [a, b] = [points[Math.floor((points.length - 1) / 2)], points[Math.ceil((points.length - 1) / 2)]];
  return a && b ? { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 } : null;
}

/** Clear of the sign of its part, in units of the layout. */
const FROM_SIGN = 26;
const reachOf = (graph: CircuitGraph, part: string): number => (isCoil(graph.parts.find(({ id }) => id === part)?.kind) ? COIL : SMALL);

/** Where a joint sits: on its tube, at the end that meets its part. */
function jointAt(graph: CircuitGraph, layout: CircuitLayout, { place, part }: Extract<Mark, { made: string }>): Point | null {
  const [from, to] = place.split('>');
  const index = graph.links.findIndex((link) => link.from === from && link.to === to);
  const points = layout.links.find((link) => link.index === index)?.points;
  return points ? alongFrom(part === to ? points.toReversed() : points, reachOf(graph, part) + FROM_SIGN) : null;
}

/** The circuit in a box, its high side filled, with the places that are spoken of ringed and numbered; answers the height it took. */
export function drawCircuit(print: Printer, graph: CircuitGraph, marks: readonly Mark[], box: Box): number {
  const { page } = print;
  const layout = layOut(graph);
  const scale = Math.min(box.width / layout.width, box.height / layout.height);
  const left = box.x + (box.width - layout.width * scale) / 2;
  const at = ({ x, y }: Point): Point => ({ x: left + x * scale, y: box.y + y * scale });
  const tubes = layout.links.map(({ points }) => points.map(at));
  for (const [i, { side }] of layout.links.entries()) {
    const path = line(tubes[i] ?? []);
    page.path(path).lineWidth(TUBE.outside).strokeColor(INK).stroke();
    page
      .path(path)
      .lineWidth(TUBE.inside)
      .strokeColor(side === 'high' ? COPPER : PAPER)
      .stroke();
  }
  for (const part of layout.parts) drawPart(print, { part, name: drawnName(graph, part.id), at: at(part), scale });
  for (const mark of marks) {
    const spot = 'made' in mark ? jointAt(graph, layout, mark) : placeAt(graph, layout, mark.place);
    if (spot && 'number' in mark) drawMark(print, at(spot), mark.number);
    else if (spot && 'made' in mark) drawMade(print, at(spot), mark.made, tubes);
  }
  return layout.height * scale;
}

interface Sign {
  readonly part: LaidPart;
  readonly name: string;
  readonly at: Point;
  readonly scale: number;
}

/** Rows of tube in a frame, as the coil lies across its air. */
function drawCoil(page: Printer['page'], { x, y }: Point, half: number): void {
  page.rect(x - half, y - half, 2 * half, 2 * half).fill(PAPER);
  page
    .rect(x - half, y - half, 2 * half, 2 * half)
    .dash(2, { space: 1.5 })
    .lineWidth(0.7)
    .strokeColor(INK_2)
    .stroke()
    .undash();
  const [rows, wide] = [4, 0.62 * half];
  const points: Point[] = [{ x, y: y - half }];
  for (let i = 0; i < rows; i += 1) {
    const row = y - 0.7 * half + (i * 1.4 * half) / (rows - 1);
    const [from, to] = i % 2 === 0 ? [x - wide, x + wide] : [x + wide, x - wide];
    points.push({ x: i === 0 ? x : from, y: row }, { x: i === rows - 1 ? x : to, y: row });
  }
  points.push({ x, y: y + half });
  const path = line(points);
  page
    .path(path)
    .lineWidth(TUBE.outside * 0.7)
    .lineJoin('round')
    .strokeColor(INK)
    .stroke();
  page
    .path(path)
    .lineWidth(TUBE.inside * 0.7)
    .strokeColor(PAPER)
    .stroke();
}

function drawPart({ page, words }: Printer, { part, name, at: { x, y }, scale }: Sign): void {
  page.lineWidth(1).strokeColor(INK).fillColor(PAPER);
  if (part.kind === 'compressor') page.circle(x, y, COMPRESSOR * scale).fillAndStroke(PAPER, INK);
  else if (isCoil(part.kind)) drawCoil(page, { x, y }, COIL * scale);
  else page.circle(x, y, SMALL * scale).fillAndStroke(PAPER, INK);
  if (!NAMED.includes(part.kind)) return;
  const width = 80;
  if (part.kind === 'compressor')
    return words(name, { x: x - width / 2, y: y - COMPRESSOR * scale - 11, size: 7, color: INK_2, width, centred: true });
  if (isCoil(part.kind)) return words(name, { x: x + (COIL + 8) * scale, y: y - 4, size: 7, color: INK_2, width });
  words(name, { x: x - width / 2, y: y + 28 * scale, size: 7, color: INK_2, width, centred: true });
}

function drawMark({ page, readings }: Printer, { x, y }: Point, number: number): void {
  const radius = 9;
  page.circle(x, y, radius).lineWidth(1.5).fillAndStroke(RED, PAPER);
  readings(String(number), { x: x - radius, y: y - 5, size: 10, bold: true, color: PAPER, width: 2 * radius, centred: true });
}

/** Where the end of a tag stands: below its ring, else above or beside it, where no tube runs. */
function tagSpot({ x, y }: Point, tubes: readonly (readonly Point[])[]): Point {
  return clearSpot(
    [
      { x, y: y + 12 },
      { x, y: y - 12 },
      { x: x + 14, y },
      { x: x - 14, y },
    ],
    tubes,
    TUBE.outside + 3,
  );
}

function drawMade({ page, readings }: Printer, { x, y }: Point, made: string, tubes: readonly (readonly Point[])[]): void {
  page.circle(x, y, 6).lineWidth(1.5).fillAndStroke(PAPER, TEAL);
  page
    .moveTo(x - 3, y)
    .lineTo(x - 0.5, y + 2.5)
    .lineTo(x + 3.5, y - 3)
    .lineWidth(1.4)
    .strokeColor(TEAL)
    .stroke();
  const beside = tagSpot({ x, y }, tubes);
  readings(made, { x: beside.x - 20, y: beside.y - 4, size: 7.5, bold: true, color: TEAL, width: 40, centred: true });
}
