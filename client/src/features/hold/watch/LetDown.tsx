import { VENT_PLACE_WORDS } from '@kesto/contract/wording';
import { VENT_PLACES, type VentPlace } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice, FrameKey, KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';

const PLACES = VENT_PLACES.map((value) => ({ value, label: VENT_PLACE_WORDS[value] }));

interface LetDownProps {
  /** What the hold showed, where it was ended. */
  readonly showed: string | null;
  readonly busy: boolean;
  readonly onKeep: (to: VentPlace) => void;
  /** Nothing else is open: with it the stage is ended and the pull comes next. */
  readonly onLast: ((to: VentPlace) => void) | null;
}

/** The gas is led out, slowly. */
export function LetDown({ showed, busy, onKeep, onLast }: LetDownProps) {
  const [to, setTo] = useState<VentPlace>('outdoors');
  return (
    <View style={styles.form}>
      <Heading size={20}>{showed === null ? WORDS.letDown : `${showed}. ${WORDS.letDown}`}</Heading>
      <Words size={15}>{WORDS.letDownSays}</Words>
      <Choice label={WORDS.letDown} value={to} options={PLACES} onChange={setTo} />
      {onLast ? (
        <>
          <KeepKey label={WORDS.isDownOnward} busy={busy} onPress={() => onLast(to)} />
          <FrameKey quiet label={WORDS.isDown} disabled={busy} onPress={() => onKeep(to)} />
        </>
      ) : (
        <KeepKey label={WORDS.isDown} busy={busy} onPress={() => onKeep(to)} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
