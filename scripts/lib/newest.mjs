import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';

/** Latest change of any source file below the given folders, in milliseconds. */
export function newestSource(root, folders) {
  let newest = 0;
  for (const folder of folders) {
    for (const entry of readdirSync(path.join(root, folder), { recursive: true, withFileTypes: true })) {
      const full = path.join(entry.parentPath, entry.name);
      if (!entry.isFile() || /node_modules|\/dist\//.test(full)) continue;
      newest = Math.max(newest, statSync(full).mtimeMs);
    }
  }
  return newest;
}
