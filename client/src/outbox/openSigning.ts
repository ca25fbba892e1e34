import { laterPart } from '@/state/laterPart';

export const signing = laterPart<typeof import('./signWrite')>('what signs');

/** What makes statements to be signed takes the engine's tables along: fetched with the screens. */
export const openSigning = signing.open;
