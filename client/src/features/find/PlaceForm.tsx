import { CHECK_RESULT_WORDS, FIND_METHOD_SEES, FIND_METHOD_WORDS, SIGN_WORDS } from '@kesto/contract/wording';
import { CHECK_RESULTS, FIND_METHODS, RIG, SIGNS, type CheckResult, type FindMethod, type Sign } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { massKg } from '@/forms/si';
import { arrange } from '@/ui/arrange';
import { Choice, KeepKey } from '@/ui/Buttons';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const FIGURES = {
  rate: { label: 'how much a year, if it can be told', kind: 'mass', hint: 'as 100 g', optional: true },
  note: { label: 'note', kind: 'words', optional: true },
} as const;

interface PlaceFormProps {
  readonly place: string;
  readonly name: string;
  readonly work: StageWork;
  readonly onKept: () => void;
}

/** One place: what was used to look, and what it showed; or a sign that is seen there. */
export function PlaceForm({ place, name, work, onKept }: PlaceFormProps) {
  const [method, setMethod] = useState<FindMethod>(place === RIG ? 'section-hold' : 'soap');
  const [result, setResult] = useState<CheckResult | null>(null);
  const [signs, setSigns] = useState<readonly Sign[]>([]);
  const photos = usePhotos();
  const figures = useFigures(work.keptAs(`place.${place}`), FIGURES);
  const shas = photos.photos.map((photo) => photo.sha256);

  async function noteAll(read: Read<typeof FIGURES>): Promise<boolean> {
    const note = read.note === undefined ? {} : { note: read.note };
    const grams = result === 'leak' && read.rate ? { gramsPerYear: massKg(read.rate) * 1000 } : {};
    for (const sign of signs) if (!(await work.note('sign', { place, sign, ...note }, shas))) return false;
    return result === null || work.note('checked-place', { place, method, result, ...grams, ...note }, shas);
  }

  return (
    <View style={arrange.stack10}>
      <Heading size={20}>{name}</Heading>
      <Words size={15} bold>
        {WORDS.lookedWith}
      </Words>
      <Choice
        label={WORDS.lookedWith}
        value={method}
        onChange={setMethod}
        options={FIND_METHODS.map((value) => ({ value, label: FIND_METHOD_WORDS[value] }))}
      />
      <Words size={14} tone="ink2">
        {WORDS.sees(FIND_METHOD_SEES[method])}
      </Words>
      <Words size={15} bold>
        {WORDS.itShows}
      </Words>
      <Choice
        label={WORDS.itShows}
        value={result}
        onChange={setResult}
        options={CHECK_RESULTS.map((value) => ({ value, label: CHECK_RESULT_WORDS[value] }))}
      />
      {result === 'leak' ? <FigureFields figures={figures} of={['rate']} /> : null}
      <Words size={15} bold>
        {WORDS.signsSeenHere}
      </Words>
      <View role="group" aria-label={WORDS.signsSeenHereLabel} style={arrange.wrap6}>
        {SIGNS.map((sign) => (
          <ChoiceCard
            key={sign}
            many
            says={SIGN_WORDS[sign]}
            chosen={signs.includes(sign)}
            onPress={() => setSigns(signs.includes(sign) ? signs.filter((other) => other !== sign) : [...signs, sign])}
          >
            <Words size={15} bold={signs.includes(sign)}>
              {SIGN_WORDS[sign]}
            </Words>
          </ChoiceCard>
        ))}
      </View>
      <FigureFields figures={figures} of={['note']} />
      <PhotoStrip photos={photos} />
      <KeepKey
        label={WORDS.keepThisPlace}
        busy={work.busy}
        disabled={result === null && signs.length === 0}
        onPress={() => void figures.submit((read) => closing(onKept)(noteAll(read)))}
      />
    </View>
  );
}
