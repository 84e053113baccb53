import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { extname, join } from 'node:path';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';

const YEAR = 'public, max-age=31536000, immutable';
const ASK_AGAIN = 'no-cache';

const NOT_VALID = 'This address is not valid.\n';

/** Names that the build makes from contents, so that they never change. */
const HASHED = /[.-][0-9a-f]{16,}\./i;

/** The service worker, packed or not. */
const WORKER = /\/sw\.js(?:\.br|\.gz)?$/;

/** The policy allows exactly the style elements that the page has: those in it, and an empty one. */
function styleHashes(html: string): string[] {
  const inline = [...html.matchAll(/<style[^>]*>([\s\S]*?)<\/style>/gi)].map(
    (match) => match[1] ?? '',
  );
  return ['', ...inline].map(
    (style) => `'sha256-${createHash('sha256').update(style).digest('base64')}'`,
  );
}

/**
 * Serves the built application from `root` and nothing else.
 * @param root the folder of the build; it has to hold index.html
 */
export function createApp(root: string): Express {
  const indexFile = join(root, 'index.html');
  if (!existsSync(indexFile))
    throw new Error('The application is not built: index.html is missing. Run: npm run demo');
  const html = readFileSync(indexFile, 'utf8');
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", ...styleHashes(html)],
          imgSrc: ["'self'", 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
          objectSrc: ["'none'"],
        },
      },
      // Served on plain local addresses too, where this header would lock people out.
      strictTransportSecurity: false,
    }),
  );
  app.use(onlyReading);
  app.use(onlyAddresses);
  app.get('/healthz', (_, response) => {
    response.set('Cache-Control', 'no-store').json({ ok: true });
  });
  app.use(
    expressStaticGzip(root, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic: {
        dotfiles: 'deny',
        redirect: false,
        setHeaders: (response, path) => {
          response.setHeader('Cache-Control', HASHED.test(path) ? YEAR : ASK_AGAIN);
          // Asked for anew each time, or a version would be looked for in what is kept of the last one.
          if (WORKER.test(path)) {
            response.setHeader('Cache-Control', 'no-store');
            response.setHeader('Service-Worker-Allowed', '/');
          }
        },
      },
    }),
  );
  app.use((request, response) => {
    if (extname(request.path) !== '') {
      response.status(404).type('text').send('There is no such file.\n');
      return;
    }
    response.set('Cache-Control', ASK_AGAIN).type('html').send(html);
  });
  app.use(refuse);
  return app;
}

/** An address that is no text, such as `/%`, is told of in one sentence, whoever would read it next. */
function onlyAddresses(request: Request, response: Response, next: NextFunction): void {
  try {
    decodeURIComponent(request.path);
    next();
  } catch {
    response.status(400).type('text').send(NOT_VALID);
  }
}

function onlyReading(request: Request, response: Response, next: NextFunction): void {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  response
    .status(405)
    .set('Allow', 'GET, HEAD')
    .type('text')
    .send('Only reading is possible here.\n');
}

/** Addresses that can't be read, and whatever goes wrong, without a trace. Four arguments mark it for Express. */
function refuse(
  error: { status?: number },
  _request: Request,
  response: Response,
  _next: NextFunction,
): void {
  const status = error.status && error.status < 500 ? error.status : 500;
  response
    .status(status)
    .type('text')
    .send(status === 500 ? 'Something went wrong here.\n' : NOT_VALID);
}
