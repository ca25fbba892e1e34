import { stageEntryWord, stageFactText } from '@kesto/contract/wording';
import { clockAheadText, CLOCK_TOLERANCE_MS } from '@kesto/contract/wording/clock';
import type { StageFact } from '@kesto/core';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';

/** What was noted in a stage, newest first. */
export function Facts({ facts, nameOf }: { facts: readonly StageFact[]; nameOf: (place: string) => string }) {
  const t = useTokens();
  if (facts.length === 0) return null;
  return (
    <View>
      <Heading size={17}>Kept of this stage</Heading>
      {[...facts].reverse().map((fact) => (
        <View key={fact.id} style={{ borderBottomWidth: 1, borderColor: t.hair, paddingVertical: 6 }}>
          <Words size={15}>
            <Words size={15} bold>
              {stageEntryWord(fact.kind)}{' '}
            </Words>
            {stageFactText(fact, nameOf)}
          </Words>
          <Words size={14} tone="ink2">
            {fact.by}, {format(new Date(fact.at), 'd MMM, HH:mm')}
            {fact.aheadMs > CLOCK_TOLERANCE_MS ? ` (this device’s clock was ${clockAheadText(fact.aheadMs)})` : ''}
            {fact.photos.length > 0 ? `, ${fact.photos.length} ${fact.photos.length === 1 ? 'picture' : 'pictures'}` : ''}
          </Words>
        </View>
      ))}
    </View>
  );
}
