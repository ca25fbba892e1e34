/** What is fetched stays on the device, so that it opens without a signal. */
export { cacheOnDevice, noCache, type AnswerCache, type CachedAnswer } from './kept';
export { answersFrom, forgetAnswers, rememberAnswer, remembering, signInEnded } from './remembering';
