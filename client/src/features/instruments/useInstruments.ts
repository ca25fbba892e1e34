import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { useDemoPeopleQuery } from '@/api/sessionApi';
import { useSetPairingMutation, useSetSeriesEndMutation, useSetStandInMutation } from '@/data/holds/api';
import { thing, useIsOnItsWay } from '@/outbox';

export const SPEEDS = [
  { value: '1', label: 'true time' },
  { value: '10', label: '10 times' },
  { value: '60', label: '60 times' },
  { value: '300', label: '300 times' },
] as const;
type Speed = (typeof SPEEDS)[number]['value'];

/** How an instrument is let in: a code, or in the demo a stand-in. */
export function useInstruments(job: string, hold: string) {
  const { data: people } = useDemoPeopleQuery();
  const [askCode, code] = useSetPairingMutation();
  const [askEnd, end] = useSetSeriesEndMutation();
  const [askStandIn, standIn] = useSetStandInMutation();
  // What an instrument would speak of may itself be on its way yet.
  const isOnItsWay = useIsOnItsWay([thing.job(job)]);
  const [speed, setSpeed] = useState<Speed>('60');
  const [dropsOut, setDropsOut] = useState(false);
  const failed = code.error ?? standIn.error ?? end.error;
  return {
    ...{ speed, setSpeed, dropsOut, setDropsOut },
    isDemo: (people?.length ?? 0) > 0,
    code: code.data ?? null,
    isOnItsWay,
    busy: code.isLoading || standIn.isLoading || isOnItsWay,
    problem: failed ? errorText(failed) : null,
    end: (series: string) => void askEnd({ job, series }),
    pair: () => void askCode({ job, pairing: uuid(), body: { hold } }),
    standIn: () => void askStandIn({ job, standIn: uuid(), body: { hold, factor: Number(speed), dropsOut } }),
  };
}
