import type { JobView, PutJointRequest } from '@kesto/contract';
import { usePeopleIds } from '@/data/people/api';
import { bodyOf, goes, useUnrefused, type Command } from '@/outbox';
import { useMe } from '@/session/useMe';

const LETTERS = 26;
const letter = (n: number) => String.fromCharCode('a'.charCodeAt(0) + n);

/** Letters that tell whose phone it was: a to z, then aa. */
export const markOf = (n: number): string => (n < LETTERS ? letter(n) : letter(Math.floor(n / LETTERS) - 1) + letter(n % LETTERS));

/** The next tag of a unit as this phone may give it, behind those it gave already: CR2-07a. */
export function provisionalTag(nextTag: string, mark: string, given: readonly string[]): string {
  const dash = nextTag.lastIndexOf('-') + 1;
  const prefix = nextTag.slice(0, dash);
  const taken = given.filter((tag) => tag.startsWith(prefix)).map((tag) => parseInt(tag.slice(dash), 10));
  const number = Math.max(Number(nextTag.slice(dash)), ...taken.map((n) => n + 1));
  return `${prefix}${String(number).padStart(2, '0')}${mark}`;
}

/** Provisional tags that joints on their way to the server carry. */
const givenBy = (kept: readonly Command[]): readonly string[] =>
  kept.filter(goes('putJoint')).flatMap((command) => bodyOf<PutJointRequest>(command).calledAs ?? []);

/** What a joint that is added now is called until the server gives it a tag: whether there is a signal nobody knows before it is sent. */
export function useProvisionalTag(): (job: Pick<JobView, 'nextTag'>) => Pick<PutJointRequest, 'calledAs'> {
  const me = useMe()?.person.id;
  const people = usePeopleIds();
  const kept = useUnrefused();
  return ({ nextTag }) => {
    const place = people.indexOf(me ?? '');
    return place >= 0 ? { calledAs: provisionalTag(nextTag, markOf(place), givenBy(kept)) } : {};
  };
}
