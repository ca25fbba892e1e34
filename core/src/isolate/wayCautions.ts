import { caution, stopsFirst, type Caution } from '../caution/table';
import { burns, isCarbonDioxide, refrigerantName, SAFETY_CLASSES } from '../refrigerant/safetyClasses';
import { lockedIn } from './locked';
import type { IsolateRequest } from './request';
import { hasTap } from './sections';
import { namesOf, type Way } from './way';

/** Pump-down stops between 0 and this [Pa gauge]. */
const STOP_BELOW_PA = 14_000;

const nameOf = ({ refrigerant = '' }: IsolateRequest) => refrigerantName(refrigerant) ?? refrigerant;
/** Air drawn into it and compressed can burn. */
export const isFlammable = (request: IsolateRequest): boolean => burns(SAFETY_CLASSES[nameOf(request)] ?? request.safetyClass ?? null);

/** A gauge and a hose find a port on what is emptied, or on a service valve that bounds it. */
const hasPort = ({ network, emptied, close }: Way): boolean =>
  hasTap(network, emptied) || close.some((node) => network.ways(node).some((next) => network.part(next.to).kind === 'port'));

/** What can hurt somebody on this way. */
export function cautionsOf(way: Way, request: IsolateRequest): readonly Caution[] {
  const { network, close, closeAfter, open, emptied } = way;
  const locked = lockedIn(network, { shut: [...close, ...closeAfter], open, emptied }).flatMap(({ piece }) => [...piece]);
  const isPumped = way.method === 'pump-down';
  const first = namesOf(network, way.opened)[0] ?? '';
  return stopsFirst([
    ...(isPumped && closeAfter.length === 0 ? [caution('compressor-holds')] : []),
    ...(locked.length > 0 ? [caution('liquid-lock', { parts: namesOf(network, locked).join(', ') })] : []),
    ...(hasPort(way) ? [] : [caution('no-port', { part: first })]),
    ...(isPumped ? [caution('stop-above-zero', { mostPa: STOP_BELOW_PA, compressor: request.state?.compressorKind ?? 'unknown' })] : []),
    ...ofRefrigerant(request),
    ...waterFreezes(way),
  ]);
}

/** What this refrigerant does where it is let out, or air is let in. */
function ofRefrigerant(request: IsolateRequest): readonly Caution[] {
  const refrigerant = nameOf(request);
  return [
    ...(isFlammable(request) && request.state?.lowSideLeak !== false ? [caution('flammable-air', { refrigerant })] : []),
    ...(isCarbonDioxide(refrigerant) ? [caution('asphyxiant'), caution('dry-ice')] : []),
  ];
}

/** Water that stands in an exchanger freezes when refrigerant is let off beside it, and bursts it. */
function waterFreezes({ network, emptied }: Way): readonly Caution[] {
  const wet = [...emptied].filter((node) => network.part(node).water === true);
  return wet.length > 0 ? [caution('water-freezes', { parts: namesOf(network, wet).join(', ') })] : [];
}
