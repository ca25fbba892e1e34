import type { SiteView, UnitView } from '@kesto/contract';
import { useMemo, useState } from 'react';
import type { FieldErrors, Resolver } from 'react-hook-form';
import { errorField, errorText } from '@/api/api';
import { useKeptForm } from '@/state/keptForm';
import { useUnits } from '@/state/units';
import { usePutSiteMutation, usePutUnitMutation } from './api';
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

/** The plate of a new unit, or of one that is there; kept while it is typed, stored as one unit with its site. */
export function useUnitForm(unit: UnitView | null, sites: readonly SiteView[]) {
  const units = useUnits();
  const usual = useMemo(
    () => (unit ? formOfUnit(unit, units) : newUnitForm(sites[0]?.id ?? NEW_SITE)),
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
  const [putSite, site] = usePutSiteMutation();
  const [putUnit, stored] = usePutUnitMutation();
  const [problem, setProblem] = useState<string | null>(null);

  async function store(values: UnitForm): Promise<UnitView | null> {
    const { read } = readUnit(values, units);
    if (!read) return null;
    const made = read.site ? await putSite(read.site) : { data: null };
    const result = 'error' in made && made.error ? made : await putUnit({ id: values.unitId, body: read.body });
    if (result.error) {
      const field = errorField(result.error);
      if (field === 'tag') form.setError('tag', { message: errorText(result.error) });
      setProblem(field && field !== 'tag' ? `${formPath(field)}: ${errorText(result.error)}` : errorText(result.error));
      return null;
    }
    form.forget();
    setProblem(null);
    return result.data as UnitView; // cast: a unit was put, and nothing went wrong
  }

  return { form, problem, busy: site.isLoading || stored.isLoading, store };
}
