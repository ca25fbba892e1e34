import { SCHOOLS, type SchoolQuestion, type Schools } from '@kesto/core';

export interface SchoolText {
  readonly question: string;
  /** The engine's answer where the shop has none, and why. */
  readonly usual: string;
  readonly answers: Readonly<Record<string, { readonly gains: string; readonly risks: string }>>;
}

const a = (gains: string, risks: string) => ({ gains, risks });

/** What practitioners answer differently: what each school gains and what it risks. */
export const SCHOOL_TEXTS: Readonly<Record<SchoolQuestion, SchoolText>> = {
  heatProtection: {
    question: 'How is a part kept cool',
    usual: 'Putty where it can be formed, else cloth: it stays put and holds more water. Taking apart first where the maker allows.',
    answers: {
      'wet cloth': a('always at hand, much water', 'drips into the joint, dries from the hot edge unseen'),
      putty: a('stays where it is put, holds its water', 'has to be formed, and bought'),
      paste: a('goes where nothing else fits', 'little water, washes badly'),
      dismantle: a('nothing left to overheat', 'seals and cores to put back, and to lose'),
    },
  },
  houseRod: {
    question: 'Which rod on copper',
    usual: '15 % silver on lines that shake or discharge, 5-6 % elsewhere: ductility where it counts, cost elsewhere.',
    answers: {
      '15 % Ag': a('tough, bridges a gap', 'dear'),
      '5-6 % Ag': a('tough enough for most, cheaper', 'cracks sooner where it shakes'),
      'silver-free': a('cheapest, flows thin', 'brittle in the cold and where it shakes'),
    },
  },
  testPressure: {
    question: 'Test pressure',
    usual: 'What the data plate says.',
    answers: {
      'data plate': a('what the maker answers for', 'says nothing of later parts'),
      'by refrigerant': a('one figure to remember', 'may be above an old low side'),
      'low and long': a('kind to weak parts', 'hides leaks that open under pressure'),
    },
  },
  holdTime: {
    question: 'How long to hold',
    usual: 'Until the hold can see the wanted leak, at least 15 min.',
    answers: {
      'fixed minutes': a('simple to plan', 'blind on a large volume'),
      'until the hold can see the wanted leak': a('says what it has proven', 'can take long'),
    },
  },
  vacuum: {
    question: 'How to pull',
    usual: 'Single deep when dry, triple after water, an oil change or an open system.',
    answers: {
      'single deep': a('quick on a dry system', 'leaves water in oil'),
      'triple with nitrogen': a('carries water out', 'gas and time'),
    },
  },
  riseLimit: {
    question: 'When the rise is enough',
    usual: '500 micron for new, 1000 flattening for used with ester oil.',
    answers: {
      '500 micron in 10 min': a('plain and strict', 'never reached with old oil'),
      'flattens under 1000 in a used system': a('fits what oil gives off', 'needs an eye for the curve'),
    },
  },
  drier: {
    question: 'New drier',
    usual: 'Always; leaving it out needs a reason.',
    answers: {
      always: a('water and dirt are caught', 'one more joint or two'),
      'only when air could get in': a('fewer joints', 'trusts the last person'),
    },
  },
  removingAJoint: {
    question: 'Taking a joint apart',
    usual: 'Cut where oil may be inside (fire), unbraze where length is short and the tube is dry and purged.',
    answers: { cut: a('no flame on old oil', 'costs length'), unbraze: a('keeps the length', 'oil burns, old filler stays') },
  },
  crackedLine: {
    question: 'A cracked line',
    usual: 'A new section: a crack runs on.',
    answers: {
      'new section': a('the crack is gone', 'two joints for one'),
      'braze over': a('quick', 'the crack runs on under the filler'),
    },
  },
  finish: {
    question: 'How a joint is finished',
    usual: 'A small fillet: a cap adds no strength and hides a void.',
    answers: {
      'capillary and small fillet': a('shows whether it drew in', 'looks thin to the unused eye'),
      'built-up cap': a('looks strong', 'hides a void, takes rod and heat'),
    },
  },
  cooling: {
    question: 'How it cools',
    usual: 'Still air until below 200 °C.',
    answers: {
      'still air': a('no shock to the metal', 'minutes to wait'),
      'wet cloth after it has set': a('quick, cracks the flux off', 'cracks what is stiff or unlike'),
    },
  },
  charge: {
    question: 'How to charge',
    usual: 'Weigh, then trim by what the metering device asks for.',
    answers: {
      weigh: a('exact on the plate’s length', 'does not know long lines'),
      'superheat or subcooling': a('finds what this system wants', 'needs steady weather and load'),
      'sight glass': a('seen at a glance', 'bubbles for other reasons too'),
    },
  },
  joining: {
    question: 'How parts are joined',
    usual: 'Fewest joints first (bend), braze where hot work is safe, press where it is not, flare only with torque.',
    answers: {
      braze: a('tight for the life of the plant', 'a flame, and nitrogen'),
      press: a('no flame', 'dear fittings, room for the jaw'),
      flare: a('comes apart', 'leaks without torque and oil'),
      bend: a('no joint at all', 'needs length and a bender'),
    },
  },
};

export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as readonly SchoolQuestion[]; // cast: keys of a constant

/** Questions that bear on one joint, with the answer that speaks and whose it is. */
export function spokenSchools({ joint, job, shop }: Readonly<Record<'joint' | 'job' | 'shop', Schools>>): readonly {
  question: string;
  answer: string;
  whose: 'this joint' | 'this job' | 'the shop' | 'usual';
}[] {
  const bearing: readonly SchoolQuestion[] = ['houseRod', 'heatProtection', 'finish', 'cooling'];
  return bearing.map((key) => {
    const { question, usual } = SCHOOL_TEXTS[key];
    // What says the same as the wider one is not its own.
    if (joint[key] !== undefined && joint[key] !== (job[key] ?? shop[key])) return { question, answer: joint[key], whose: 'this joint' };
    if (job[key] !== undefined && job[key] !== shop[key]) return { question, answer: job[key], whose: 'this job' };
    return shop[key] === undefined ? { question, answer: usual, whose: 'usual' } : { question, answer: shop[key], whose: 'the shop' };
  });
}
