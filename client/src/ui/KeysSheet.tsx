import { View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import type { KeyBinding } from './keyBindings';
import { RoundKey } from './Keys';
import { useTokens } from './theme';
import { Heading, Mono, Words } from './Words';

const SHOWN: Readonly<Record<string, string>> = { Enter: 'enter', Escape: 'esc' };

/** What `?` lays over a wide screen: every key that works here. */
export function KeysSheet({ bindings, open, onClose }: { bindings: readonly KeyBinding[]; open: boolean; onClose: () => void }) {
  const t = useTokens();
  return (
    <Portal>
      <Modal
        visible={open}
        onDismiss={onClose}
        contentContainerStyle={{
          backgroundColor: t.panel,
          borderWidth: 2,
          borderColor: t.ink,
          padding: 24,
          width: 520,
          alignSelf: 'center',
        }}
      >
        <View role="dialog" aria-label="keys" style={{ gap: 12 }}>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
            <Heading size={24}>Keys on this screen</Heading>
            <RoundKey label="close" onPress={onClose} />
          </View>
          {bindings.map((binding) => (
            <View
              key={binding.key}
              style={{ flexDirection: 'row', gap: 16, alignItems: 'center', borderTopWidth: 1, borderColor: t.rule, paddingTop: 8 }}
            >
              <View
                style={{
                  borderWidth: 1.5,
                  borderColor: t.ink,
                  borderRadius: 5,
                  paddingHorizontal: 10,
                  paddingVertical: 3,
                  minWidth: 64,
                  alignItems: 'center',
                }}
              >
                <Mono size={15}>{SHOWN[binding.key] ?? binding.key}</Mono>
              </View>
              <Words style={{ flex: 1 }}>{binding.says}</Words>
            </View>
          ))}
        </View>
      </Modal>
    </Portal>
  );
}
