// Runs while the page's scripts are still on the way: whoever is not signed in here can begin to, whoever is sees their day.
import { codeInAddress } from '@/features/session/codeInAddress';
import { keptTheme } from '@/state/keptTheme';
import { knownHere } from '@/state/knownHere';
import { openWithDay } from './day';

const { documentElement: root } = document;

/** A key that was pressed is kept for the script that can do it. */
function onPressed(event: Event): void {
  const form = (event.target as Element).closest<HTMLFormElement>('#early form'); // cast: what is pressed is an element
  if (!form) return;
  event.preventDefault();
  const { submitter } = event as SubmitEvent; // cast: listened to for that alone
  form.dataset['pressed'] = submitter instanceof HTMLButtonElement ? submitter.value : 'sign-in';
}

root.dataset['light'] = keptTheme();
if (knownHere.is() && location.pathname === '/') openWithDay();
else if (!knownHere.is() && codeInAddress() === '') root.dataset['opens'] = 'sign-in';
document.addEventListener('submit', onPressed);
