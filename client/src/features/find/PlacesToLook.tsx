import { placeWhyText } from '@kesto/contract/wording';
import type { RankedPlace } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Heading, Words } from '@/ui/Words';

const FIRST = 4;

interface PlacesToLookProps {
  readonly places: readonly RankedPlace[];
  readonly nameOf: (place: string) => string;
  readonly onOpen: (place: string) => void;
}

/** Where to look next, the likeliest first, each with its why. */
export function PlacesToLook({ places, nameOf, onOpen }: PlacesToLookProps) {
  const [all, setAll] = useState(false);
  if (places.length === 0) return null;
  return (
    <View style={{ gap: 4 }}>
      <Heading size={17}>Look next</Heading>
      {(all ? places : places.slice(0, FIRST)).map(({ place, why }) => (
        <ListRow key={place} onPress={() => onOpen(place)}>
          <View style={{ flex: 1 }}>
            <Words size={15} bold>
              {nameOf(place)}
            </Words>
            <Words size={14} tone="ink2">
              {why.map(placeWhyText).join('; ')}
            </Words>
          </View>
        </ListRow>
      ))}
      {!all && places.length > FIRST ? <FrameKey label={`All ${places.length} places`} onPress={() => setAll(true)} /> : null}
    </View>
  );
}
