import type { CircuitGraph } from '@kesto/core';
import { get, put } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { DrawingView, Drawn } from './types';

export const CIRCUIT_ROUTES = {
  drawing: get<Drawn>()('/api/circuits/:circuit/drawing', { summary: 'A circuit as it is drawn', roles: EVERYBODY }),
  putDrawing: put<CircuitGraph, DrawingView>()('/api/circuits/:circuit/drawings/:drawing', {
    summary: 'Draw a circuit, or draw it anew',
    roles: MAKERS,
  }),
} as const;
