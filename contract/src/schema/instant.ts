import Joi from 'joi';

const EARLIEST_YEAR = 2020;

const UTC_INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/;

/** A moment that the calendar has, in UTC, said so: 31 February and a time without a zone are nobody's. */
export const utcInstant = Joi.string()
  .custom((value: string, helpers) => {
    const at = UTC_INSTANT.test(value) ? new Date(value) : null;
    const isReal = at !== null && !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === value.slice(0, 10);
    return isReal && at.getUTCFullYear() >= EARLIEST_YEAR ? value : helpers.error('time.utc');
  })
  .messages({ 'time.utc': '{{#label}} must be a date and time in UTC, from ' + EARLIEST_YEAR + ' on, like 2026-11-26T09:30:00.000Z' });
