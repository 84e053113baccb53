import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import wings from '@/core/wings.json';

/** What an instructor would look for in each wing. */
const HOLDS: Readonly<Record<string, string>> = {
  common: 'what holds for all: ids, durations, results, files',
  body: 'the body: regions, sides, loads, positions and ways between them, paces',
  moves: 'moves: the catalogue, their levels, doses and cues',
  people: 'people: groups, limits, ways of taking part, balance, who is there',
  routine: 'the routine: entries, edits, text, own moves it carries',
  writing: 'writing: finding moves, and writing moves of one’s own',
  timing: 'its timing: every second, mark and cue of a routine',
  judgement: 'judgement: checks with their mends, fit to a length, order',
  class: 'the class: leading, the record, captions and sheets',
};

const WIDTH = 640;
const ROW = 64;
const BOX = { x: 90, width: 540, height: 44 };

/** For each wing those that its files import, tests aside. */
function importsOf(root: string): ReadonlyMap<string, ReadonlySet<string>> {
  const files = (folder: string): readonly string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return files(path);
      return /\.ts$/.test(path) && !/\.test\.ts$/.test(path) ? [path] : [];
    });
  return new Map(
    wings
      .filter((wing) => wing in HOLDS)
      .map((wing) => {
        const text = files(join(root, 'src/core', wing)).map((file) => readFileSync(file, 'utf8'));
        const found = text.join('\n').matchAll(/from '@\/core\/([a-z-]+)/g);
        return [wing, new Set([...found].map(([, other = '']) => other))] as const;
      }),
  );
}

/** What a wing needs and gets from nobody else that it needs: the fewest lines that say it all. */
function directOf(
  wing: string,
  imports: ReadonlyMap<string, ReadonlySet<string>>,
): readonly string[] {
  const all = (one: string): ReadonlySet<string> =>
    new Set([...(imports.get(one) ?? [])].flatMap((other) => [other, ...all(other)]));
  const own = [...(imports.get(wing) ?? [])];
  return own.filter((one) => !own.some((other) => other !== one && all(other).has(one)));
}

/** The wings of the core as a picture, drawn from what their files import. */
export function wingsPicture(root: string): string {
  const imports = importsOf(root);
  const names = [...imports.keys()].toReversed();
  const middle = (wing: string) => 20 + names.indexOf(wing) * ROW + BOX.height / 2;
  const height = names.length * ROW + 20;
  const boxes = names.map((wing) => {
    const y = middle(wing) - BOX.height / 2;
    return [
      `<rect x="${BOX.x}" y="${y}" width="${BOX.width}" height="${BOX.height}" rx="6" fill="#fff" stroke="#22312c"/>`,
      `<text x="${BOX.x + 14}" y="${y + 27}"><tspan font-weight="bold">${wing}</tspan> · ${(HOLDS[wing] ?? '').replace(/^[^:]*: /, '')}</text>`,
    ].join('\n');
  });
  const lines = names.flatMap((wing) =>
    directOf(wing, imports).map((other) => {
      const [from, to] = [middle(wing) + 8, middle(other) - 8];
      const reach = BOX.x - 20 - Math.abs(names.indexOf(other) - names.indexOf(wing)) * 20;
      return `<path d="M${BOX.x} ${from}C${reach} ${from} ${reach} ${to} ${BOX.x - 4} ${to}" fill="none" stroke="#2f6479" stroke-width="1.5" marker-end="url(#to)"/>`;
    }),
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${height}" font-family="sans-serif" font-size="14" fill="#22312c" role="img">`,
    '<title>The wings of the core: each stands on those that its lines lead to</title>',
    `<rect width="${WIDTH}" height="${height}" fill="#f3f2ec"/>`,
    '<defs><marker id="to" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="8" markerHeight="8" orient="auto"><path d="M0 0L8 4L0 8z" fill="#2f6479"/></marker></defs>',
    ...lines,
    ...boxes,
    '</svg>',
    '',
  ].join('\n');
}
