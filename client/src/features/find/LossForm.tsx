import type { JobView } from '@kesto/contract';
import { writeMass } from '@kesto/core/unit';
import { View } from 'react-native';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import { useUnits } from '@/session/units';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { massKg } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { arrange } from '@/ui/arrange';
import { KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

const FIGURES = {
  lost: { label: 'added, or missing', kind: 'mass', hint: 'as 410 g, 5lb 2oz' },
  days: { label: 'in how many days', kind: 'number', hint: 'since it was full' },
  charge: { label: 'whole charge by the plate', kind: 'mass', hint: 'as 3.2 kg', optional: true },
} as const;

/** The loss that has to be explained: what was added, and since when. */
export function LossForm({ job, work, onKept }: { job: JobView; work: StageWork; onKept: () => void }) {
  const units = useUnits();
  const plate = job.circuit.chargeKg;
  const figures = useFigures(work.keptAs('loss'), FIGURES, plate === undefined ? {} : { charge: writeMass(plate, units) });
  const keep = ({ lost, days, charge }: Read<typeof FIGURES>) =>
    closing(onKept)(work.note('loss', { lostKg: massKg(lost), days: days.value, ...(charge ? { chargeKg: massKg(charge) } : {}) }));
  return (
    <View style={arrange.stack10}>
      <Heading size={17}>{WORDS.lost}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.itSaysHowLarge}
      </Words>
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.keepTheLoss} busy={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
