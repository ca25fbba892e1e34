import { Stack } from 'expo-router';
import { Provider } from 'react-redux';
import { SessionGate } from '@/features/session/SessionGate';
import { store } from '@/store/store';
import { ThemeProvider } from '@/ui/theme';

export default function RootLayout() {
  return (
    <Provider store={store}>
      <ThemeProvider>
        <SessionGate>
          <Stack screenOptions={{ headerShown: false, animation: 'none' }} />
        </SessionGate>
      </ThemeProvider>
    </Provider>
  );
}
