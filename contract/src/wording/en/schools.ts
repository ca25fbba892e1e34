import { SCHOOLS, type SchoolQuestion, type Schools } from '@kesto/core';

export interface SchoolText {
  readonly question: string;
  /** The engine's answer where the shop has none, and why. */
  readonly usual: string;
  readonly answers: Readonly<Record<string, SchoolAnswer>>;
}

export interface SchoolAnswer {
  readonly name: string;
  readonly gains: string;
  readonly risks: string;
}

/** Every school has its words, or this does not compile. */
type AllSchools = {
  readonly [Q in SchoolQuestion]: SchoolText & { readonly answers: Readonly<Record<(typeof SCHOOLS)[Q][number], SchoolAnswer>> };
};

const a = (name: string, gains: string, risks: string) => ({ name, gains, risks });

/** What practitioners answer differently: what each school gains and what it risks. */
export const SCHOOL_TEXTS: AllSchools = {
  heatProtection: {
    question: 'How is a part kept cool',
    usual: 'Putty where it can be formed, else cloth: it stays put and holds more water. Taking apart first where the maker allows.',
    answers: {
      'wet-cloth': a('wet cloth', 'always at hand, much water', 'drips into the joint, dries from the hot edge unseen'),
      putty: a('putty', 'stays where it is put, holds its water', 'has to be formed, and bought'),
      paste: a('paste', 'goes where nothing else fits', 'little water, washes badly'),
      dismantle: a('dismantle', 'nothing left to overheat', 'seals and cores to put back, and to lose'),
    },
  },
  houseRod: {
    question: 'Which rod on copper',
    usual: '15 % silver on lines that shake or discharge, 5-6 % elsewhere: ductility where it counts, cost elsewhere.',
    answers: {
      'silver-15': a('15 % silver', 'tough, bridges a gap', 'costly'),
      'silver-5': a('5-6 % silver', 'tough enough for most, cheaper', 'cracks sooner where it shakes'),
      'silver-free': a('silver-free', 'cheapest, flows thin', 'brittle in the cold and where it shakes'),
    },
  },
  testPressure: {
    question: 'Test pressure',
    usual: 'What the data plate says.',
    answers: {
      'data-plate': a('data plate', 'what the maker answers for', 'says nothing of later parts'),
      'by-refrigerant': a('by refrigerant', 'one figure to remember', 'may be above an old low side'),
      'low-and-long': a('low and long', 'kind to weak parts', 'hides leaks that open under pressure'),
    },
  },
  holdTime: {
    question: 'How long to hold',
    usual: 'Until the hold can see the wanted leak, at least 15 min.',
    answers: {
      fixed: a('fixed minutes', 'simple to plan', 'blind on a large volume'),
      'until-seen': a('until it can see the leak', 'says what it has proven', 'can take long'),
    },
  },
  vacuum: {
    question: 'How to pull',
    usual: 'Single deep when dry, triple after water, an oil change or an open system.',
    answers: {
      'single-deep': a('single deep', 'quick on a dry system', 'leaves water in oil'),
      triple: a('triple with nitrogen', 'carries water out', 'gas and time'),
    },
  },
  riseLimit: {
    question: 'When the rise is enough',
    usual: '500 micron for new, 1000 flattening for used with ester oil.',
    answers: {
      '500-in-10': a('500 micron in 10 min', 'plain and strict', 'never reached with old oil'),
      'flattens-1000': a('flattens under 1000 micron', 'fits what oil gives off', 'needs an eye for the curve'),
    },
  },
  drier: {
    question: 'New drier',
    usual: 'Always; leaving it out needs a reason.',
    answers: {
      always: a('always', 'water and dirt are caught', 'one more joint or two'),
      'when-opened': a('only when air could get in', 'fewer joints', 'trusts the last person'),
    },
  },
  removingAJoint: {
    question: 'Taking a joint apart',
    usual: 'Cut where oil may be inside (fire), unbraze where length is short and the tube is dry and purged.',
    answers: {
      cut: a('cut', 'no flame on old oil', 'costs length'),
      unbraze: a('unbraze', 'keeps the length', 'oil burns, old filler stays'),
    },
  },
  crackedLine: {
    question: 'A cracked line',
    usual: 'A new section: a crack runs on.',
    answers: {
      'new-section': a('new section', 'the crack is gone', 'two joints for one'),
      'braze-over': a('braze over', 'quick', 'the crack runs on under the filler'),
    },
  },
  finish: {
    question: 'How a joint is finished',
    usual: 'A small fillet: a cap adds no strength and hides a void.',
    answers: {
      'small-fillet': a('small fillet', 'shows whether it drew in', 'looks thin to an untrained eye'),
      cap: a('built-up cap', 'looks strong', 'hides a void, takes rod and heat'),
    },
  },
  cooling: {
    question: 'How it cools',
    usual: 'Still air until below 200 °C.',
    answers: {
      'still-air': a('still air', 'no shock to the metal', 'minutes to wait'),
      'wet-cloth': a('wet cloth after it has set', 'quick, cracks the flux off', 'cracks what is stiff or unlike'),
    },
  },
  charge: {
    question: 'How to charge',
    usual: 'Weigh, then trim by what the metering device asks for.',
    answers: {
      weigh: a('weigh', 'exact on the plate’s length', 'does not know long lines'),
      trim: a('superheat or subcooling', 'finds what this system wants', 'needs steady weather and load'),
      'sight-glass': a('sight glass', 'seen at a glance', 'bubbles for other reasons too'),
    },
  },
  strengthCode: {
    question: 'Strength of the tube',
    usual: 'ASME B31.5; for carbon dioxide the maker’s rating alone.',
    answers: {
      asme: a('ASME B31.5', 'the stricter figure, known everywhere', 'asks for heavier wall than Europe does'),
      en: a('EN 14276', 'what European plants are built by', 'stands up to 100 °C only'),
      maker: a('the maker’s rating', 'tested, and the only one for some tube', 'has to be looked up and typed'),
    },
  },
  joining: {
    question: 'How parts are joined',
    usual: 'Fewest joints first (bend), braze where hot work is safe, press where it is not, flare only with torque.',
    answers: {
      braze: a('braze', 'tight for the life of the plant', 'a flame, and nitrogen'),
      press: a('press', 'no flame', 'costly fittings, room for the jaw'),
      flare: a('flare', 'comes apart', 'leaks without torque and oil'),
      bend: a('bend', 'no joint at all', 'needs length and a bender'),
    },
  },
  secondLook: {
    question: 'Who passes a joint',
    usual:
      'Whoever looks, the maker too; for carbon dioxide, ammonia and what burns easily another than the maker, whatever is chosen here.',
    answers: {
      'by-refrigerant': a('the maker, where the refrigerant lets', 'one person finishes a joint', 'nobody sees one’s own flaw'),
      always: a('always another', 'two pairs of eyes on every joint', 'a second person has to come'),
    },
  },
};

/** What a school is called; ids are stored, this is shown. */
export const schoolName = (question: SchoolQuestion, id: string): string => (SCHOOL_TEXTS[question] as SchoolText).answers[id]?.name ?? id; // cast: looked up by any id

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
    if (joint[key] !== undefined && joint[key] !== (job[key] ?? shop[key]))
      return { question, answer: schoolName(key, joint[key]), whose: 'this joint' };
    if (job[key] !== undefined && job[key] !== shop[key]) return { question, answer: schoolName(key, job[key]), whose: 'this job' };
    return shop[key] === undefined
      ? { question, answer: usual, whose: 'usual' }
      : { question, answer: schoolName(key, shop[key]), whose: 'the shop' };
  });
}
