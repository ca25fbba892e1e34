import { sending } from '@/outbox/openSending';
import { checking } from '@/signing/openCheck';

/**
 * All that comes after the first screen, in one piece: what two pieces have in common is fetched before either, and that would be the whole
 * engine before the first screen.
 */
export const fetchScreens = () => import('./screens');

sending.comesWith(fetchScreens);
checking.comesWith(fetchScreens);
