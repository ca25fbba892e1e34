import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useColorScheme, useWindowDimensions } from 'react-native';
import { configureFonts, DefaultTheme, PaperProvider } from 'react-native-paper';
import type { MD3Theme } from 'react-native-paper';
import { useSelector } from 'react-redux';
import type { ThemeChoice } from '@/state/theme';
import { DAY, NIGHT, WIDE_FROM, WORDS, type Tokens } from './tokens';

export const TokensContext = createContext<Tokens>(DAY);

export const useTokens = () => useContext(TokensContext);

export const useIsWide = () => useWindowDimensions().width >= WIDE_FROM;

/** Paper's own light and dark themes would bring all of Paper to the first screen: every colour that shows is ours. */
function paperTheme(t: Tokens): MD3Theme {
  const base = DefaultTheme;
  return {
    ...base,
    dark: t.name === 'night',
    roundness: 2,
    fonts: configureFonts({ config: { fontFamily: WORDS } }),
    colors: {
      ...base.colors,
      primary: t.copper,
      onPrimary: t.onCopper,
      background: t.paper,
      onBackground: t.ink,
      surface: t.paper,
      onSurface: t.ink,
      surfaceVariant: t.panel,
      onSurfaceVariant: t.ink2,
      outline: t.rule,
      outlineVariant: t.hair,
      error: t.red,
      onSurfaceDisabled: t.ink2,
      elevation: { ...base.colors.elevation, level3: t.panel },
    },
  };
}

/** Day, night, or what the device says; hands the same colours to Paper. */
export function ThemeProvider({ children }: { children: ReactNode }) {
  const device = useColorScheme();
  const chosen = useSelector((state: { readonly theme: ThemeChoice }) => state.theme);
  const tokens = (chosen === 'device' ? device : chosen) === 'night' || (chosen === 'device' && device === 'dark') ? NIGHT : DAY;
  const theme = useMemo(() => paperTheme(tokens), [tokens]);
  return (
    <TokensContext.Provider value={tokens}>
      <PaperProvider theme={theme}>{children}</PaperProvider>
    </TokensContext.Provider>
  );
}
