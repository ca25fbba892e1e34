import { get, post, type Streamed } from '../route';
import { EVERYBODY } from '../session/types';
import type { LabelKnown, ReadLabelRequest } from './types';

export const LABEL_ROUTES = {
  labelSvg: get<Streamed>()('/api/joints/:joint/label.svg', EVERYBODY),
  labelPdf: get<Streamed>()('/api/joints/:joint/label.pdf', EVERYBODY),
  labelsSvg: get<Streamed>()('/api/jobs/:job/labels.svg', EVERYBODY),
  labelsPdf: get<Streamed>()('/api/jobs/:job/labels.pdf', EVERYBODY),
  readLabel: post<ReadLabelRequest, LabelKnown>()('/api/labels', 'anyone'),
} as const;
