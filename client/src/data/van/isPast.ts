import { parseISO } from 'date-fns/parseISO';

export const isPast = (day: string | undefined): boolean => day !== undefined && parseISO(day) < new Date();
