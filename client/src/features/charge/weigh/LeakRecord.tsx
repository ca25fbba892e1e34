import { formatNumber } from '@kesto/core/unit';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { ChargeWeighWork } from './useChargeWeigh';

/** The leak rate in both usual forms, and what the law of the place asks for. */
export function LeakRecord({ weigh: { rates, law } }: { weigh: ChargeWeighWork }) {
  const duty = law?.repair ?? null;
  const worst = rates ? Math.max(rates.annualised, rates.rolling) : null;
  const isOver = duty !== null && worst !== null && worst > duty.thresholdPercent;
  const asks = [
    ...(law?.tonnesCo2e ? [WORDS.co2(formatNumber(law.tonnesCo2e, 1))] : []),
    ...(law?.checkMonths ? [WORDS.checkEach(law.checkMonths)] : []),
    ...(duty && !isOver ? [WORDS.repairDuty(duty.thresholdPercent, duty.days)] : []),
    ...(law?.recheckDays ? [WORDS.recheck(law.recheckDays)] : []),
  ];
  return (
    <>
      {rates ? <Words size={15}>{WORDS.loses(formatNumber(rates.annualised, 0), formatNumber(rates.rolling, 0))}</Words> : null}
      {isOver ? <FlagLine stop letter="l" text={WORDS.overDuty(formatNumber(worst, 1), duty.thresholdPercent, duty.days)} /> : null}
      {asks.length > 0 ? <Words size={15}>{asks.join('; ')}</Words> : null}
    </>
  );
}
