import type { SchoolQuestion, Schools } from '../vocabulary/schools';

/** The first question that is answered otherwise than it is usually done here, or null where nothing differs. */
export function differingSchool(asked: Schools, usual: Schools): SchoolQuestion | null {
  const questions = Object.keys(asked) as SchoolQuestion[]; // cast: schools have these keys alone
  return questions.find((question) => asked[question] !== undefined && asked[question] !== usual[question]) ?? null;
}

/** What schools were called before they had ids, in stored shops, jobs and requests. */
const FORMER: Readonly<Record<string, string>> = {
  'wet cloth': 'wet-cloth',
  '15 % Ag': 'silver-15',
  '5-6 % Ag': 'silver-5',
  'data plate': 'data-plate',
  'by refrigerant': 'by-refrigerant',
  'low and long': 'low-and-long',
  'fixed minutes': 'fixed',
  'until the hold can see the wanted leak': 'until-seen',
  'single deep': 'single-deep',
  'triple with nitrogen': 'triple',
  '500 micron in 10 min': '500-in-10',
  'flattens under 1000 in a used system': 'flattens-1000',
  'only when air could get in': 'when-opened',
  'new section': 'new-section',
  'braze over': 'braze-over',
  'capillary and small fillet': 'small-fillet',
  'built-up cap': 'cap',
  'still air': 'still-air',
  'wet cloth after it has set': 'wet-cloth',
  'superheat or subcooling': 'trim',
  'sight glass': 'sight-glass',
};

/** Schools as they were stored in earlier days, in today's ids; today's are left as they are. */
export function withSchoolIds(stored: Readonly<Record<string, string>>): Schools {
  const entries = Object.entries(stored).map(([question, answer]) => [question, FORMER[answer] ?? answer]);
  return Object.fromEntries(entries) as Schools; // cast: every former answer has an id in today's list
}
