import { keepChoice, keptChoice } from './keptChoice';

export type ThemeChoice = 'device' | 'day' | 'night';
const KEY = 'kesto.theme';

export const keptTheme = (): ThemeChoice => keptChoice<ThemeChoice>(KEY, ['day', 'night'], 'device');
export const keepTheme = (choice: ThemeChoice): void => keepChoice(KEY, choice);
