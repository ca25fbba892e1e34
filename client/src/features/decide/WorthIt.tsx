import type { JobView } from '@kesto/contract';
import { WORTH_WORDS } from '@kesto/contract/wording';
import { lastOf, worthRepairing, type Worth } from '@kesto/core';
import { formatNumber } from '@kesto/core/unit';
import { format } from 'date-fns/format';
import { differenceInYears } from 'date-fns/differenceInYears';
import { useState } from 'react';
import { View } from 'react-native';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import { arrange } from '@/ui/arrange';
import { CheckRow } from '@/ui/CheckRow';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const FIGURES = {
  age: { label: 'years old', kind: 'number' },
  repair: { label: 'the repair costs', kind: 'number' },
  replacement: { label: 'a new one costs', kind: 'number', hint: 'in the same currency' },
  why: { label: 'why', kind: 'words', optional: true },
} as const;

/** Whether the repair pays: by age, earlier finds, warranty and what a new one costs. */
export function WorthIt({ job, work }: { job: JobView; work: StageWork }) {
  const [open, setOpen] = useState(false);
  const kept = lastOf(work.facts, 'worth')?.values;
  return (
    <View style={arrange.stack6}>
      <Heading size={17}>{WORDS.repairOrReplace}</Heading>
      <Words size={15}>
        {kept
          ? `${kept.decided === 'repair' ? 'Repair' : 'Replace'}: ${formatNumber(kept.ageYears, 0)} years old, ${kept.earlierFinds} found before, ${formatNumber(kept.repair, 0)} against ${formatNumber(kept.replacement, 0)}.${kept.why ? ` ${kept.why}` : ''}`
          : 'Worked out from age, what was found before, and what a new one costs.'}
      </Words>
      <Dates job={job} />
      {!work.mayNote ? null : open ? (
        <WorthForm job={job} work={work} onKept={() => setOpen(false)} />
      ) : (
        <View style={arrange.atStart}>
          <FrameKey label={kept ? WORDS.workItOutAnew : WORDS.doesItPay} onPress={() => setOpen(true)} />
        </View>
      )}
    </View>
  );
}

/** What the nameplate says of age, warranty and registration. */
function Dates({ job: { plate } }: { job: JobView }) {
  const day = (text: string) => format(new Date(text), 'd MMM yyyy');
  const lines = [
    ...(plate.installedOn ? [`installed ${day(plate.installedOn)}`] : []),
    ...(plate.warrantyUntil ? [`warranty until ${day(plate.warrantyUntil)}`] : []),
    ...(plate.registeredOn ? [`registered ${day(plate.registeredOn)}`] : []),
  ];
  return lines.length > 0 ? (
    <Words size={14} tone="ink2">
      {lines.join(', ')}
    </Words>
  ) : null;
}

function WorthForm({ job, work, onKept }: { job: JobView; work: StageWork; onKept: () => void }) {
  const { installedOn, warrantyUntil } = job.plate;
  const figures = useFigures(
    work.keptAs('worth'),
    FIGURES,
    installedOn === undefined ? {} : { age: String(differenceInYears(new Date(), new Date(installedOn))) },
  );
  const [inWarranty, setInWarranty] = useState(warrantyUntil !== undefined && new Date(warrantyUntil) > new Date());
  const [worth, setWorth] = useState<Worth | null>(null);
  const [decided, setDecided] = useState<'repair' | 'replace' | null>(null);
  // Of this machine alone: what leaked on a sister says nothing of its age.
  const earlierFinds = job.stages.history.leaks.filter((leak) => leak.unit === undefined).length;
  const factsFrom = ({ age, repair, replacement }: Read<typeof FIGURES>) => {
    const money = { repair: repair.value, replacement: replacement.value };
    return { ageYears: age.value, ...money, inWarranty, earlierFinds };
  };
  function workOut(read: Read<typeof FIGURES>) {
    if (read.replacement.value <= 0) return figures.complain('replacement', 'must be more than nothing');
    setWorth(worthRepairing(factsFrom(read)));
  }
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    if (!worth || !decided) return false;
    const why = read.why === undefined ? {} : { why: read.why };
    return closing(onKept)(work.note('worth', { ...factsFrom(read), advice: worth.advice, decided, ...why }));
  }
  return (
    <View style={arrange.stack8}>
      <FigureFields figures={figures} of={['age', 'repair', 'replacement']} />
      <CheckRow label={WORDS.inWarranty} checked={inWarranty} onChange={setInWarranty} />
      <FrameKey label={WORDS.workItOut} onPress={() => void figures.submit(workOut)} />
      {worth ? (
        <>
          <Words bold>{WORTH_WORDS[worth.advice]}</Words>
          <Words size={15} tone="ink2">
            {WORDS.ofANewOne(formatNumber(100 * worth.share, 0), formatNumber(worth.limit, 0), earlierFinds)}
          </Words>
          <Choice
            label={WORDS.decidedLabel}
            value={decided}
            onChange={setDecided}
            options={[
              { value: 'repair', label: WORDS.repair },
              { value: 'replace', label: WORDS.replace },
            ]}
          />
          <FigureFields figures={figures} of={['why']} />
          <FrameKey
            label={work.busy ? WORDS.keeping : WORDS.keepWhatIsDecided}
            disabled={work.busy || decided === null}
            onPress={() => void figures.submit(keep)}
          />
        </>
      ) : null}
    </View>
  );
}
