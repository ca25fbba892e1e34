import type { JobView } from '@kesto/contract';
import { BEND_WORDS } from '@kesto/contract/wording';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { isKeptStage, openOfBends, type Bend } from '@kesto/core';
import { formatGaugePressure, gaugePascals, readingText } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { jobCells } from '@/data/jobs/cells';
import { WithJob } from '@/data/jobs/WithJob';
import { closing } from '@/data/stages/closing';
import { stageHref } from '@/data/stages/stageHref';
import { NoteForm } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Sheet, type SheetAction } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { BendPoints, type BendRowSaid } from './BendPoints';
import { PointForm } from './PointForm';
import { useBends, type BendsWork } from './useBends';
import { WORDS } from './words';

/** What bends the path of a job, and the points that it brings. */
export function BendsScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready job={job} />}</WithJob>;
}

type Panel = { readonly bend: Bend; readonly row: BendRowSaid } | { readonly leaves: Bend };

function Ready({ job }: { job: JobView }) {
  const units = useUnits();
  const bends = useBends(job);
  const { work, rosePa, others } = bends;
  const [panel, setPanel] = useState<Panel | null>(null);
  const close = () => setPanel(null);
  const onward = useOnward(job, bends);
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={WORDS.job(job.number, job.title)}
      up={{ label: WORDS.jobOf(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={panel === null ? onward : undefined}
      round={panel ? { label: WORDS.close, pressed: true, onPress: close } : undefined}
      over={
        panel === null ? null : 'row' in panel ? (
          <PointForm key={panel.row.point} bends={bends} bend={panel.bend} row={panel.row} onKept={close} />
        ) : (
          <NoteForm
            keptAs={work.keptAs(`leave.${panel.leaves}`)}
            title={BEND_WORDS[panel.leaves].name}
            fields={{ why: WORDS.leaveWhy }}
            label={WORDS.leave}
            busy={work.busy}
            onKeep={({ why = '' }) => closing(close)(bends.leave(panel.leaves, why))}
          />
        )
      }
      overOpen={panel !== null}
      aside={
        work.mayMake && others.length > 0 ? (
          <View style={styles.others}>
            <Heading size={17}>{WORDS.add}</Heading>
            {others.map((bend) => (
              <FrameKey key={bend} label={BEND_WORDS[bend].name} disabled={work.busy} onPress={() => void bends.begin(bend)} />
            ))}
          </View>
        ) : null
      }
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      <Words size={15} tone="ink2">
        {bends.bends.length === 0 ? `${WORDS.none} ${WORDS.help}` : WORDS.help}
      </Words>
      {rosePa === null ? null : (
        <FlagLine stop letter="!" text={WORDS.rose(readingText(formatGaugePressure(gaugePascals(rosePa), units)).replace(/g$/, ''))} />
      )}
      {bends.bends.map((begun) => (
        <BendPoints
          key={begun.bend}
          begun={begun}
          bends={bends}
          onOpen={(row) => setPanel({ bend: begun.bend, row })}
          onLeave={() => setPanel({ leaves: begun.bend })}
        />
      ))}
    </Sheet>
  );
}

/** Back to the stage that the job stands at, once nothing that bends it is asked there. */
function useOnward(job: JobView, { work, bends }: BendsWork): SheetAction | undefined {
  const router = useRouter();
  const isAsked = openOfBends(work.facts, work.stage).length > 0;
  if (bends.length === 0 || isAsked || job.done) return undefined;
  return {
    label: WORDS.onward(STAGE_WORDS[job.stage]),
    onPress: () => router.push(isKeptStage(job.stage) ? stageHref(job.id, job.stage) : `/jobs/${job.id}`),
  };
}

const styles = StyleSheet.create({ others: { gap: 8 } });
