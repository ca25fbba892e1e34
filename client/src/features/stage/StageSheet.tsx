import type { JobView } from '@kesto/contract';
import { useState, type ReactNode } from 'react';
import { jobCells } from '@/data/jobs/cells';
import type { StageWork } from '@/data/stages/useStage';
import { Sheet, type SheetAction, type SheetProps } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { BendsAsked, useBendsAction } from './BendsAsked';
import { Leaving } from './Leaving';
import { WORDS } from './words';

interface StageSheetProps {
  readonly job: JobView;
  readonly work: StageWork;
  readonly title: string;
  readonly subtitle?: string;
  /** What skipping it means. */
  readonly skipSays: string;
  /** Null for whoever may not. */
  readonly action: SheetAction | null;
  readonly why?: string | undefined;
  readonly headerRight?: ReactNode;
  readonly aside: ReactNode;
  /** A form over the sheet; the round key closes it. */
  readonly over?: { readonly content: ReactNode; readonly onClose: () => void } | null;
  /** Keys beside skipping and waiting, under “more”. */
  readonly more?: (close: () => void) => ReactNode;
  readonly children: ReactNode;
}

/** The sheet of a stage: its one action, a form over it, and how the stage is left. */
export function StageSheet({
  job,
  work,
  title,
  subtitle,
  skipSays,
  action,
  why,
  headerRight,
  aside,
  over = null,
  more,
  children,
}: StageSheetProps) {
  const [leaving, setLeaving] = useState(false);
  const onward = useBendsAction(work, action);
  const isOpen = leaving || over !== null;
  const close = () => {
    setLeaving(false);
    over?.onClose();
  };
  const round: SheetProps['round'] = {
    label: isOpen ? 'close' : 'more',
    pressed: isOpen,
    onPress: isOpen ? close : () => setLeaving(true),
  };
  return (
    <Sheet
      tag={job.unit.tag}
      title={title}
      subtitle={subtitle ?? WORDS.job(job.number, job.title)}
      up={{ label: WORDS.jobOf(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      headerRight={headerRight}
      action={isOpen ? undefined : (onward ?? undefined)}
      round={work.mayMake ? round : undefined}
      why={why}
      over={
        over ? (
          over.content
        ) : leaving ? (
          <>
            {more?.(close)}
            <Leaving work={work} skipSays={skipSays} onKept={close} />
          </>
        ) : null
      }
      overOpen={isOpen}
      aside={aside}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {work.mayMake ? <BendsAsked work={work} /> : null}
      {children}
    </Sheet>
  );
}
