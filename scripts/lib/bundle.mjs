// Bundles the workspaces' TypeScript for Node; packages from the registry stay outside.
import { build } from 'esbuild';
import path from 'node:path';

// The order matters: the longer names first.
export const WORKSPACE_ALIASES = {
  '@kesto/core/vocabulary': 'core/src/vocabulary/index.ts',
  '@kesto/core/section': 'core/src/section/outline.ts',
  '@kesto/core/heat-along': 'core/src/plan/heatAlong.ts',
  '@kesto/core/sequence': 'core/src/sequence/index.ts',
  '@kesto/core/charge': 'core/src/charge/index.ts',
  '@kesto/core/pull': 'core/src/pull/index.ts',
  '@kesto/core/label': 'core/src/tree/label.ts',
  '@kesto/core/tree': 'core/src/tree/index.ts',
  '@kesto/core/unit': 'core/src/unit/index.ts',
  '@kesto/core/golden': 'core/src/golden/asked.ts',
  '@kesto/core/refrigerant': 'core/src/refrigerant/index.ts',
  '@kesto/core': 'core/src/index.ts',
  '@kesto/contract/schemas': 'contract/src/schemas.ts',
  '@kesto/contract/summaries': 'contract/src/summaries.ts',
  '@kesto/contract/wording/record': 'contract/src/wording/en/record.ts',
  '@kesto/contract/wording/clock': 'contract/src/wording/en/clock.ts',
  '@kesto/contract/wording/stages': 'contract/src/wording/en/stages.ts',
  '@kesto/contract/wording': 'contract/src/wording/index.ts',
  '@kesto/contract/api': 'contract/src/api.ts',
  '@kesto/contract/isolate': 'contract/src/engine/isolate.ts',
  '@kesto/contract/sequence': 'contract/src/engine/sequence.ts',
  '@kesto/contract/charge': 'contract/src/engine/charge.ts',
  '@kesto/contract/pull': 'contract/src/engine/pull.ts',
  '@kesto/contract/check': 'contract/src/check/checkFile.ts',
  '@kesto/contract/refrigerant': 'contract/src/engine/refrigerant.ts',
  '@kesto/contract': 'contract/src/index.ts',
};

export async function bundle(root, entry, outfile, options = {}) {
  await build({
    absWorkingDir: root,
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    packages: 'external',
    alias: Object.fromEntries(Object.entries(WORKSPACE_ALIASES).map(([name, file]) => [name, path.join(root, file)])),
    logLevel: 'warning',
    ...options,
  });
}
