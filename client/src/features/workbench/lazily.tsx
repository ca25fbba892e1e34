import { useEffect, useState, type ComponentType } from 'react';
import { FrameKey } from '@/ui/Buttons';
import { Failed, Loading, WholePage } from '@/ui/states';
import { fetchScreens } from './fetchScreens';
import { WORDS } from './words';

type Pieces = typeof import('./screens');
/** The others are no screens. */
type Screens = Omit<Pieces, 'post' | 'postTogether' | 'signKept' | 'checkFile' | 'chainsInFile' | 'isContinued' | 'isSignedHead'>;

/** Kept once fetched: the next screen of the workbench opens at once. */
let fetched: Screens | null = null;

type Progress = { readonly status: 'loading' } | { readonly status: 'ready'; readonly screens: Screens } | { readonly status: 'failed' };

/** State rather than a suspended tree: the moving mark of the fallback would keep a suspended tree from being tried again. */
function useScreens(): Progress & { readonly again: () => void } {
  const [progress, setProgress] = useState<Progress>(() => (fetched ? { status: 'ready', screens: fetched } : { status: 'loading' }));
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (fetched) return;
    let open = true;
    fetchScreens().then(
      (screens) => {
        fetched = screens;
        if (open) setProgress({ status: 'ready', screens });
      },
      () => {
        if (open) setProgress({ status: 'failed' });
      },
    );
    return () => {
      open = false;
    };
  }, [tries]);
  const again = () => {
    setProgress({ status: 'loading' });
    setTries(tries + 1);
  };
  return { ...progress, again };
}

/** One screen of the workbench, fetched with the others when the first of them is shown. */
export function lazily<Name extends keyof Screens>(name: Name) {
  type Props = Parameters<Screens[Name]>[0];
  return function Shown(props: Props & object) {
    const workbench = useScreens();
    if (workbench.status === 'ready') {
      const Screen = workbench.screens[name] as unknown as ComponentType<Props>; // cast: the screen of that name takes that screen's props
      return <Screen {...props} />;
    }
    return (
      <WholePage>
        {workbench.status === 'failed' ? (
          <>
            <Failed message={WORDS.notFetched} />
            <FrameKey label={WORDS.tryAgain} onPress={workbench.again} />
          </>
        ) : (
          <Loading what={WORDS.workbench} />
        )}
      </WholePage>
    );
  };
}
