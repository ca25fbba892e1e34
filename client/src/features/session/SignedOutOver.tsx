import { useSelector } from 'react-redux';
import type { RootState } from '@/state/store';
import { Overlay } from '@/ui/Overlay';
import { Words } from '@/ui/Words';
import { SignInForm } from './SignInForm';

/** Laid over whatever is open when the session ends: the form under it keeps every letter and goes on by itself. */
export function SignedOutOver() {
  return (
    <Overlay open={useSelector((state: RootState) => state.session.ended)} title="Sign in again" label="sign in again">
      <Words size={15}>Your session ended. What you entered is kept and goes on after this.</Words>
      <SignInForm />
    </Overlay>
  );
}
