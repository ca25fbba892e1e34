import type { UnitView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { Fetched } from '@/api/Fetched';
import { EmptyGround } from '@/drawing/Skyline';
import { useUnit, useUnitList, type More } from '@/data/units/api';
import { MoreKey } from '@/data/units/MoreKey';
import { useWrite } from '@/outbox';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { UnitPicker } from './UnitPicker';
import { jobWrite } from '@/data/jobs/writes';
import { WORDS } from './words';

/** A job on a machine: which, and what is to be done. */
export function OpenJobScreen({ unitId }: { unitId: string | null }) {
  const query = useUnitList();
  return (
    <Fetched<readonly UnitView[]> query={query} what={WORDS.theUnits}>
      {(units) => <Ready units={units} more={query.more} unitId={unitId} />}
    </Fetched>
  );
}

const WORK = { title: { label: 'in a few words: suction valve leaks', kind: 'name', testID: 'job-title' } } as const;

function Ready({ units, more, unitId }: { units: readonly UnitView[]; more: More; unitId: string | null }) {
  const router = useRouter();
  const [picked, setPicked] = useState(unitId);
  const [circuitPicked, setCircuit] = useState<string | null>(null);
  const figures = useFigures('job.new', WORK);
  const { keep, busy, problem } = useWrite();
  const known = units.find((u) => u.id === picked);
  // One that is found by its tag may be on no page that was fetched.
  const { data: other } = useUnit(known ? null : picked);
  const unit = known ?? other ?? (units.length === 1 ? units[0] : undefined);
  const circuit = unit?.circuits.find((c) => c.id === circuitPicked) ?? unit?.circuits[0];
  async function open({ title }: Read<typeof WORK>): Promise<boolean> {
    if (!circuit || !unit) return false;
    const id = uuid();
    const isSafe = await keep(jobWrite(id, unit.id, { circuitId: circuit.id, title }));
    if (isSafe) router.replace(`/jobs/${id}`);
    return isSafe;
  }
  const addUnit = () => router.push('/units/new');
  return (
    <Sheet
      tag={unit?.tag ?? 'job'}
      title={WORDS.openAJob}
      subtitle={unit ? `${unit.name}, ${unit.site.name}` : WORDS.onWhichMachineLabel}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'job', ...(unit ? { unit: { name: unit.tag, href: `/units/${unit.id}` } } : {}) }}
      action={
        units.length === 0
          ? { label: WORDS.addTheFirstMachine, onPress: addUnit }
          : {
              label: busy ? WORDS.opening : WORDS.openTheJob,
              onPress: () => void figures.submit(open),
              disabled: !circuit || figures.textOf('title').trim() === '' || busy,
            }
      }
    >
      {units.length === 0 ? (
        <>
          <EmptyGround />
          <Empty title={WORDS.noMachineYet} text={WORDS.aJobStandsOn} />
        </>
      ) : (
        <>
          <Heading size={17}>{WORDS.onWhichMachine}</Heading>
          <UnitPicker units={unit && !known && other ? [other, ...units] : units} value={unit?.id ?? null} onPick={setPicked} />
          <MoreKey more={more} of="machines" />
          <View style={arrange.atStart}>
            <FrameKey label={WORDS.itIsNotHere} onPress={addUnit} />
          </View>
          {unit && unit.circuits.length > 1 ? (
            <Choice
              label={WORDS.whichCircuit}
              value={circuit?.id ?? null}
              options={unit.circuits.map((c) => ({ value: c.id, label: `${c.name}, ${c.refrigerant}` }))}
              onChange={setCircuit}
            />
          ) : null}
          <Heading size={17}>{WORDS.whatIsToBeDone}</Heading>
          <FigureFields figures={figures} />
          {problem ? <Failed message={problem.message} /> : null}
          <Words size={15} tone="ink2">
            {WORDS.theJointsComeNext}
          </Words>
        </>
      )}
    </Sheet>
  );
}
