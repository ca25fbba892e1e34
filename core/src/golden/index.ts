import { ENGINE_VERSION } from '../plan/version';
import { GOLDEN_REQUESTS } from './requests';
import { goldenLine } from './summary';

/** The answers of today's engine, as they are kept in `answers.json`. */
export const goldenAnswers = () => ({ engineVersion: ENGINE_VERSION, answers: GOLDEN_REQUESTS.map(goldenLine) });
