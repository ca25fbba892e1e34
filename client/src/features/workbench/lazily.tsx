import { lazy, Suspense, type ComponentType } from 'react';
import { Loading } from '@/ui/states';

type Screens = typeof import('./screens');

/** One screen of the workbench, fetched with the others when it is first shown. */
export function lazily<Name extends keyof Screens>(name: Name) {
  type Props = Parameters<Screens[Name]>[0];
  const Screen = lazy(async () => ({
    default: (await import('./screens'))[name] as ComponentType<Props>,
  })) as unknown as ComponentType<Props>; // cast: `lazy` loses the props of a component chosen by its name
  return function Shown(props: Props & object) {
    return (
      <Suspense fallback={<Loading what="the workbench" />}>
        <Screen {...props} />
      </Suspense>
    );
  };
}
