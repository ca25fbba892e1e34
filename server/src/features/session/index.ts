/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { openSession } from './openSession';
export type * from './session.repository';
export { sessionRoutes } from './session.routes';
export { authenticator, currentSignIn, hashPassword, setPassword } from './session.service';
export { signInTries } from './tries';
