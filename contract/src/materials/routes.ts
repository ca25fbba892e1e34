import { get, type Streamed } from '../route';
import { EVERYBODY } from '../session/types';

export const MATERIAL_ROUTES = {
  materialsCsv: get<Streamed>()('/api/jobs/:job/materials.csv', EVERYBODY),
} as const;
