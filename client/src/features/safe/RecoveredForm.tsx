import type { JobView } from '@kesto/contract';
import { cylinderFill, type RecoveryCylinder } from '@kesto/core';
import { formatNumber, writeMass } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { closing } from '@/features/stage/closing';
import type { StageWork } from '@/features/stage/useStage';
import { useVanStock } from '@/features/van/api';
import { useUnits } from '@/state/units';
import { FigureFields } from '@/ui/form/FigureFields';
import type { Read } from '@/ui/form/fields';
import { massKg } from '@/ui/form/si';
import { useFigures } from '@/ui/form/useFigures';
import { FlagLine } from '@/ui/Flag';
import { FrameKey, KeepKey } from '@/ui/Buttons';
import { Heading } from '@/ui/Words';

const FIGURES = {
  tare: { label: 'cylinder before', kind: 'mass', hint: 'its tare, as 12.1 kg' },
  gross: { label: 'cylinder after', kind: 'mass' },
  minutes: { label: 'minutes', kind: 'number' },
  downTo: { label: 'pulled down to', kind: 'pressure', hint: 'by the rule of the place', optional: true },
  water: { label: 'water it holds, by its stamp', kind: 'mass', hint: 'for the 80 %', optional: true },
} as const;

/** What came out, by the scale. */
export function RecoveredForm({ job, work, onKept }: { job: JobView; work: StageWork; onKept: () => void }) {
  const figures = useFigures(work.keptAs('recovered'), FIGURES);
  const units = useUnits();
  const { data: van } = useVanStock();
  const [full, setFull] = useState<number | null>(null);
  /** Its tare is the cylinder before, where it was empty. */
  const take = ({ tare, water }: RecoveryCylinder) =>
    figures.setAll({ tare: writeMass(massKg(tare), units), ...(water ? { water: writeMass(massKg(water), units) } : {}) });
  async function keep(read: Read<typeof FIGURES>): Promise<boolean> {
    const [tareKg, grossKg] = [massKg(read.tare), massKg(read.gross)];
    if (grossKg < tareKg) {
      figures.complain('gross', 'must not lie under the cylinder before');
      return false;
    }
    const water = read.water ? { waterKg: massKg(read.water) } : {};
    const fill = read.water ? cylinderFill(massKg(read.water), grossKg - tareKg, job.circuit.refrigerant) : null;
    if (fill && fill.share > 1 && !full) {
      setFull(fill.mostKg);
      return false;
    }
    const downTo = read.downTo ? { downTo: read.downTo } : {};
    return closing(onKept)(work.note('recovered', { tareKg, grossKg, minutes: read.minutes.value, ...water, ...downTo }));
  }
  return (
    <View style={{ gap: 10 }}>
      <Heading size={17}>Refrigerant out</Heading>
      <FlagLine letter="a" text="Never above 80 % of the cylinder, never warmer than 52 °C. One refrigerant to a cylinder." />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(van?.recovery ?? []).map((cylinder) => (
          <FrameKey key={cylinder.id} label={cylinder.name} onPress={() => take(cylinder)} />
        ))}
      </View>
      <FigureFields figures={figures} />
      {full ? (
        <FlagLine
          stop
          letter="b"
          text={`This cylinder takes ${formatNumber(full, 1)} kg of ${job.circuit.refrigerant} at 80 %: it is overfilled. Take some out before it warms. Keep it again to note what is so.`}
        />
      ) : null}
      <KeepKey label="Keep what came out" busy={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
