import Joi from 'joi';
import { ENTRY_ROUTE_NAMES, MOST_ENTRIES_AT_ONCE, type SendEntriesRequest, type SentEntry } from './types';

const sentEntry = Joi.object<SentEntry>({
  route: Joi.string()
    .valid(...ENTRY_ROUTE_NAMES)
    .required(),
  params: Joi.object()
    .pattern(Joi.string().valid('joint', 'job', 'entry'), Joi.string().max(40))
    .required(),
  // What is wrong with one is that one’s answer: checked by the schema of its own route, one by one.
  body: Joi.object().unknown().required(),
});

export const sendEntriesRequest = Joi.object<SendEntriesRequest>({
  entries: Joi.array().items(sentEntry).min(1).max(MOST_ENTRIES_AT_ONCE).required(),
});
