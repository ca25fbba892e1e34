import { EARLY_WORDS } from '@/features/session/earlyWords';
import { DAY_PAGE, PRESSED, saidOf, shownPicture } from '@/state/dayPicture';
import { keptDay, type KeptDay } from '@/state/keptDay';

const two = (n: number) => String(n).padStart(2, '0');
const timeText = (at: Date) => `${two(at.getHours())}:${two(at.getMinutes())}`;
/** The hour, and the day where it was another one. */
const whenText = (at: Date) =>
  at.toDateString() === new Date().toDateString()
    ? timeText(at)
    : `${at.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })} ${timeText(at)}`;

function added<Tag extends keyof HTMLElementTagNameMap>(to: Element, tag: Tag): HTMLElementTagNameMap[Tag] {
  return to.appendChild(document.createElement(tag));
}

function show({ markup, styles, at }: KeptDay): void {
  const page = added(document.body, 'div');
  page.id = DAY_PAGE;
  // The application's own drawing, kept by itself on this device.
  page.innerHTML = markup;
  added(page, 'style').textContent = styles;
  const said = added(page, 'p');
  said.setAttribute('role', 'status');
  said.textContent = EARLY_WORDS.asOf(whenText(new Date(at)));
}

/** Notes a key that is pressed, for the script that can do it: the last one counts. */
function onPressed({ target }: Event): void {
  const key = target instanceof Element ? target.closest<HTMLElement>(PRESSED) : null;
  const picture = shownPicture();
  if (!key || !picture?.contains(key)) return;
  picture.dataset['pressed'] = saidOf(key);
  delete picture.querySelector<HTMLElement>('[data-is-pressed]')?.dataset['isPressed'];
  key.dataset['isPressed'] = '';
}

/** Opens with the day as it was last drawn here; what is pressed in it is noted for the script that can do it. */
export function openWithDay(): void {
  const kept = keptDay();
  if (!kept) return;
  show(kept);
  document.addEventListener('click', onPressed);
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Enter') onPressed(event);
  });
}
