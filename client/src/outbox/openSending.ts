import { laterPart } from '@/state/laterPart';

export const sending = laterPart<typeof import('./sending')>('what signs and sends');

/** A write is kept by the first screen; what signs and sends it takes the engine's tables along, and is fetched with the other screens. */
export const openSending = sending.open;
