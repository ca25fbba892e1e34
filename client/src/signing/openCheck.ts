import { laterPart } from '@/state/laterPart';

export const checking = laterPart<typeof import('@kesto/contract/check')>('what checks files');

/** What checks files, signatures too: fetched with the screens. */
export const openCheck = checking.open;
