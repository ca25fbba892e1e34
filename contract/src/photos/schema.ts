import Joi from 'joi';

/** Photos by the hash of their bytes. */
export const photoHashes = Joi.array()
  .max(20)
  .items(Joi.string().pattern(/^[0-9a-f]{64}$/, 'SHA-256 in hex'));
