import { Stack } from 'expo-router';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { SessionGate } from '@/features/session/SessionGate';
import '@/features/workbench/fetchScreens';
import { store } from '@/store/store';
import { Resting } from '@/ui/Resting';
import { ThemeProvider } from '@/ui/theme';

/** A navigator calls it, and does not draw it. */
const rested = ({ children }: { readonly children: ReactElement }) => <Resting>{children}</Resting>;

export default function RootLayout() {
  return (
    <Provider store={store}>
      <ThemeProvider>
        <SessionGate>
          <Stack screenOptions={{ headerShown: false, animation: 'none' }} screenLayout={rested} />
        </SessionGate>
      </ThemeProvider>
    </Provider>
  );
}
