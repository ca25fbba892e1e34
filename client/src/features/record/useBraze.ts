import type { BrazedValues, JointView } from '@kesto/contract';
import {
  formatDuration,
  formatFlow,
  formatLength,
  parseDuration,
  parseFlow,
  parseLength,
  readingText,
  type Quantity,
  type Result,
} from '@kesto/core';
import { useState } from 'react';
import { useUnits } from '@/state/units';
import { useEntry } from './useEntry';
import { usePhotos } from './usePhotos';

export type BrazeField = 'rod' | 'seconds' | 'purge' | 'flood' | 'depth';

const IN_MM: Readonly<Record<string, number>> = { mm: 1, m: 1000, in: 25.4, ft: 304.8 };
const IN_S: Readonly<Record<string, number>> = { s: 1, min: 60, h: 3600 };
const IN_LPM: Readonly<Record<string, number>> = { 'L/min': 1, scfh: 0.028316846592 / 0.06, 'm3/h': 1000 / 60, cfm: 28.316846592 };

/** What was really done, prefilled from the plan: the person changes what differed. */
export function useBraze(joint: JointView) {
  const units = useUnits();
  const answer = joint.plan?.answer;
  const [filler, setFiller] = useState(joint.plan?.chosen ?? '');
  const [reason, setReason] = useState('');
  const [protection, setProtection] = useState(
    answer?.protection.map((p) => `${p.measure.replace('-', ' ')} on the ${p.kind.replaceAll('-', ' ')}`).join(', ') ?? '',
  );
  const [note, setNote] = useState('');
  const [fields, setFields] = useState<Readonly<Record<BrazeField, string>>>(() => ({
    rod: answer?.filler ? readingText(formatLength(answer.filler.rodLengthMm / 1000, units, 0)) : '',
    seconds: answer?.heat?.seconds ? readingText(formatDuration(answer.heat.seconds)).replace(' min', '') : '',
    purge: answer?.purge?.trickleLpm ? readingText(formatFlow(answer.purge.trickleLpm / 60_000, units)) : '',
    flood: answer?.purge ? readingText(formatDuration(answer.purge.floodSeconds)).replace(' min', '') : '',
    depth: answer ? readingText(formatLength(answer.fit.insertMm / 1000, units)) : '',
  }));
  const [problems, setProblems] = useState<Partial<Record<BrazeField | 'reason', string>>>({});
  const entry = useEntry(joint.id);
  const photos = usePhotos();
  const differs = joint.plan !== null && filler !== joint.plan.chosen;

  function read(): { values: BrazedValues | null; problems: typeof problems } {
    const found: typeof problems = {};
    const one = (key: BrazeField, parse: (text: string) => Result<Quantity>, factors: Readonly<Record<string, number>>): number | null => {
      if (fields[key].trim() === '') return null;
      const result = parse(fields[key]);
      const factor = result.ok ? factors[result.value.unit] : undefined;
      if (!result.ok || factor === undefined) {
        found[key] = 'cannot be read; type a number, with or without its unit';
        return null;
      }
      if (result.value.value < 0) found[key] = 'must not be negative';
      return Number((result.value.value * factor).toPrecision(6));
    };
    const bare = units.length === 'metric' ? 'mm' : 'in';
    const rodMm = one('rod', (s) => parseLength(s, bare), IN_MM);
    if (rodMm === null && !found.rod) found.rod = 'is needed: how much rod went in';
    const values = {
      filler,
      rodMm: rodMm ?? 0,
      seconds: one('seconds', parseDuration, IN_S),
      purgeLpm: one('purge', (s) => parseFlow(s, units.length === 'metric' ? 'L/min' : 'scfh'), IN_LPM),
      floodSeconds: one('flood', parseDuration, IN_S),
      depthMm: one('depth', (s) => parseLength(s, bare), IN_MM),
      protection: protection.trim(),
      note: note.trim(),
      ...(differs ? { reason: reason.trim() } : {}),
    };
    if (differs && reason.trim() === '') found.reason = 'Write why another filler than the plan’s was used.';
    return { values: Object.keys(found).length === 0 ? values : null, problems: found };
  }

  async function keep() {
    const { values, problems: found } = read();
    setProblems(found);
    if (!values) return;
    const kind = joint.state === 'rework' || joint.state === 'sent back' ? 'reworked' : 'brazed';
    await entry.keep({ kind, values: { ...values }, photos: photos.photos.map((p) => p.sha256) }, '/look');
  }

  return {
    fields,
    setField: (key: BrazeField, text: string) => setFields((f) => ({ ...f, [key]: text })),
    filler,
    setFiller,
    reason,
    setReason,
    protection,
    setProtection,
    note,
    setNote,
    problems,
    differs,
    photos,
    entry,
    keep,
  };
}
