import { BEND, flareMm, flareTorqueNm, type ColdCheck, type ColdFlaw, type ColdKind, type ColdMethod, type EntryKind } from '@kesto/core';

export const COLD_METHOD_WORDS: Readonly<Record<ColdMethod, { readonly title: string; readonly ends: string; readonly caution: string }>> =
  {
    press: {
      title: 'Press it',
      ends: 'It is pressed',
      caution: 'Fingers clear of the jaw. Never a second press on the same dent: what is wrong is cut out.',
    },
    flare: {
      title: 'Flare it',
      ends: 'It is tight',
      caution: 'Nothing is tightened under pressure. Not indoors where the refrigerant burns easily; the maker’s torque comes first.',
    },
    bend: { title: 'Bend it', ends: 'It is bent', caution: 'Carbon dioxide and copper-iron tube: the maker’s bends only.' },
  };

export const COLD_CHECK_WORDS: Readonly<Record<ColdCheck, string>> = {
  listed: 'Fitting is listed for this refrigerant, its pressure, this tube and wall',
  square: 'Cut square, deburred, wiped',
  'clean-length': 'No scratch, paint or oval where the seal sits',
  'depth-marked': 'Full depth marked on the tube before it went in',
  'jaw-fits': 'Jaw of this size and this maker, in date',
  'heat-first': 'What is brazed near it is done and cold, 100 mm or three outsides off',
  'run-to-end': 'Jaw square, run to its own end, once',
  annealed: 'Soft tube, up to 3/4 in, 45°',
  'nut-first': 'Nut on the tube before it is flared',
  even: 'Even all round: no crack, no burr, not thinned',
  oiled: 'Refrigerant oil on the flare’s back and the seat, none on the thread beyond, no sealant',
  'by-hand-first': 'Run up by hand to the stop',
  'two-spanners': 'Two spanners, torque wrench; looked at again after the first heat',
  soft: 'Soft tube, nothing work-hardened left for a flare',
  'own-bender': 'Bender of this very size',
  'straight-end': 'Straight for one outside before the next joint',
  smooth: 'No wrinkle, no flat, no crack',
};

export const COLD_FLAW_WORDS: Readonly<Record<ColdFlaw, string>> = {
  'mark-moved': 'the mark is not within 1 mm of the edge',
  'no-witness': 'the ring shows no witness, or the gauge does not go',
  torque: 'the torque is outside the table’s',
  'flare-size': 'the flare is too small or too wide',
  dry: 'it was tightened dry',
  radius: 'it is bent too tight',
  oval: 'it is too flat',
};

export const coldFlawText = (flaws: readonly ColdFlaw[]): string =>
  `${flaws.map((flaw) => COLD_FLAW_WORDS[flaw]).join('; ')}: it cannot pass. Cut it out and make it anew.`;

/** Limits by the tube's size, as far as a table has them. */
export function coldLimitText(method: ColdMethod, odM: number | null): string | null {
  if (odM === null) return null;
  const torque = flareTorqueNm(odM);
  const size = flareMm(odM);
  if (method === 'flare')
    return torque && size
      ? `${torque.least} to ${torque.most} N m oiled, opened to ${size.least} to ${size.most} mm *`
      : 'no table has this size: the maker’s torque';
  if (method === 'bend')
    return `centre line at least ${Math.round(BEND.leastRadiusOd * odM * 1000)} mm, out of round at most ${BEND.mostOvalPercent} % *`;
  return null;
}

type Values = Readonly<Record<string, unknown>>;
const SAYS: Readonly<Record<ColdKind, (values: Values) => string>> = {
  pressed: (v) => `${String(v['jaw'])}, ${v['mark'] ? 'mark at the edge' : 'mark moved'}, ${v['witness'] ? 'witness seen' : 'no witness'}`,
  flared: (v) =>
    [`${String(v['torqueNm'])} N m`, v['sizeMm'] === undefined ? '' : `opened to ${String(v['sizeMm'])} mm`, v['oiled'] ? 'oiled' : 'dry']
      .filter(Boolean)
      .join(', '),
  bent: (v) => `over ${String(v['radiusMm'])} mm, ${String(v['ovalPercent'])} % out of round`,
};

/** What an entry of a cold joint says beside its kind; null for other kinds. */
export function coldEntryText(kind: EntryKind, values: Values): string | null {
  const says = (SAYS as Partial<Record<EntryKind, (values: Values) => string>>)[kind];
  if (!says) return null;
  const note = values['note'];
  return [says(values), typeof note === 'string' ? note : ''].filter(Boolean).join(', ');
}
