import type { CircuitGraph } from '@kesto/core';
import { get, put } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { DrawingView, Drawn } from './types';

export const CIRCUIT_ROUTES = {
  drawing: get<Drawn>()('/api/circuits/:circuit/drawing', EVERYBODY),
  putDrawing: put<CircuitGraph, DrawingView>()('/api/circuits/:circuit/drawings/:drawing', MAKERS),
} as const;
