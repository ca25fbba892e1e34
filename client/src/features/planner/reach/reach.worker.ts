import { answerReach } from './answer';
import type { ReachAsk } from './protocol';

globalThis.onmessage = (event: MessageEvent<ReachAsk>) => globalThis.postMessage(answerReach(event.data));
