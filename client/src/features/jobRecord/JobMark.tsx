import { anyBreakText } from '@kesto/contract/wording';
import type { CheckedChain } from '@kesto/core';
import type { SealedJobVerification } from '@kesto/core/tree';
import { View } from 'react-native';
import { Findings, hashInFours, SealMark } from '@/features/chain';
import { arrange } from '@/ui/arrange';
import { Cross, Tick } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from './words';

const nameOf = ({ of, name }: { readonly of: 'job' | 'joint'; readonly name: string }) => (of === 'job' ? `job ${name}` : name);

/** Whether a job's file holds together: each of its chains with what it ends in, or the first thing that does not hold. */
export function JobMark({ found }: { found: SealedJobVerification }) {
  return (
    <View style={arrange.stack8} aria-live="polite" testID="job-integrity">
      <View style={arrange.level10}>
        {found.intact ? <Tick /> : <Cross />}
        <Heading size={20} style={arrange.fill}>
          {found.intact
            ? `Job ${found.job}: ${found.chains.length} ${found.chains.length === 1 ? 'chain' : 'chains'}, unbroken`
            : `Broken in ${found.firstBroken.in}`}
        </Heading>
      </View>
      {found.intact ? (
        <>
          {found.chains.map((chain) => (
            <Ending key={`${chain.of} ${chain.name}`} name={nameOf(chain)} chain={chain} />
          ))}
          <Words size={14} tone="ink2">
            {WORDS.everyPart}
          </Words>
          <SealMark signed={found.signed} older={found.older} />
        </>
      ) : (
        <Words size={15} tone="red">
          {found.firstBroken.entry === undefined ? '' : `entry ${found.firstBroken.entry}: `}
          {anyBreakText(found.firstBroken.why)}
        </Words>
      )}
    </View>
  );
}

function Ending({ name, chain: { entries, head, findings } }: { name: string; chain: CheckedChain }) {
  const t = useTokens();
  return (
    <View style={{ borderLeftWidth: 4, borderColor: t.teal, paddingLeft: 10, gap: 2 }}>
      <Words size={15} bold>
        {WORDS.endsIn(name, entries, entries === 1 ? 'entry' : 'entries')}
      </Words>
      <Mono size={14} bold={false}>
        {hashInFours(head)}
      </Mono>
      <Findings findings={findings} />
    </View>
  );
}
