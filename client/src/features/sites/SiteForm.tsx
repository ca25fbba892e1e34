import type { SiteView } from '@kesto/contract';
import { writeDistance } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { siteWrite } from '@/data/units/writes';
import { useWrite } from '@/outbox';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { KeepKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const SITE = {
  name: { label: 'name of the site', kind: 'name' },
  altitude: { label: 'above the sea', kind: 'distance', hint: '0 where it is not known *', optional: true },
} as const;

/** A site's name and height: a new one, or one that is put right. */
export function SiteForm({ site, onKept }: { site: SiteView | null; onKept: () => void }) {
  const units = useUnits();
  const [id] = useState(() => site?.id ?? uuid());
  const { keep, busy, problem } = useWrite();
  const now = site ? { name: site.name, altitude: writeDistance(site.altitudeM, units) } : {};
  const figures = useFigures(`site.${site?.id ?? 'new'}`, SITE, now);
  async function store({ name, altitude }: Read<typeof SITE>): Promise<boolean> {
    const isKept = await keep(siteWrite(id, { name: name.trim(), altitude: altitude ?? { value: 0, unit: 'm' } }));
    if (isKept) onKept();
    return isKept;
  }
  return (
    <View style={arrange.stack10}>
      <Heading size={20}>{site ? `Put ${site.name} right` : 'A site'}</Heading>
      <FigureFields figures={figures} />
      <Words size={14} tone="ink2">
        {WORDS.highUpTheAir}
      </Words>
      {problem ? <Failed message={problem.message} /> : null}
      <KeepKey label={site ? WORDS.keepItSo : WORDS.keepTheSite} busy={busy} onPress={() => void figures.submit(store)} />
    </View>
  );
}
