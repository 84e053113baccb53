import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';

const folder = join(__dirname, '../public');
const icon = z.object({ src: z.string(), sizes: z.string(), purpose: z.string().optional() });
const manifest = z
  .object({
    name: z.string(),
    short_name: z.string().max(12),
    start_url: z.string(),
    scope: z.literal('/'),
    display: z.literal('standalone'),
    orientation: z.literal('any'),
    icons: z.array(icon),
    shortcuts: z.array(z.object({ name: z.string(), url: z.string(), icons: z.array(icon) })),
    file_handlers: z.array(z.object({ action: z.string() })),
    share_target: z.object({ action: z.string(), method: z.literal('GET') }),
  })
  .parse(JSON.parse(readFileSync(join(folder, 'app.webmanifest'), 'utf8')));

/** A PNG tells its size after sixteen bytes. */
const sizeOf = (path: string) => {
  const data = readFileSync(join(folder, path));
  return `${data.readUInt32BE(16)}x${data.readUInt32BE(20)}`;
};

describe('the manifest', () => {
  test('every icon is there in the size that it names, and two may be cut into any shape', () => {
    const icons = [...manifest.icons, ...manifest.shortcuts.flatMap((one) => one.icons)];
    for (const { src, sizes } of icons) {
      if (src.endsWith('.png')) expect(sizeOf(src)).toBe(sizes);
      else expect(readFileSync(join(folder, src), 'utf8')).toContain('<svg');
    }
    const maskable = manifest.icons.filter(({ purpose }) => purpose === 'maskable');
    expect(maskable.map(({ sizes }) => sizes)).toEqual(['192x192', '512x512']);
  });

  test('the page names it and its colour', () => {
    const page = readFileSync(join(folder, 'index.html'), 'utf8');
    expect(page).toContain('href="/app.webmanifest"');
    expect(page).toContain('name="theme-color"');
  });
});
