import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { SHIPPED } from '@/core/moves';
import { motionOf, type Drawn } from '@/core/figure';
import { POSES, WAYS } from '@/core/figure/poses';
import { BROWSER } from '../../e2e/browser';
import { sheetOf, type Cell } from './sheet';

const root = process.cwd();
const large = join(root, 'dist/poses');
const kept = join(root, 'docs/poses');

/** The moment that says most: the last key pose. */
const last = (drawn: Drawn) => motionOf(drawn).keys - 1;

const levels = SHIPPED.moves.flatMap((move) =>
  move.levels.flatMap((level) => {
    const drawn = POSES[move.id]?.[level.id];
    return drawn ? [{ move, level, drawn, name: `${move.name}, ${level.name}` }] : [];
  }),
);
/** Five moments of a movement. */
const strip = ({ drawn, name, level: { stretched } }: (typeof levels)[number]): readonly Cell[] =>
  [0, 1, 2, 3, 4].map((i) => ({ name, drawn, stretched, at: (last(drawn) * i) / 4 }));
const ways = Object.entries(WAYS).map(([name, drawn]) => ({ name, drawn }));
const wayStrip = ({ name, drawn }: (typeof ways)[number]): readonly Cell[] =>
  [0, 1, 2, 3, 4].map((i) => ({ name, drawn, stretched: [], at: (last(drawn) * i) / 4 }));
const kinds = [...new Set(levels.map(({ move }) => move.kind))];

/**
 * Contact sheets of all levels at two sizes, and strips of five moments of each movement; with
 * `--only=knee-hug,bridge` the strips of those moves alone.
 */
async function main(): Promise<void> {
  const browser = await chromium.launch(BROWSER.launchOptions);
  const page = await browser.newPage();
  const draw = async (path: string, cells: readonly Cell[], size: number, columns: number) => {
    const { svg, width, height } = sheetOf(cells, size, columns);
    await page.setViewportSize({ width, height });
    await page.setContent(`<style>body{margin:0}</style>${svg}`);
    await page.screenshot({ path });
    console.log(`${path}: ${cells.length} pictures`);
  };
  const only = process.argv
    .find((one) => one.startsWith('--only='))
    ?.slice(7)
    .split(',');
  if (only) {
    const wanted = levels.filter(({ move }) => only.includes(move.id)).flatMap(strip);
    const drawn = ways.filter(({ name }) => only.includes(name)).flatMap(wayStrip);
    mkdirSync(large, { recursive: true });
    await draw(join(large, 'only.png'), [...wanted, ...drawn], 190, 10);
    await browser.close();
    return;
  }
  for (const folder of [large, kept]) {
    rmSync(folder, { recursive: true, force: true });
    mkdirSync(folder, { recursive: true });
  }
  await draw(join(kept, 'ways.png'), ways.flatMap(wayStrip), 110, 15);
  for (const kind of kinds) {
    const own = levels.filter(({ move }) => move.kind === kind);
    const small = own.map(({ drawn, name, level: { stretched } }) => ({
      name,
      drawn,
      stretched,
      at: last(drawn),
    }));
    await draw(join(kept, `${kind}.png`), small, 96, 14);
    if (process.argv.includes('--small')) continue;
    for (let from = 0; from < own.length; from += 15) {
      const part = own.slice(from, from + 15);
      const n = String(from / 15 + 1).padStart(2, '0');
      const big = part.map(({ drawn, name, level: { stretched } }) => ({
        name,
        drawn,
        stretched,
        at: last(drawn),
      }));
      await draw(join(large, `${kind}-${n}.png`), big, 400, 5);
    }
  }
  for (let from = 0; from < levels.length; from += 30) {
    const n = String(from / 30 + 1).padStart(2, '0');
    const part = levels.slice(from, from + 30);
    await draw(join(large, `strips-${n}.png`), part.flatMap(strip), 110, 15);
  }
  await browser.close();
}

void main();
