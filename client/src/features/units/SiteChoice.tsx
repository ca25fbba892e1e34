import { useState } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { useSite, useSites, useSitesFound } from '@/data/units/api';
import { FormChoice } from '@/forms/FormFields';
import { TextField } from '@/ui/UnitField';
import { NEW_SITE, type UnitForm } from './unitForm';
import { WORDS } from './words';

/** So many stand side by side; of more, those whose names hold what is typed. */
const MOST_SHOWN = 12;

/** Where a machine stands: one of the sites, found by letters of its name where they are many, or a new one. */
export function SiteChoice({ control }: { control: Control<UnitForm> }) {
  const chosen = useWatch({ control, name: 'siteId' });
  const [letters, setLetters] = useState('');
  const { sites: found } = useSitesFound(letters);
  const { data: sites = [], more } = useSites();
  const shown = found.slice(0, MOST_SHOWN);
  const one = useSite(chosen === NEW_SITE ? null : chosen);
  const listed = one && !shown.some(({ id }) => id === one.id) ? [one, ...shown] : shown;
  const rest = found.length - shown.length;
  const options = [...listed.map(({ id, name }) => ({ value: id, label: name })), { value: NEW_SITE, label: WORDS.newSite }];
  return (
    <>
      {sites.length > MOST_SHOWN ? (
        <TextField
          label={WORDS.findSite}
          value={letters}
          onChange={setLetters}
          hint={more ? WORDS.findSiteOfMany : rest > 0 ? WORDS.findSiteHint(rest) : undefined}
        />
      ) : null}
      <FormChoice<UnitForm> control={control} name="siteId" label={WORDS.site} options={options} />
    </>
  );
}
