import type { SiteView } from '@kesto/contract';
import { useState } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { FormChoice } from '@/forms/FormFields';
import { TextField } from '@/ui/UnitField';
import { NEW_SITE, type UnitForm } from './unitForm';
import { WORDS } from './words';

/** So many stand side by side; of more, those whose names hold what is typed. */
const MOST_SHOWN = 12;

/** Where a machine stands: one of the sites, found by letters of its name where they are many, or a new one. */
export function SiteChoice({ control, sites }: { control: Control<UnitForm>; sites: readonly SiteView[] }) {
  const chosen = useWatch({ control, name: 'siteId' });
  const [letters, setLetters] = useState('');
  const found = sites.filter(({ name }) => name.toLowerCase().includes(letters.trim().toLowerCase()));
  const shown = found.slice(0, MOST_SHOWN);
  const one = sites.find(({ id }) => id === chosen);
  const listed = one && !shown.includes(one) ? [one, ...shown] : shown;
  const options = [...listed.map(({ id, name }) => ({ value: id, label: name })), { value: NEW_SITE, label: WORDS.newSite }];
  return (
    <>
      {sites.length > MOST_SHOWN ? (
        <TextField
          label={WORDS.findSite}
          value={letters}
          onChange={setLetters}
          hint={found.length > shown.length ? WORDS.findSiteHint(found.length - shown.length) : undefined}
        />
      ) : null}
      <FormChoice<UnitForm> control={control} name="siteId" label={WORDS.site} options={options} />
    </>
  );
}
