import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';

const HOST = '127.0.0.1';

/** What is being answered when the server is to end has so long. */
const LAST_ANSWERS_MS = 3000;
const port = Number(process.env.PORT ?? 4600);
const root = join(dirname(fileURLToPath(import.meta.url)), '..', 'web');

if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  console.error(`PORT is ${process.env.PORT}, which is not a port; give a number from 1 to 65535.`);
  process.exit(1);
}

function built() {
  try {
    return createApp(root);
  } catch (error) {
    console.error(error instanceof Error ? error.message : String(error));
    return process.exit(1);
  }
}

const server = built().listen(port, HOST);
server.on('listening', () => {
  const address = server.address();
  const used = typeof address === 'object' && address ? address.port : port;
  console.log(`Hushed Willow is at http://${HOST}:${used}`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is in use. Stop what uses it, or choose another: PORT=${port + 1} npm run demo`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    // Whoever has sent half a request does not keep it open.
    setTimeout(() => server.closeAllConnections(), LAST_ANSWERS_MS);
  });
}
