import { useSelector } from 'react-redux';
import type { RootState } from '@/store/store';
import { FrameKey } from '@/ui/Buttons';
import { Overlay } from '@/ui/Overlay';
import { Words } from '@/ui/Words';
import { SignInForm } from './SignInForm';
import { startOver } from './welcomed';
import { WORDS } from './words';

/** Laid over whatever is open when the session ends, or somebody else signs in on this device: the form under it keeps every letter. */
export function SignedOutOver() {
  const { sheet, page } = useSelector((state: RootState) => state.session);
  const taken = sheet?.why === 'taken' ? sheet.by : null;
  const owner = page?.name ?? 'you';
  return (
    <Overlay open={sheet !== null} title={taken ? WORDS.signedInHere(taken.name) : WORDS.signInAgain} label={WORDS.signInAgainLabel}>
      {taken ? (
        <>
          <Words size={15}>{WORDS.ownersPage(owner)}</Words>
          <FrameKey label={WORDS.goOnAs(taken.name)} onPress={startOver} />
        </>
      ) : (
        <>
          <Words size={15}>{WORDS.sessionEnded}</Words>
          <FrameKey label={WORDS.notNow} onPress={startOver} />
        </>
      )}
      <SignInForm />
    </Overlay>
  );
}
