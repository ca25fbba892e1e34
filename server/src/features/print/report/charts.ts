import type { HoldLive } from '@kesto/contract';
import {
  holdCurve,
  holdTracks,
  pullMoments,
  requestOfKept,
  secondsBetween,
  settledAt,
  type HoldTracks,
  type KeptHold,
  type KeptPull,
  type UnitPreferences,
} from '@kesto/core';
import { formatGaugePressure, formatVacuum, gaugePascals, readingText } from '@kesto/core/unit';
import { INK, INK_2, type Box, type Printer } from '../printer';
import { COPPER, RULE, TEAL } from './paper';
import type { Sent } from './sent';

type XY = readonly [number, number];

const scale = (from: XY, to: XY) => (value: number) => to[0] + ((value - from[0]) / (from[1] - from[0] || 1)) * (to[1] - to[0]);

function path(
  { page }: Printer,
  points: readonly XY[],
  { color, weight = 1.4, dash }: { color: string; weight?: number; dash?: number },
): void {
  const [first, ...rest] = points;
  if (!first) return;
  page.moveTo(...first);
  for (const point of rest) page.lineTo(...point);
  if (dash) page.dash(dash, { space: dash });
  page.lineWidth(weight).strokeColor(color).stroke();
  page.undash();
}

const clock = (iso: string) => `${iso.slice(11, 16)} UTC`;

/** A hold as it is drawn: its readings, and the change of its gas from where it counts on, by seconds since it was begun. */
interface Drawn {
  readonly readings: HoldTracks['readings'];
  readonly freed: readonly { readonly seconds: number; readonly pa: number }[];
}

/** By its instrument where one spoke, else by what was noted. */
function drawnOf({ kept, live }: HeldPaper, about: { altitudeM: number; refrigerant: string }): Drawn {
  const readings = live ? live.points : holdTracks(kept, about.altitudeM).readings;
  const request = live ? null : requestOfKept(kept, about);
  const curve = request && holdCurve(request);
  const points = live ? (live.curve?.points ?? []) : curve?.ok ? curve.value.points : [];
  const from = settledAt(kept);
  const fromS = from === null ? 0 : secondsBetween(kept.began.at, from);
  const beginsPa = readings.find(({ seconds }) => seconds >= fromS)?.gaugePa ?? 0;
  return { readings, freed: points.map(({ seconds, changePa }) => ({ seconds: fromS + seconds, pa: beginsPa + changePa })) };
}

/** A hold, and what an instrument sent of it; null: it was read by hand. */
export interface HeldPaper {
  readonly kept: KeptHold;
  readonly live: HoldLive | null;
}

/** A rule at each pressure, with its figure. */
function pressureAxis(
  print: Printer,
  { pressures, y, units }: { pressures: readonly number[]; y: (pa: number) => number; units: UnitPreferences },
  { x: left, width }: Box,
): void {
  const across = (pa: number): readonly XY[] => [
    [left + 52, y(pa)],
    [left + width, y(pa)],
  ];
  for (const pa of pressures) {
    const text = readingText(formatGaugePressure(gaugePascals(pa), units));
    print.readings(text, { x: left, y: y(pa) - 5, size: 7.5, color: INK_2, width: 60 });
    path(print, across(pa), { color: RULE, weight: 0.5 });
  }
  path(print, across(0), { color: INK, weight: 1 });
}

/** A hold: its steps and gauge, and the gas freed from its warmth in the band that could hide a leak. */
export function holdChart(
  print: Printer,
  held: HeldPaper,
  about: { altitudeM: number; refrigerant: string; units: UnitPreferences },
  box: Box,
): void {
  const { x: left, y: top, width, height } = box;
  const { kept } = held;
  const { steps } = holdTracks(kept, about.altitudeM);
  const { readings, freed } = drawnOf(held, about);
  const endS = Math.max(...steps.map(({ seconds }) => seconds), ...readings.map(({ seconds }) => seconds), 1);
  const mostPa = Math.max(...steps.map(({ gaugePa }) => gaugePa), 1) * 1.1;
  const x = scale([0, endS], [left + 52, left + width]);
  const y = scale([0, mostPa], [top + height - 16, top + 8]);
  pressureAxis(print, { pressures: [0, mostPa / 1.1], y, units: about.units }, box);
  const stepped = steps.flatMap(({ seconds, gaugePa }, i): XY[] => [
    [x(seconds), y(steps[i - 1]?.gaugePa ?? 0)],
    [x(seconds), y(gaugePa)],
  ]);
  path(print, stepped, { color: INK, weight: 1, dash: 2 });
  path(
    print,
    readings.map(({ seconds, gaugePa }) => [x(seconds), y(gaugePa)] as const),
    { color: COPPER },
  );
  path(
    print,
    freed.map(({ seconds, pa }) => [x(seconds), y(pa)] as const),
    { color: TEAL, weight: 2 },
  );
  if (freed.length > 0)
    print.words('freed from temperature', { x: left + width - 130, y: top - 4, size: 8, bold: true, color: TEAL, width: 130 });
  print.words('gauge', { x: left + width - 170, y: top - 4, size: 8, bold: true, color: COPPER, width: 40 });
  print.readings(clock(kept.began.at), { x: left + 52, y: top + height - 12, size: 7.5, color: INK_2, width: 80 });
  print.readings(clock(new Date(Date.parse(kept.began.at) + endS * 1000).toISOString()), {
    x: left + width - 60,
    y: top + height - 12,
    size: 7.5,
    color: INK_2,
    width: 70,
  });
}

/** A pull on a log axis, the valve shut marked. */
export function pullChart(
  print: Printer,
  { pulls, sent }: { readonly pulls: readonly KeptPull[]; readonly sent: Sent['pulls'] },
  units: UnitPreferences,
  box: Box,
): void {
  const { x: left, y: top, width, height } = box;
  const beganMs = Date.parse(pulls[0]?.began.at ?? '');
  const since = (at: string) => (Date.parse(at) - beganMs) / 60_000;
  const points = pulls.flatMap((pull) => pullMoments(pull, sent.get(pull.id)).map(({ at, pa }) => [since(at), pa] as const));
  const end = Math.max(...points.map(([minutes]) => minutes), 1);
  const least = Math.min(10, ...points.map(([, pa]) => pa));
  const x = scale([0, end], [left + 44, left + width]);
  const log = scale([Math.log10(least), 5.05], [top + height - 16, top + 6]);
  const y = (pa: number) => log(Math.log10(pa));
  for (const pa of [100_000, 1000, 10]) {
    print.readings(readingText(formatVacuum(pa, units)), { x: left, y: y(Math.max(pa, least)) - 5, size: 7, color: INK_2, width: 60 });
    path(
      print,
      [
        [left + 44, y(Math.max(pa, least))],
        [left + width, y(Math.max(pa, least))],
      ],
      { color: RULE, weight: 0.5 },
    );
  }
  for (const pull of pulls)
    for (const { kind, at } of pull.turns)
      if (kind === 'valve-shut')
        path(
          print,
          [
            [x(since(at)), top + 6],
            [x(since(at)), top + height - 16],
          ],
          { color: INK, weight: 0.8, dash: 2 },
        );
  path(
    print,
    points.map(([minutes, pa]) => [x(minutes), y(pa)] as const),
    { color: TEAL, weight: 1.8 },
  );
  print.readings('0 min', { x: left + 44, y: top + height - 12, size: 7.5, color: INK_2, width: 60 });
  print.readings(String(Math.round(end)), { x: left + width - 24, y: top + height - 12, size: 7.5, color: INK_2, width: 30 });
}
