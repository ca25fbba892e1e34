import { PERSON_HEADER, SITES_START, UNITS_START, type Answer, type Params, type RouteName, type Today } from '@kesto/contract/api';
import { addressOf } from '@/api/call';
import { rememberAnswer } from '@/cache';

/** What is ahead is fetched again after this. */
const FRESH_MS = 10 * 60_000;
let fetchedAt = 0;

/** Fetches the work of today's jobs onto the device, one thing after another, so that each opens without a signal later. */
export async function fetchAhead(person: string, today: Today): Promise<void> {
  if (Date.now() - fetchedAt < FRESH_MS) return;
  fetchedAt = Date.now();
  const get = async <Name extends RouteName>(name: Name, params: Params<Name>): Promise<Answer<Name>> => {
    const url = addressOf(name, params);
    const response = await fetch(url, { headers: { [PERSON_HEADER]: person } });
    if (!response.ok) throw new Error(`${url} was answered with ${response.status}`);
    const data = (await response.json()) as Answer<Name>; // cast: that is what the route answers
    await rememberAnswer(person, url, data);
    return data;
  };
  try {
    for (const name of ['van', 'getSchools', 'people'] as const) await get(name, {});
    await get('sites', { after: SITES_START });
    await get('units', { after: UNITS_START });
    for (const { id } of today.jobs) {
      const { unit, circuit, order } = await get('getJob', { job: id });
      await get('getUnit', { unit: unit.id });
      await get('unitHistory', { unit: unit.id });
      await get('sisterCharges', { unit: unit.id });
      await get('drawing', { circuit: circuit.id });
      for (const joint of order) await get('getJoint', { joint: joint.id });
    }
  } catch {
    // The signal went: the next opening begins again.
    fetchedAt = 0;
  }
}
