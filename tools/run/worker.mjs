// Makes the service worker of a built folder: the page works without a network after the first visit.
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** What is needed to show any page: everything but what is packed, and lists for people. */
const NEEDED = ['**/*.{html,js,css,svg,png,ttf,woff2,webmanifest,txt}'];
const NOT_NEEDED = ['sw.js', '**/*.br', '**/*.gz'];
/** Pieces of a build name their contents; the others change under one name. */
const HASHED = /[.-][0-9a-f]{16,}\./i;
/** More than any piece has. */
const LARGEST_BYTES = 5_000_000;

/**
 * Writes sw.js into a built folder. It precaches the build piece by piece, each held against the sum of
 * what was built, so that a piece that arrives broken is as good as one that did not arrive: then the
 * version before stays. A new version waits until the page asks for it.
 */
export async function makeWorker(folder) {
  const { generateSW } = await import('workbox-build');
  const sumOf = (url) =>
    `sha256-${createHash('sha256')
      .update(readFileSync(join(folder, url)))
      .digest('base64')}`;
  const { count, size, warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: NEEDED,
    globIgnores: NOT_NEEDED,
    swDest: join(folder, 'sw.js'),
    cacheId: 'hushed-willow',
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
    maximumFileSizeToCacheInBytes: LARGEST_BYTES,
    dontCacheBustURLsMatching: HASHED,
    // Every address without a dot is a page, whatever stands behind it.
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/\.[a-z0-9]+$/i, /^\/healthz$/],
    // What stands behind a page's address is the page's; what is asked for anew goes past all this.
    ignoreURLParametersMatching: [/^(?!anew$)/],
    cleanupOutdatedCaches: true,
    skipWaiting: false,
    clientsClaim: true,
    manifestTransforms: [
      (entries) => ({
        manifest: entries.map((entry) => ({
          ...entry,
          url: `/${entry.url}`,
          integrity: sumOf(entry.url),
        })),
        warnings: [],
      }),
    ],
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  return { count, size };
}
