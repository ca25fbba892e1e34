import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { COVER_JOINT } from '@/drawing/joint/cover';
import { JointSection } from '@/drawing/joint/JointDrawing';
import { WORDS } from '@/features/session/words';
import { TokensContext } from '@/ui/theme';
import { DAY, NIGHT, type Tokens } from '@/ui/tokens';

/** Width of the drawing on a phone and beside the form [px]; on others it is drawn so and made to fit. */
const WIDTHS = { narrow: 358, wide: 600 };

/** Every colour by the name the style gives it. */
function named(tokens: object, before = '--'): [string, string][] {
  return Object.entries(tokens).flatMap(([name, value]): [string, string][] => {
    if (typeof value === 'object') return named(value as object, `${before}${name}-`); // cast: the metals
    return value.startsWith('#') ? [[`${before}${name}`, value]] : [];
  });
}

const byName = (tokens: object, before = '--'): object =>
  Object.fromEntries(
    Object.entries(tokens).map(([name, value]) => [
      name,
      typeof value === 'object' ? byName(value as object, `${before}${name}-`) : `var(${before}${name})`, // cast: the metals
    ]),
  );

const colours = (tokens: Tokens) =>
  named(tokens)
    .map(([name, value]) => `${name}:${value}`)
    .join(';');

function Drawing({ width }: { width: number }) {
  return (
    <TokensContext.Provider value={byName(DAY) as Tokens /* cast: the same keys */}>
      <JointSection {...COVER_JOINT} detail="cover" width={width} />
    </TokensContext.Provider>
  );
}

/** A drawing that fits the page, in letters of the page's style. */
const drawn = (name: keyof typeof WIDTHS) =>
  markup(<Drawing width={WIDTHS[name]} />, name)
    .replace(/ style="[^"]*"/g, '')
    .replace(/^<svg width="([\d.]+)" height="([\d.]+)"/, `<svg class="${name}" viewBox="0 0 $1 $2"`);

const markup = (element: ReactElement, prefix = '') => renderToStaticMarkup(element, { identifierPrefix: prefix });

function Field({ name, label, type, complete }: { name: string; label: string; type: string; complete: string }) {
  return (
    <label>
      <input name={name} type={type} autoComplete={complete} autoCapitalize="none" spellCheck={false} placeholder=" " />
      <span>{label}</span>
    </label>
  );
}

function SignIn() {
  return (
    <main>
      <div className="cover">
        <h1>{WORDS.kesto}</h1>
        <p>{WORDS.purpose}</p>
        <div dangerouslySetInnerHTML={{ __html: drawn('narrow') + drawn('wide') }} />
      </div>
      <form>
        <Field name="login" label={WORDS.name} type="text" complete="username" />
        <Field name="password" label={WORDS.password} type="password" complete="current-password" />
        <button value="sign-in">{WORDS.signIn}</button>
        <button value="code">{WORDS.haveCode}</button>
      </form>
    </main>
  );
}

/** The sign-in without its script, and the colours of both lights. */
export const earlyMarkup = (): string => markup(<div id="early" dangerouslySetInnerHTML={{ __html: markup(<SignIn />) }} />);

export const earlyColours = (): string =>
  [
    `:is(#early,#day){${colours(DAY)}}`,
    `@media (prefers-color-scheme:dark){[data-light=device] :is(#early,#day){${colours(NIGHT)}}}`,
    `[data-light=night] :is(#early,#day){${colours(NIGHT)}}`,
  ].join('');
