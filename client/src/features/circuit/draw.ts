import type { CircuitGraph } from '@kesto/core';
import type { Chosen } from '@/drawing/circuit/Targets';

/** One step of drawing: the circuit after it, and what is chosen then. Steps of one move, as letters of a name, are undone as one. */
export type Draw = (graph: CircuitGraph, then: Chosen, move?: string) => void;
