import { pointerText, READING_ROUGH } from '@kesto/contract/wording';
import type { GuessedLine } from '@kesto/core';
import { readings, usualReadings, type Metering, type ReadingsRequest } from '@kesto/core/refrigerant';
import { View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { readingRows } from './readingRows';
import { ReadingTable } from './ReadingTable';
import { WORDS } from './words';

interface ReadingsFoundProps {
  readonly request: ReadingsRequest;
  readonly guessed: readonly GuessedLine[];
  /** The first ones of this job, where these are not the first. */
  readonly first: ReadingsRequest | undefined;
  readonly metering: Metering;
  readonly onClose: () => void;
}

/** What was read beside what is usual and what was read first, and where it points. */
export function ReadingsFound({ request, guessed, first, metering, onClose }: ReadingsFoundProps) {
  const units = useUnits();
  const answer = readings(request);
  const usual = usualReadings(request);
  const before = first ? readings(first) : null;
  if (!answer.ok) return null;
  const found = answer.value;
  const dangers = found.cautions.map(({ code }): string => code);
  const rows = readingRows({ found, usual: usual.ok ? usual.value : null, before: before?.ok ? before.value : null, guessed, units });
  return (
    <View style={arrange.stack6}>
      <Heading size={17}>{WORDS.whatTheySay}</Heading>
      <ReadingTable rows={rows} hasBefore={before?.ok ?? false} />
      {guessed.length > 0 ? (
        <Words size={15} tone="amber">
          {READING_ROUGH}
        </Words>
      ) : null}
      {found.pointers.length === 0 ? <Words size={15}>{WORDS.allInsideItsWindow}</Words> : null}
      {found.pointers.map((code) => (
        <Words key={code} size={15} tone={dangers.includes(code) ? 'red' : 'ink'}>
          {pointerText(code, metering)}
        </Words>
      ))}
      <Words size={14} tone="ink2">
        {WORDS.advice}
      </Words>
      <FrameKey label={WORDS.close} onPress={onClose} />
    </View>
  );
}
