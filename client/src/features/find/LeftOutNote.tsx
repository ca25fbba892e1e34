import { leftOut, type CircuitGraph, type SectionSight } from '@kesto/core';
import { formatNumber, formatYearlyLoss, readingText } from '@kesto/core/unit';
import type { ReactNode } from 'react';
import { useUnits } from '@/session/units';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

interface LeftOutNoteProps {
  readonly letter: string;
  readonly graph: CircuitGraph;
  readonly section: SectionSight;
  readonly nameOf: (place: string) => string;
}

/** What the volume of a section does not count, and what its hold likely sees with it: a hold is as blind as its volume is large. */
export function LeftOutNote({ letter, graph, section, nameOf }: LeftOutNoteProps) {
  const units = useUnits();
  const { parts, tubes, assumedTubes, usualM3 } = leftOut(graph, section.parts);
  const counted = assumedTubes > 0 ? `${letter} counts ${assumedTubes} ${assumedTubes === 1 ? 'tube' : 'tubes'} at usual lengths *` : '';
  if (usualM3 === 0) return counted ? <Small>{WORDS.putTheMeasuredOnes(counted)}</Small> : null;
  const likelyM3 = section.volumeM3 + usualM3;
  const { seenGramsPerYear: seen } = section;
  const missing = [...parts.map(nameOf), ...(tubes > 0 ? [`${tubes} ${tubes === 1 ? 'tube' : 'tubes'} without a length`] : [])].join(', ');
  const sees = seen === null ? '' : `, and sees ${readingText(formatYearlyLoss((seen * likelyM3) / section.volumeM3 / 1000, units, 2))}`;
  return (
    <Small>{WORDS.leavesOut({ letter, missing, likely: formatNumber(likelyM3 * 1000, 1), sees }, counted ? ` ${counted}.` : '')}</Small>
  );
}

const Small = ({ children }: { children: ReactNode }) => (
  <Words size={14} tone="ink2">
    {children}
  </Words>
);
