import { unitRequestOf, type PutUnitRequest, type SiteView, type UnitView } from '@kesto/contract';
import type { UnitPreferences } from '@kesto/core';
import { useEffect, useMemo } from 'react';
import type { FieldErrors, Resolver } from 'react-hook-form';
import { useKeptForm } from '@/forms/keptForm';
import { useUnits } from '@/session/units';
import { onExact, useWrite, type Refusal } from '@/outbox';
import { siteWrite, unitWrite } from '@/data/units/writes';
import { formOfUnit, formPath, newUnitForm, NEW_SITE, readUnit, type UnitForm } from './unitForm';

/** `circuits.0.highSide` and its sentence, as the form library nests them. */
function nested(problems: Readonly<Record<string, string>>): FieldErrors<UnitForm> {
  const errors: Record<string, unknown> = {};
  for (const [path, message] of Object.entries(problems)) {
    const keys = path.split('.');
    const last = keys.pop() ?? '';
    const holder = keys.reduce<Record<string, unknown>>((at, key) => (at[key] ??= {}) as Record<string, unknown>, errors); // cast: made on the way
    holder[last] = { type: 'read', message };
  }
  return errors as FieldErrors<UnitForm>; // cast: the shape follows the form's own paths
}

const problemText = ({ message, field }: Refusal) => (field && field !== 'tag' ? `${formPath(field)}: ${message}` : message);

/** A figure that nobody touched goes as it stood, not as the form rounded it. */
function exactBody(from: UnitView | null, typed: PutUnitRequest, units: UnitPreferences): PutUnitRequest {
  if (!from) return typed;
  const inForm = readUnit(formOfUnit(from, units), units).read?.body;
  return onExact(unitRequestOf(from), inForm, typed) as PutUnitRequest; // cast: plates merged are a plate
}

/** The plate of a new unit, or of one that is there; kept while it is typed, stored as one unit with its site. */
export function useUnitForm(unit: UnitView | null, sites: readonly SiteView[], site?: string) {
  const units = useUnits();
  const usual = useMemo(
    () => (unit ? formOfUnit(unit, units) : newUnitForm((sites.length > 0 && site) || (sites[0]?.id ?? NEW_SITE))),
    // Made once: what is typed must not be swept away when a list is fetched anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [],
  );
  const resolver = useMemo<Resolver<UnitForm>>(
    () => (values) => {
      const { read, problems } = readUnit(values, units);
      return read ? { values, errors: {} } : { values: {}, errors: nested(problems) };
    },
    [units],
  );
  const form = useKeptForm<UnitForm>(unit ? `unit.${unit.id}` : 'unit.new', usual, resolver);
  const { keep, busy, problem } = useWrite();
  const { setError } = form;
  useEffect(() => {
    if (problem?.field === 'tag') setError('tag', { message: problem.message });
  }, [problem, setError]);

  /** True once the unit, and its site where that is new, are safe on the device. */
  async function store(values: UnitForm): Promise<boolean> {
    const { read } = readUnit(values, units);
    if (!read || (read.site && !(await keep(siteWrite(read.site.id, read.site.body))))) return false;
    if (!(await keep(unitWrite(values.unitId, exactBody(values.from, read.body, units), values.from)))) return false;
    form.forget();
    return true;
  }

  return { form, problem: problem && problemText(problem), busy, store };
}
