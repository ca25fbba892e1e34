// For trials: a port of this machine's own that hands on to another one, and can be cut.
const net = require('node:net');

/** The address is the same but for host and port. */
async function wayTo(address) {
  const url = new URL(address);
  const onwardTo = { host: url.hostname, port: Number(url.port) };
  const open = new Set();
  let isCut = false;
  const hand = (socket, other) => {
    open.add(socket);
    socket.on('error', () => other.destroy());
    socket.on('close', () => {
      open.delete(socket);
      other.destroy();
    });
    socket.pipe(other);
  };
  const server = net.createServer((from) => {
    if (isCut) return void from.destroy();
    const onward = net.connect(onwardTo);
    hand(from, onward);
    hand(onward, from);
  });
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve));
  url.hostname = '127.0.0.1';
  url.port = String(server.address().port);
  const cut = () => {
    isCut = true;
    for (const socket of open) socket.destroy();
  };
  const mend = () => {
    isCut = false;
  };
  const close = () => {
    cut();
    return new Promise((resolve) => server.close(() => resolve()));
  };
  return { url: url.href.replace(/\/$/, ''), cut, mend, close };
}

module.exports = { wayTo };
