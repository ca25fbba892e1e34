import type { Answer } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import type { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { useMe } from '@/session/useMe';
import { bodyOf, goes, thing, usePending, type Write } from '@/outbox';

const circuitApi = api.injectEndpoints({
  endpoints: (build) => ({
    drawing: build.query<Answer<'drawing'>, string>({
      query: (circuit) => call('drawing', { circuit }),
      providesTags: (_r, _e, id) => [{ type: 'Drawing', id }],
    }),
  }),
});

const { useDrawingQuery } = circuitApi;

/** A circuit as it was drawn last, here or by the server's word. */
export function useCircuitDrawing(circuitId: string | typeof skipToken) {
  const query = useDrawingQuery(circuitId);
  const last = usePending(typeof circuitId === 'string' ? thing.circuit(circuitId) : '').findLast(goes('putDrawing'));
  const me = useMe();
  return useMemo(() => {
    if (!last) return query;
    const drawing = { circuit: bodyOf<CircuitGraph>(last), by: me?.person.name ?? '', at: last.at };
    return { ...query, data: { drawing } };
  }, [query, last, me]);
}

export const drawingWrite = (circuitId: string, unitId: string, id: string, body: CircuitGraph): Write<'putDrawing'> => ({
  route: 'putDrawing',
  params: { circuit: circuitId, drawing: id },
  body,
  about: [thing.circuit(circuitId)],
  needs: [thing.unit(unitId)],
  makes: thing.circuit(circuitId),
  changes: [{ type: 'Drawing', id: circuitId }],
});
