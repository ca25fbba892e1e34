import { FOUND_KEYS, foundAddress, type FoundAsked } from '@kesto/contract/api';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { addressOf } from '@/api/call';
import { saveFrom } from '@/api/saveFrom';
import { useFoundInfiniteQuery } from '@/data/found/api';
import { WORDS } from './words';

/** What an address says behind its question mark. */
export type Said = Readonly<Record<string, string>>;

/** What the address asks: it can be kept, sent and opened again. */
function useAsked(params: Said): FoundAsked {
  const key = FOUND_KEYS.map((name) => params[name] ?? '').join('\n');
  return useMemo(
    () => Object.fromEntries(FOUND_KEYS.flatMap((name, i) => (key.split('\n')[i] ? [[name, key.split('\n')[i]]] : []))),
    [key],
  );
}

const copied = async (): Promise<string> => {
  try {
    await navigator.clipboard.writeText(globalThis.location.href);
    return WORDS.copied;
  } catch {
    return WORDS.notCopied;
  }
};

/** Joints as the address asks for them, page by page. */
export function useFound(params: Said) {
  const router = useRouter();
  const asked = useAsked(params);
  const query = useFoundInfiniteQuery(asked);
  const [said, setSaid] = useState<string | null>(null);
  const pages = query.data?.pages ?? [];
  return {
    query,
    asked,
    said,
    joints: useMemo(() => (query.data?.pages ?? []).flatMap(({ joints }) => joints), [query.data]),
    count: pages[0]?.count ?? null,
    isBehind: pages.at(-1)?.isBehind ?? false,
    hasMore: query.hasNextPage,
    isFetchingMore: query.isFetchingNextPage,
    fetchMore: () => void query.fetchNextPage(),
    ask: (next: FoundAsked) => {
      const address = foundAddress(next);
      router.replace(address === foundAddress({}) ? '/found' : `/found?${address}`);
    },
    copyLink: () => void copied().then(setSaid),
    giveCsv: () => void saveFrom(addressOf('foundCsv', { asked: foundAddress(asked) }), 'joints.csv').then(setSaid),
  };
}
export type FoundWork = ReturnType<typeof useFound>;
