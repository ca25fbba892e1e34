import net from 'node:net';

/** A way to a database that can be cut: everything under way breaks off, nothing new gets through. */
export interface Way {
  readonly url: string;
  readonly cut: () => void;
  readonly mend: () => Promise<void>;
  readonly close: () => Promise<void>;
}

export async function wayTo(databaseUrl: string): Promise<Way> {
  const to = new URL(databaseUrl);
  const open = new Set<net.Socket>();
  let isCut = false;
  const server = net.createServer((from) => {
    if (isCut) return void from.destroy();
    const onward = net.connect({ host: to.hostname, port: Number(to.port) });
    for (const [socket, other] of [
      [from, onward],
      [onward, from],
    ] as const) {
      open.add(socket);
      socket.on('error', () => other.destroy());
      socket.on('close', () => {
        open.delete(socket);
        other.destroy();
      });
      socket.pipe(other);
    }
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const url = new URL(databaseUrl);
  url.hostname = '127.0.0.1';
  url.port = String((server.address() as net.AddressInfo).port); // cast: it listens on a port
  const cut = () => {
    isCut = true;
    for (const socket of open) socket.destroy();
  };
  return {
    url: url.toString(),
    cut,
    mend: async () => {
      isCut = false;
    },
    close: () => {
      cut();
      return new Promise((resolve) => server.close(() => resolve()));
    },
  };
}
