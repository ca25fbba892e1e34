// Runs the engine's tests in one process for the planter of faults: with Jest between them one fault takes a second, without a tenth of it.
import { declareClassPlugin, PluginKind } from '@stryker-mutator/api/plugin';
import { determineHitLimitReached, DryRunStatus, TestStatus, toMutantRunResult } from '@stryker-mutator/api/test-runner';
import { INSTRUMENTER_CONSTANTS } from '@stryker-mutator/api/core';
import { createRequire } from 'node:module';
import path from 'node:path';
import { loadTests, bundleTests } from './testBundle.mjs';

/** Of other folders only tests quicker than this are asked [ms]: a few long ones would take most of the time, and see little that others do not. */
const QUICK_MS = 120;
/** Whole answers kept from before: long, and what sees most. */
const ALWAYS = /\/golden\//;
/** Code that may hold a fault at every turn is slower: its time says nothing. */
const TIMED = /within \d+ ms|less than a frame/;

const require = createRequire(import.meta.url);
const planted = () => (globalThis[INSTRUMENTER_CONSTANTS.NAMESPACE] ??= {});
const folderOf = (file) =>
  file
    .split(path.sep)
    .join('/')
    .match(/(?:core|contract)\/src\/([^/]+)\//)?.[1];

class InProcessRunner {
  #tests = [];
  #bundle = '';

  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    this.#bundle = path.resolve(`tests-of-${process.pid}.cjs`);
    await bundleTests(process.cwd(), this.#bundle);
    this.#load();
  }

  #load() {
    delete require.cache[this.#bundle];
    this.#tests = loadTests(() => require(this.#bundle)).filter((test) => !TIMED.test(test.name));
  }

  async dryRun() {
    const results = [];
    for (const test of this.#tests) {
      planted().currentTestId = test.id;
      const result = await ran(test);
      planted().currentTestId = undefined;
      test.milliseconds = result.timeSpentMs;
      results.push(result);
    }
    return { status: DryRunStatus.Complete, tests: results, mutantCoverage: planted().mutantCoverage };
  }

  async mutantRun({ activeMutant, testFilter, hitLimit, mutantActivation, reloadEnvironment, sandboxFileName }) {
    const now = planted();
    Object.assign(now, { hitLimit, hitCount: hitLimit === undefined ? undefined : 0 });
    if (mutantActivation === 'static') now.activeMutant = activeMutant.id;
    const times = new Map(this.#tests.map((test) => [test.id, test.milliseconds]));
    if (reloadEnvironment) this.#load();
    for (const test of this.#tests) test.milliseconds ??= times.get(test.id);
    now.activeMutant = activeMutant.id;
    const found = await this.#firstFailing(testFilter, sandboxFileName);
    Object.assign(now, { activeMutant: undefined, hitLimit: undefined });
    return toMutantRunResult(determineHitLimitReached(now.hitCount, hitLimit) ?? { status: DryRunStatus.Complete, tests: found });
  }

  /** Tests of the fault's own folder first, the quick before the slow, until one fails. */
  async #firstFailing(testFilter, sandboxFileName) {
    const folder = folderOf(sandboxFileName);
    const isOwn = (test) => folderOf(test.file) === folder;
    const asked = this.#tests.filter(
      (test) => (!testFilter || testFilter.includes(test.id)) && (isOwn(test) || ALWAYS.test(test.file) || !(test.milliseconds > QUICK_MS)),
    );
    asked.sort((a, b) => Number(isOwn(b)) - Number(isOwn(a)) || a.milliseconds - b.milliseconds);
    const results = [];
    for (const test of asked) {
      const result = await ran(test);
      results.push(result);
      if (result.status === TestStatus.Failed) break;
    }
    return results;
  }
}

async function ran({ id, name, run, file }) {
  const began = performance.now();
  const outcome = { id, name, fileName: file };
  try {
    await run();
    return { ...outcome, status: TestStatus.Success, timeSpentMs: performance.now() - began };
  } catch (error) {
    return {
      ...outcome,
      status: TestStatus.Failed,
      failureMessage: String(error?.message ?? error),
      timeSpentMs: performance.now() - began,
    };
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'in-process', InProcessRunner)];
