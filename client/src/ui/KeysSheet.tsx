import { View } from 'react-native';
import { arrange } from './arrange';
import { KeyBox } from './KeyBox';
import type { KeyBinding } from './keyBindings';
import { Overlay } from './Overlay';
import { useTokens } from './theme';
import { Words } from './Words';

const SHOWN: Readonly<Record<string, string>> = { Enter: 'enter', Escape: 'esc' };

/** What `?` lays over a wide screen: every key that works here. */
export function KeysSheet({ bindings, open, onClose }: { bindings: readonly KeyBinding[]; open: boolean; onClose: () => void }) {
  const t = useTokens();
  return (
    <Overlay open={open} title="Keys on this screen" label="keys" width={520} onClose={onClose}>
      {bindings.map((binding) => (
        <View
          key={binding.key}
          style={{ flexDirection: 'row', gap: 16, alignItems: 'center', borderTopWidth: 1, borderColor: t.rule, paddingTop: 8 }}
        >
          <KeyBox text={SHOWN[binding.key] ?? binding.key} minWidth={64} />
          <Words style={arrange.fill}>{binding.says}</Words>
        </View>
      ))}
    </Overlay>
  );
}
