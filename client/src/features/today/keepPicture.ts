import { shownPicture } from '@/state/dayPicture';
import { keepDay, viewNow } from '@/state/keptDay';

/** More than a long day takes [characters]: storage is small, and what is kept to be sent comes first. */
const MOST = 400_000;

/** What is seen of it as markup: screens that rest underneath are left out. */
function markupOf(root: Element): string {
  const copy = root.cloneNode(true) as Element; // cast: a copy is what it was
  const copied = [...copy.querySelectorAll('*')];
  [...root.querySelectorAll('*')].forEach((element, i) => {
    if (element instanceof HTMLElement && !element.checkVisibility()) copied[i]?.remove();
  });
  return copy.innerHTML;
}

/** The rules that the application wrote into the page while it drew. */
const stylesOf = (page: Document): string =>
  [...page.styleSheets]
    .filter(({ ownerNode }) => ownerNode instanceof HTMLStyleElement)
    .flatMap(({ cssRules }) => [...cssRules])
    .map(({ cssText }) => cssText)
    .join('');

const isAlone = () => location.pathname === '/' && !shownPicture() && !document.querySelector('[aria-modal=true]');

/** Keeps today as it stands on this page; false while something lies over it. */
export function keepPicture(): boolean {
  const root = document.getElementById('root');
  if (!root || !isAlone()) return false;
  const day = { view: viewNow(), at: Date.now(), markup: markupOf(root), styles: stylesOf(document) };
  if (day.markup.length + day.styles.length < MOST) keepDay(day);
  return true;
}
