import type { ShopWork } from '../shopWork';
import { AppError } from '../../platform/errors';

/** Letters of other alphabets, and figures, that are taken for these. */
const LOOK_ALIKES: Readonly<Record<string, string>> = {
  ...{ а: 'a', в: 'b', с: 'c', ԁ: 'd', е: 'e', ё: 'e', ғ: 'f', һ: 'h', н: 'h', і: 'i', ј: 'j', к: 'k', ӏ: 'i', м: 'm', о: 'o', р: 'p' },
  ...{ ԛ: 'q', ѕ: 's', т: 't', у: 'y', ѵ: 'v', ԝ: 'w', х: 'x', з: '3' },
  ...{ α: 'a', β: 'b', ε: 'e', η: 'n', ι: 'i', κ: 'k', μ: 'm', ν: 'v', ο: 'o', ρ: 'p', τ: 't', υ: 'u', χ: 'x', ζ: 'z' },
  ...{ ı: 'i', l: 'i', '1': 'i', '|': 'i', '0': 'o', '5': 's', ø: 'o', đ: 'd', ł: 'i' },
};

/** A name as it is taken for on a small screen: without case, accents, spaces and points; letters that look alike are one. */
export const foldedName = (name: string): string =>
  [...name.normalize('NFKD').toLowerCase()]
    .map((letter) => LOOK_ALIKES[letter] ?? letter)
    .filter((letter) => /[\p{L}\p{N}]/u.test(letter))
    .join('');

/** Two people of a shop never read alike: whoever reads a record years later knows who it was. */
export async function checkNameIsFree({ people }: ShopWork, name: string, but?: string): Promise<void> {
  const folded = foldedName(name);
  const namesake = (await people.all()).find((person) => person.id !== but && foldedName(person.name) === folded);
  if (namesake) throw new AppError('CONFLICT', `${namesake.name} is in this shop already: choose a name that is not taken for it.`, 'name');
}
