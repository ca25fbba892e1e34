import { forgetDayPicture } from './dayPicture';
import { keepChoice, keptChoice } from './keptChoice';

const KEY = 'kesto.known';

/** Whether somebody is signed in here as far as this device knows; read before anything else of a page, to say what it opens with. */
export const knownHere = {
  is: (): boolean => keptChoice(KEY, ['yes', 'no'], 'no') === 'yes',
  note: (): void => keepChoice(KEY, 'yes'),
  done: (): void => {
    keepChoice(KEY, 'no');
    forgetDayPicture();
  },
};
