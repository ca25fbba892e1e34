import { get, post, type Streamed } from '../route';
import { EVERYBODY } from '../session/types';
import type { LabelKnown, ReadLabelRequest } from './types';

export const LABEL_ROUTES = {
  labelSvg: get<Streamed>()('/api/joints/:joint/label.svg', {
    summary: 'A label for a joint: its code opens the record',
    roles: EVERYBODY,
  }),
  labelPdf: get<Streamed>()('/api/joints/:joint/label.pdf', { summary: 'A label for a joint, to print', roles: EVERYBODY }),
  labelsSvg: get<Streamed>()('/api/jobs/:job/labels.svg', { summary: 'Labels for every made joint of a job', roles: EVERYBODY }),
  labelsPdf: get<Streamed>()('/api/jobs/:job/labels.pdf', { summary: 'Labels for every made joint of a job, to print', roles: EVERYBODY }),
  readLabel: post<ReadLabelRequest, LabelKnown>()('/api/labels', {
    summary: 'Whether a shop here knows what a label says, and no more',
    roles: 'anyone',
  }),
} as const;
