import type { ExportedRecord } from '../record/verify';
import { readOlderText } from '../tree/older';
import { verifySealedRecord } from '../tree/verifySealed';
import { edKey, FIVE, JOINT, signedChain } from './sealed';

export const SHOP_KEY = edKey(9);
export const CHAIN = signedChain(JOINT, FIVE, 10);

/** What is said of a file, as whoever got it reads it, held against something older. */
export const check = (file: unknown, older?: ExportedRecord) => {
  const result = verifySealedRecord(
    JSON.parse(JSON.stringify(file)),
    older ? { older: (chains) => readOlderText(JSON.stringify(older), chains) } : {},
  );
  if (!result.ok) return { refused: result.errors[0] } as const;
  return result.value.intact ? { signed: result.value.signed, reached: result.value.reached } : { why: result.value.firstBroken };
};
