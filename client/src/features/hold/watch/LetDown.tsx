import { VENT_PLACE_WORDS } from '@kesto/contract/wording';
import { VENT_PLACES, type VentPlace } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice, KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';

const PLACES = VENT_PLACES.map((value) => ({ value, label: VENT_PLACE_WORDS[value] }));

/** The gas is led out, slowly. */
export function LetDown({ busy, onKeep }: { busy: boolean; onKeep: (to: VentPlace) => void }) {
  const [to, setTo] = useState<VentPlace>('outdoors');
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.letDown}</Heading>
      <Words size={15}>{WORDS.letDownSays}</Words>
      <Choice label={WORDS.letDown} value={to} options={PLACES} onChange={setTo} />
      <KeepKey label={WORDS.isDown} busy={busy} onPress={() => onKeep(to)} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
