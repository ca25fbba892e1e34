import type { CircuitGraph } from '@kesto/core';
import type { Chosen } from '@/drawing/circuit/Targets';

/** One step of drawing: the circuit after it, and what is chosen then. */
export type Draw = (graph: CircuitGraph, then: Chosen) => void;
