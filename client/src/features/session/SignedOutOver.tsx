import { View } from 'react-native';
import { Modal, Portal } from 'react-native-paper';
import { useSelector } from 'react-redux';
import { selectSignedOut } from '@/state/look';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { SignInForm } from './SignInForm';

/** Laid over whatever is open when the session ends: the form under it keeps every letter and goes on by itself. */
export function SignedOutOver() {
  const t = useTokens();
  const signedOut = useSelector(selectSignedOut);
  return (
    <Portal>
      <Modal
        visible={signedOut}
        dismissable={false}
        contentContainerStyle={{
          backgroundColor: t.paper,
          margin: 16,
          padding: 20,
          gap: 8,
          maxWidth: 440,
          alignSelf: 'center',
          width: '92%',
          borderWidth: 2,
          borderColor: t.ink,
        }}
      >
        <View role="dialog" aria-label="sign in again" style={{ gap: 8 }}>
          <Heading>Sign in again</Heading>
          <Words size={15}>Your session ended. What you entered is kept and goes on after this.</Words>
          <SignInForm />
        </View>
      </Modal>
    </Portal>
  );
}
