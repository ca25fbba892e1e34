import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import { arrange } from './arrange';
import { RoundKey } from './Buttons';
import { useSheetFocus } from './sheetFocus';
import { useTokens } from './theme';
import { Heading } from './Words';

interface OverlayProps {
  readonly open: boolean;
  readonly title: string;
  readonly label: string;
  readonly width?: number;
  /** Without it the sheet goes only when what it asks for is done. */
  readonly onClose?: () => void;
  readonly children: ReactNode;
}

/** A sheet laid over whatever is open. */
export function Overlay({ open, title, label, width = 440, onClose, children }: OverlayProps) {
  const t = useTokens();
  const held = useSheetFocus({ isOpen: open, onClose, holds: true });
  return (
    <Portal>
      <Modal
        visible={open}
        dismissable={onClose !== undefined}
        {...(onClose ? { onDismiss: onClose } : {})}
        contentContainerStyle={{
          backgroundColor: t.panel,
          borderWidth: 2,
          borderColor: t.ink,
          margin: 16,
          padding: 20,
          width: '92%',
          maxWidth: width,
          alignSelf: 'center',
        }}
      >
        <View ref={held} role="dialog" aria-label={label} style={arrange.stack10}>
          <View style={arrange.apartLevel12}>
            <Heading size={24} style={arrange.fill}>
              {title}
            </Heading>
            {onClose ? <RoundKey label="close" onPress={onClose} /> : null}
          </View>
          {children}
        </View>
      </Modal>
    </Portal>
  );
}
