/** What somebody did on the page that stands before its script has come: it is made by `client/early`. */
export interface Early {
  readonly login: string;
  readonly password: string;
  /** The field they are in. */
  readonly at: 'login' | 'password' | null;
  readonly pressed: 'sign-in' | 'code' | null;
}

const NOTHING: Early = { login: '', password: '', at: null, pressed: null };

const page = () => globalThis.document?.getElementById('early') ?? null;

/** Where no screen could take it over yet. */
let leftOver = NOTHING;

export function readEarly(): Early {
  const form = page()?.querySelector('form');
  if (!form) return leftOver;
  const typed = (name: 'login' | 'password') => form.querySelector<HTMLInputElement>(`[name=${name}]`)?.value ?? '';
  const { name } = (form.ownerDocument.activeElement ?? {}) as { name?: unknown }; // cast: only fields have one
  const { pressed } = form.dataset;
  return {
    login: typed('login'),
    password: typed('password'),
    at: name === 'login' || name === 'password' ? name : null,
    pressed: pressed === 'sign-in' || pressed === 'code' ? pressed : null,
  };
}

/** A screen of the application's own stands now; where it is none to sign in on, what was typed is for the next one. */
export function endEarly({ isTakenOver }: { readonly isTakenOver: boolean }): void {
  leftOver = isTakenOver ? NOTHING : readEarly();
  page()?.remove();
}
