// Puts the sign-in into the page itself, so that it stands while the scripts that draw it are still on the way.
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { WORKSPACE_ALIASES } from './bundle.mjs';

/** Paper asks for icons that nothing here shows. */
const noIcons = {
  name: 'no icons',
  setup(build) {
    build.onResolve({ filter: /vector-icons/ }, ({ path: name }) => ({ path: name, namespace: 'nothing' }));
    build.onLoad({ filter: /.*/, namespace: 'nothing' }, () => ({ contents: '' }));
  },
};

async function bundled(root, entry, options) {
  const { build } = await import('esbuild');
  const aliases = Object.entries(WORKSPACE_ALIASES).map(([name, file]) => [name, path.join(root, file)]);
  const { outputFiles } = await build({
    absWorkingDir: root,
    entryPoints: [entry],
    bundle: true,
    write: false,
    jsx: 'automatic',
    resolveExtensions: ['.web.tsx', '.web.ts', '.web.js', '.tsx', '.ts', '.mjs', '.js', '.json'],
    loader: { '.js': 'jsx', '.ttf': 'empty', '.png': 'empty' },
    alias: { ...Object.fromEntries(aliases), '@': path.join(root, 'client/src'), 'react-native': 'react-native-web' },
    define: { 'process.env.NODE_ENV': '"production"', 'process.env.EXPO_OS': '"web"', __DEV__: 'false' },
    logLevel: 'error',
    ...options,
  });
  return outputFiles[0].text;
}

/** What the page draws by, run here. */
async function made(root) {
  const text = await bundled(root, 'client/early/early.tsx', {
    platform: 'node',
    format: 'cjs',
    mainFields: ['browser', 'module', 'main'],
    conditions: ['browser'],
    plugins: [noIcons],
  });
  const module = { exports: {} };
  new Function('module', 'exports', 'require', text)(module, module.exports, createRequire(path.join(root, 'client/early/early.tsx')));
  return module.exports;
}

const change = (file, by) => writeFileSync(file, by(readFileSync(file, 'utf8')));

export async function addEarlyPage(root, folder) {
  const { earlyMarkup, earlyColours } = await made(root);
  const script = await bundled(root, 'client/early/atOnce.ts', { platform: 'browser', format: 'iife', target: 'es2022', minify: true });
  writeFileSync(path.join(folder, 'early.js'), script);
  change(path.join(folder, 'kesto.css'), (css) => css + earlyColours() + readFileSync(path.join(root, 'client/early/early.css'), 'utf8'));
  change(path.join(folder, 'index.html'), (html) =>
    html
      .replace('  </head>', '    <link rel="preload" href="/early.js" as="script" />\n  </head>')
      .replace('<div id="root">', `${earlyMarkup()}\n    <script src="/early.js"></script>\n    <div id="root">`),
  );
}
