import type { HeatAdvice, OrderBreak, StepWhy } from '@kesto/core';

type NameOf = (id: string) => string;

/** Why a joint has its turn there. `name`: what a part or a joint is called. */
export function stepWhyText(why: StepWhy, name: NameOf = (id) => id): string {
  switch (why.code) {
    case 'bench':
      return 'on the bench: the flame stays off the unit';
    case 'out-at-port':
      return `gas leaves at ${name(why.port)}, its core out`;
    case 'out-at-joint':
      return `while ${name(why.joint)} is open, gas leaves there`;
    case 'after':
      return `after ${why.joints.map(name).join(', ')}`;
    case 'captive':
      return `before the pipe closes: ${why.names.join(', ')} threaded on`;
    case 'last':
      return 'last: nothing else is open';
  }
}

/** Which rule an order breaks, in a sentence. */
export function orderBreakText({ joint, rule, others }: OrderBreak, name: NameOf = (id) => id): string {
  const those = others.map(name).join(', ');
  switch (rule) {
    case 'no-way':
      return `${name(joint)} there has no way out for the gas`;
    case 'bench-first':
      return `${name(joint)} comes before ${those}, which is made on the bench`;
    case 'before':
      return `${name(joint)} comes before ${those}`;
    case 'melts':
      return `${name(joint)} would melt ${those} again`;
  }
}

/** What is to be said of joints that lie so near that one flame heats both. */
export function heatAdviceText({ joint, other, what }: HeatAdvice, name: NameOf = (id) => id): string {
  return what === 'apart'
    ? `${name(joint)} and ${name(other)} lie within 40 mm: put them next to each other, one heat makes both`
    : `${name(other)} takes more heat than ${name(joint)} and would melt it again: make ${name(other)} first, or both in one heat`;
}

/** Of a joint that is made in one heat with others. */
export const oneHeatText = (others: readonly string[]): string =>
  `in one heat with ${others.join(', ')}: all of them fitted, wrapped and fluxed before the flame`;

/** That there is no order, with the joints and what to open by their names. */
export const noOrderText = (joints: readonly string[], open: string, name: NameOf = (id) => id): string =>
  `No order gives the gas a way out beyond ${joints.map(name).join(', ')}: open ${name(open)}, or put a port there.`;
