import Joi from 'joi';
import { utcInstant } from '../schema/instant';
import type { KeepReportRequest } from './types';

export const keepReportRequest = Joi.object<KeepReportRequest>({ deviceTime: utcInstant.required() });
