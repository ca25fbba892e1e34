import { fork, type ChildProcess } from 'node:child_process';
import { factsIn, holdsOf, pullsOf, pumpingOf, stateAfter, type KeptPull } from '@kesto/core';
import { speedAtCircuit } from '@kesto/core/pull';
import type { StandInRequest } from '@kesto/contract';
import { AppError, notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { ToldJob } from '../jobs';
import { volumeM3Of } from './volume';

export interface StandInAsked extends StandInRequest {
  readonly shopId: string;
  readonly jobId: string;
  readonly by: string;
}

/** Instruments at machines that are only worked out: the demo's. */
export interface StandIns {
  readonly start: (asked: StandInAsked) => Promise<void>;
  /** Whether soap would bubble there. */
  readonly soap: (holdId: string, place: string) => Promise<boolean>;
  readonly stop: () => void;
}

const notHere = () => new AppError('NOT_FOUND', 'Stand-in instruments are the demo’s alone: pair a real one, or note readings by hand.');

/** Where none are taken. */
export const noStandIns: StandIns = {
  start: async () => Promise.reject(notHere()),
  soap: async () => Promise.reject(notHere()),
  stop: () => undefined,
};

/** So many at once; the oldest gives way. */
const MOST = 6;
const ANSWERS_MS = 3000;

/** Letters as a number: the same job leaks at the same place until that is mended. */
const seedOf = (text: string): number => [...text].reduce((seed, letter) => (Math.imul(seed, 31) + letter.charCodeAt(0)) >>> 0, 7);

interface Piece {
  readonly seed: number;
  readonly volumeL: number;
  readonly ambientC: number;
  readonly places: readonly string[];
}

interface Pulled {
  readonly seed: number;
  readonly volumeL: number;
  readonly coldestC: number;
  readonly pumpLPerS: number;
  readonly ultimatePa: number;
}

type Asked = { readonly beganMs: number } & (
  { readonly scenario: 'leaking' | 'tight'; readonly piece: Piece } | { readonly vacuum: 'wet' | 'dry'; readonly pulled: Pulled }
);

/** A circuit that nobody has pulled yet is wet; once it was broken with nitrogen twice it is as good as dry. */
function pulledOf(told: ToldJob, kept: KeptPull, jobId: string): Asked {
  const { volume, ambient, coldest = ambient } = kept.began.values;
  const pumping = pumpingOf(kept.began.values, told.site.altitudeM);
  const breaks = pullsOf(factsIn(told.entries)).reduce((sum, pull) => sum + pull.breaks.length, 0);
  // The hoses are reckoned at a pressure in between: this machine knows one speed.
  const speed = pumping.ok ? speedAtCircuit(pumping.value, HOSES_AT_PA) * 1000 : 1;
  return {
    beganMs: Date.parse(kept.began.at),
    vacuum: breaks >= 2 ? 'dry' : 'wet',
    pulled: {
      seed: seedOf(jobId),
      volumeL: volumeM3Of(volume) * 1000,
      coldestC: coldest.unit === 'C' ? coldest.value : 12,
      pumpLPerS: speed,
      ultimatePa: pumping.ok ? pumping.value.ultimatePa : 3,
    },
  };
}
const HOSES_AT_PA = 200;

/** What the machine is: where it leaked first it leaks until that joint is made again; then it is tight. */
async function machineOf(platform: Pick<Platform, 'store'>, { shopId, jobId, hold }: StandInAsked): Promise<Asked> {
  return platform.store.inShop(shopId, async (shop) => {
    const told = await shop.jobs.told(jobId);
    const pulled = told && pullsOf(factsIn(told.entries)).find(({ id }) => id === hold);
    if (told && pulled) return pulledOf(told, pulled, jobId);
    const kept = told && holdsOf(factsIn(told.entries)).find(({ id }) => id === hold);
    if (!told || !kept) throw notFound('This hold or pull');
    const first = [...told.joints].sort((a, b) => (a.id < b.id ? -1 : 1)).map(({ id }) => id);
    const seed = seedOf(jobId);
    const leaky = told.joints.find(({ id }) => id === first[seed % Math.max(1, first.length)]);
    const isMended =
      !leaky || leaky.facts.some(({ kind }) => kind === 'reworked') || stateAfter(leaky.facts, leaky.filler !== null) === 'cut-out';
    const { volume, ambient } = kept.began.values;
    return {
      beganMs: Date.parse(kept.began.at),
      scenario: isMended || kept.began.values.rig ? 'tight' : 'leaking',
      piece: {
        seed,
        volumeL: volumeM3Of(volume) * 1000,
        ambientC: ambient.unit === 'C' ? ambient.value : 18,
        places: leaky ? [leaky.id] : [],
      },
    };
  });
}

/**
 * Starts stand-ins as processes of their own, which speak as any instrument does.
 *
 * @param script  the stand-in's bundle
 * @param url     where instruments connect
 */
export function standIns(
  platform: Pick<Platform, 'store' | 'clock' | 'live'>,
  { script, url, demoShop }: { script: string; url: string; demoShop: string },
): StandIns {
  const running = new Map<string, ChildProcess>();
  let asked = 0;
  const end = (holdId: string) => {
    running.get(holdId)?.disconnect();
    running.delete(holdId);
  };
  return {
    async start(given) {
      if (given.shopId !== demoShop) throw notHere();
      const machine = await machineOf(platform, given);
      const { code } = platform.live.codes.make(
        { shopId: given.shopId, jobId: given.jobId, holdId: given.hold, by: given.by },
        platform.clock(),
      );
      const [oldest] = running.keys();
      if (running.size >= MOST && oldest !== undefined) end(oldest);
      if (running.has(given.hold)) end(given.hold);
      const child = fork(script, { stdio: 'ignore' });
      running.set(given.hold, child);
      child.on('exit', () => running.get(given.hold) === child && running.delete(given.hold));
      child.send({
        start: {
          url,
          code,
          name: 'vacuum' in machine ? 'stand-in vacuum gauge' : 'stand-in probe',
          factor: given.factor,
          dropsOut: given.dropsOut,
          ...machine,
        },
      });
    },
    async soap(holdId, place) {
      const child = running.get(holdId);
      if (!child) throw notFound('This stand-in');
      const id = ++asked;
      return new Promise<boolean>((resolve, reject) => {
        const late = setTimeout(() => done(() => reject(new AppError('BUSY', 'The stand-in did not answer: try again.'))), ANSWERS_MS);
        const hear = (said: { soap?: { id: number; bubbles: boolean } }) => {
          if (said.soap?.id === id) done(() => resolve(said.soap?.bubbles ?? false));
        };
        const done = (then: () => void) => {
          clearTimeout(late);
          child.off('message', hear);
          then();
        };
        child.on('message', hear);
        child.send({ soap: { id, place } });
      });
    },
    stop: () => [...running.keys()].forEach(end),
  };
}
