import { anyBreakText, findingText } from '@kesto/contract/wording';
import type { Finding } from '@kesto/core';
import type { SealedVerification } from '@kesto/core/tree';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { Cross, Tick } from '@/ui/marks';
import { Heading, Mono, Words } from '@/ui/Words';
import { SealMark } from './SealMark';
import { WORDS } from './words';

type Intact = Extract<SealedVerification, { intact: true }>;

export type Integrity =
  | { readonly status: 'unchecked' | 'checking' }
  | { readonly status: 'intact'; readonly found: Intact }
  | { readonly status: 'broken'; readonly found: Extract<SealedVerification, { intact: false }>['firstBroken'] }
  | { readonly status: 'failed'; readonly message: string };

export const integrityOf = (verification: SealedVerification): Integrity =>
  verification.intact ? { status: 'intact', found: verification } : { status: 'broken', found: verification.firstBroken };

/** The entry at which a chain stops holding, counted from 1; null where it is not one entry's fault. */
export const brokenEntry = (integrity: Integrity): number | null =>
  integrity.status === 'broken' ? (integrity.found.entry ?? null) : null;

const countText = (entries: number) => `${entries} ${entries === 1 ? 'entry' : 'entries'}`;

function headline(integrity: Integrity, entries: number): string {
  switch (integrity.status) {
    case 'unchecked':
      return `${countText(entries)}, not checked yet`;
    case 'checking':
      return 'checking every link';
    case 'intact':
      return `${countText(integrity.found.entries)}, unbroken`;
    case 'broken':
      return `Broken${integrity.found.entry === undefined ? '' : ` at entry ${integrity.found.entry}`}: ${anyBreakText(integrity.found.why)}`;
    case 'failed':
      return integrity.message;
  }
}

/** A hash as a person reads it against paper: in fours, four to a line. */
export const hashInFours = (hash: string): string => hash.replace(/(.{4})(?=.)/g, '$1 ');

function notedWords({ noted }: Intact): string | null {
  if (!noted) return null;
  if (noted.isLast) return 'The hash you noted is the last one: nothing was added since, nothing taken away.';
  return `The hash you noted is in the chain, ${noted.entriesAfter} ${noted.entriesAfter === 1 ? 'entry follows' : 'entries follow'} it.`;
}

/** What is to be said of entries of a chain that holds. */
export function Findings({ findings }: { findings: readonly Finding[] }) {
  return findings.map(({ entry, what }) => (
    <Words key={`${entry} ${what}`} size={14} tone="amber">
      {WORDS.entry(entry, findingText(what))}
    </Words>
  ));
}

function Head({ found }: { found: Intact }) {
  const noted = notedWords(found);
  return (
    <View style={arrange.stack4}>
      {noted ? <Words bold>{noted}</Words> : null}
      <Words size={14} tone="ink2">
        {WORDS.everyEntrysHash(found.reached.includes('worked-again') ? ', and the plan was worked out again' : '')}
      </Words>
      <SealMark signed={found.signed} older={found.older} />
      <Findings findings={found.findings} />
      <Words size={14} bold>{`${countText(found.entries)}, ends in`}</Words>
      <Mono size={14} bold={false} testID="head">
        {hashInFours(found.head)}
      </Mono>
    </View>
  );
}

/** Whether a record holds together, as far as this screen has looked. */
export function IntegrityMark({ integrity, entries }: { integrity: Integrity; entries: number }) {
  const { status } = integrity;
  return (
    <View style={arrange.stack2} aria-live="polite" testID="integrity">
      <View style={arrange.level10}>
        {status === 'intact' ? <Tick /> : status === 'broken' || status === 'failed' ? <Cross /> : null}
        <Heading size={20} style={arrange.fill}>
          {headline(integrity, entries)}
        </Heading>
      </View>
      {status === 'intact' ? <Head found={integrity.found} /> : null}
    </View>
  );
}
