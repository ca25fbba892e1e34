/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { openSession } from './openSession';
export { leadBeside } from './secondSignIn';
export type * from './session.repository';
export { sessionRoutes } from './session.routes';
export { hashPassword, queuedPasswords, type Passwords } from './passwords';
export { authenticator, currentSignIn, setPassword, watcher } from './session.service';
export { codeTries, signInTries } from './tries';
