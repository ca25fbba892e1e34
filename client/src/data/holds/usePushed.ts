import { WATCH_PATH, type FromWatcher, type ToWatcher } from '@kesto/contract';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { useEffect, useState } from 'react';
import { useDispatch } from 'react-redux';
import { openLine } from '@/api/line';
import { useMe } from '@/session/useMe';
import { holdApi } from './api';

/** A line that broke is opened again after so long [ms]. */
const AGAIN_MS = 3000;

type Watched = FromWatcher['watch'];
type ApiDispatch = ThunkDispatch<{ readonly api: ReturnType<typeof holdApi.reducer> }, unknown, UnknownAction>;

/**
 * Is told what instruments send of a hold or a pull as it comes, while it is watched: the newest picture stands where a request would have
 * put it.
 *
 * @returns  whether the line stands; without it whoever watches asks
 */
export function usePushed({ of, job, id, by = null }: Watched, isWatched: boolean): boolean {
  const dispatch = useDispatch<ApiDispatch>();
  const person = useMe()?.person.id;
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    if (!isWatched || !person) return;
    let line: WebSocket | null = null;
    let again: ReturnType<typeof setTimeout> | undefined;
    let isLeft = false;
    const open = () => {
      line = openLine(WATCH_PATH);
      line.onopen = () => line?.send(JSON.stringify({ watch: { of, job, id, by }, person } satisfies FromWatcher));
      line.onmessage = ({ data }) => {
        const said = JSON.parse(String(data)) as ToWatcher; // cast: this server's own
        if ('refused' in said) return;
        setOpen(true);
        if ('hold' in said) void dispatch(holdApi.util.upsertQueryData('holdLive', { job, hold: id, by }, said.hold));
        else void dispatch(holdApi.util.upsertQueryData('pullLive', { job, pull: id, by }, said.pull));
      };
      line.onclose = () => {
        setOpen(false);
        if (!isLeft) again = setTimeout(open, AGAIN_MS);
      };
    };
    open();
    return () => {
      isLeft = true;
      clearTimeout(again);
      line?.close();
      setOpen(false);
    };
  }, [of, job, id, by, person, isWatched, dispatch]);
  return isOpen;
}
