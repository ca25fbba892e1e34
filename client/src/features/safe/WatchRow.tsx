import type { JobView } from '@kesto/contract';
import { watchNotWitnessedText } from '@kesto/contract/wording/stages';
import { WATCH_MINUTES, watchOf, type Watch } from '@kesto/core';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { useIsLead } from '@/session/useIsLead';
import { useMe } from '@/session/useMe';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Ring } from '@/ui/Ring';
import { useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { useNow } from '@/ui/useNow';
import { WORDS } from './words';

const LENGTHS = [WATCH_MINUTES.least, WATCH_MINUTES.usual, 120] as const;

const clock = (ms: number) => {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

/** The watch after the last flame: by the wall clock, through restarts. */
export function WatchRow({ work, job }: { work: StageWork; job: JobView }) {
  const t = useTokens();
  const [beginning, setBeginning] = useState(false);
  const watch = watchOf(work.facts, work.lastFlame);
  const running = watch !== null && watch.endedAt === null;
  const now = useNow(running);
  const isLead = useIsLead();
  if (!running)
    return (
      <View style={{ gap: 10, paddingVertical: 8, borderTopWidth: 1, borderColor: t.rule }}>
        {watch?.isNotWitnessed ? <NotWitnessed work={work} watch={watch} isLead={isLead} /> : null}
        <Words size={15} tone="ink2">
          {watch?.endedAt
            ? `Watch by ${watch.by} ended ${format(new Date(watch.endedAt), 'd MMM, HH:mm')}.`
            : 'The watch begins with the last flame.'}
        </Words>
        {work.mayMake ? (
          beginning ? (
            <Begin work={work} onKept={() => setBeginning(false)} />
          ) : (
            <View style={arrange.atStart}>
              <FrameKey label={WORDS.theLastFlameIs} onPress={() => setBeginning(true)} />
            </View>
          )
        ) : null}
      </View>
    );
  const [from, to] = [Date.parse(watch.beganAt), Date.parse(watch.endsAt)];
  const left = to - now;
  return (
    <View style={{ gap: 8, paddingVertical: 8, borderTopWidth: 1, borderColor: t.rule }}>
      <View style={arrange.level12}>
        <Ring state={left > 0 ? 'running' : 'done'} share={(now - from) / (to - from)} size={40} />
        <Mono size={28} tone="amber" aria-label={WORDS.ofTheWatchLeft(clock(left))}>
          {clock(left)}
        </Mono>
        <Words size={15} style={arrange.fill}>
          {WORDS.fireWatch(watch.by, format(new Date(to), 'HH:mm'), job.number)}
        </Words>
      </View>
      {work.mayMake && left > 0 ? <HandOver work={work} /> : null}
      {!work.mayMake ? null : left <= 0 ? (
        <FrameKey label={WORDS.watchedToTheEnd} disabled={work.busy} onPress={() => void work.note('watch-ended', {})} />
      ) : isLead ? (
        <NoteForm
          keptAs={work.keptAs('watch-ended')}
          title={WORDS.endItEarly}
          fields={{ reason: 'why' }}
          label={WORDS.endTheWatch}
          busy={work.busy}
          onKeep={({ reason = '' }) => work.note('watch-ended', { reason })}
        />
      ) : (
        <Words size={14} tone="ink2">
          {WORDS.beforeItsEndOnly}
        </Words>
      )}
    </View>
  );
}

/** Begun and ended by one device alone, and both told in one go: a lead looks into it. */
function NotWitnessed({ work, watch, isLead }: { work: StageWork; watch: Watch; isLead: boolean }) {
  return (
    <View style={arrange.stack8}>
      <Words size={15} tone="amber">
        {watchNotWitnessedText(watch)}
      </Words>
      {isLead ? (
        <NoteForm
          keptAs={work.keptAs('watch-looked-into')}
          title={WORDS.lookIntoIt}
          fields={{ found: 'what you found' }}
          label={WORDS.lookedInto}
          busy={work.busy}
          onKeep={({ found = '' }) => work.note('watch-looked-into', { found })}
        />
      ) : (
        <Words size={14} tone="ink2">
          {WORDS.aLeadOrAnAdmin}
        </Words>
      )}
    </View>
  );
}

/** Whoever goes hands the rest of it to whoever stays. */
function HandOver({ work }: { work: StageWork }) {
  const [open, setOpen] = useState(false);
  if (!open) return <FrameKey quiet label={WORDS.somebodyElseStays} onPress={() => setOpen(true)} />;
  return (
    <NoteForm
      keptAs={work.keptAs('watch-handed')}
      title={WORDS.whoStays}
      says={WORDS.theMinutesRunOn}
      fields={{ to: 'who stays' }}
      label={WORDS.itIsTheirs}
      busy={work.busy}
      onKeep={({ to = '' }) => closing(() => setOpen(false))(work.note('watch-handed', { to }))}
    />
  );
}

function Begin({ work, onKept }: { work: StageWork; onKept: () => void }) {
  const me = useMe();
  const [minutes, setMinutes] = useState<(typeof LENGTHS)[number]>(WATCH_MINUTES.usual);
  return (
    <NoteForm
      keptAs={work.keptAs('watch-began')}
      title={WORDS.beginTheWatch}
      says={WORDS.n60MinAfterThe}
      fields={{ by: 'who watches' }}
      initial={{ by: me?.person.name ?? '' }}
      label={WORDS.theWatchBegins}
      busy={work.busy}
      onKeep={({ by = '' }) => closing(onKept)(work.note('watch-began', { minutes, by }))}
    >
      <Choice
        label={WORDS.howLong}
        value={String(minutes)}
        onChange={(value) => setMinutes(LENGTHS.find((length) => String(length) === value) ?? WATCH_MINUTES.usual)}
        options={LENGTHS.map((length) => ({ value: String(length), label: `${length} min` }))}
      />
    </NoteForm>
  );
}
