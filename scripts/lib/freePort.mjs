// A port of this machine's loopback that nothing listens on.
import { createServer } from 'node:net';

export const HOST = '127.0.0.1';

export function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, HOST, () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}
