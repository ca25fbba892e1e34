/** What this feature says. */
export const WORDS = {
  kesto: 'Kesto',
  purpose: 'Plan the joint, make it, keep a record another person can check.',
  demoPeople: 'Demo: made-up people at a made-up station. Pick one.',
  name: 'name',
  password: 'password',
  signIn: 'Sign in',
  typeBoth: 'Type your name and password.',
  signingIn: 'Signing in',
  haveCode: 'I have a code',
  comeInByCode: 'Come in by a code',
  sessionEnded: 'Your session ended. What you entered is kept and goes on after this.',
  ownersPage: (owner: string) =>
    `This page is ${owner}’s. What ${owner} entered is kept here, never sent in another name, and goes on when ${owner} signs in.`,
  clock: (ahead: string) => `This device’s clock is ${ahead}. Entries keep both times; set the clock right.`,
  nothingFound: 'Nothing here is called so: a machine, a site, a job, a joint or a person.',
} as const;
