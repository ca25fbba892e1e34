import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Something that is carried: its name, what is known of it, and the way to take it off. */
export function Carried({ name, says, late, onTakeOff }: { name: string; says: string; late: boolean; onTakeOff: (() => void) | null }) {
  const t = useTokens();
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center', borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 6 }}>
      <View style={arrange.fill}>
        <Words size={15} bold>
          {name}
        </Words>
        <Words size={14} tone={late ? 'red' : 'ink2'}>
          {says}
        </Words>
      </View>
      {onTakeOff ? <FrameKey label={WORDS.off} says={WORDS.takeOffTheVan(name)} onPress={onTakeOff} /> : null}
    </View>
  );
}
