import type { Provenance } from '../provenance';

export const FLUX_CLASSES = ['FB3-A', 'FB3-C', 'FB3-D', 'FB4-A', 'FL20', 'Cs-Al-F'] as const;
export type FluxClass = (typeof FLUX_CLASSES)[number];

export interface FluxRow extends Provenance {
  readonly class: FluxClass;
  readonly iso: string | null;
  readonly activeFromC: number;
  readonly activeToC: number;
}

const AWS = 'AWS A5.31';

export const FLUXES: Readonly<Record<FluxClass, FluxRow>> = {
  'FB3-A': { class: 'FB3-A', iso: 'FH10', activeFromC: 565, activeToC: 870, source: AWS, confidence: 'medium' },
  'FB3-C': { class: 'FB3-C', iso: 'FH12', activeFromC: 565, activeToC: 925, source: AWS, confidence: 'medium' },
  'FB3-D': { class: 'FB3-D', iso: 'FH21', activeFromC: 760, activeToC: 1205, source: AWS, confidence: 'medium' },
  'FB4-A': { class: 'FB4-A', iso: 'FH11', activeFromC: 595, activeToC: 870, source: AWS, confidence: 'medium' },
  FL20: {
    class: 'FL20',
    iso: 'FL20',
    activeFromC: 550,
    activeToC: 620,
    source: 'ISO 18496, fluorides: active from 550 °C, does not corrode; upper end as the aluminium it is used on',
    confidence: 'medium',
  },
  'Cs-Al-F': {
    class: 'Cs-Al-F',
    iso: null,
    activeFromC: 350,
    activeToC: 480,
    source: 'caesium fluoride flux, makers’ figures: active about 420-480 °C, quoted from 350 °C',
    confidence: 'low',
  },
};

/** Temperatures at which a white borate-fluoride flux shows how hot the joint is. */
export const FLUX_SIGNS = { boilsC: 100, puffyC: 315, milkyC: 427, clearC: 593 } as const;
