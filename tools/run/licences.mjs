// Lays the licence texts of all that is served into one file that is served with it.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const TEXT = /^(?:licen[cs]e|copying|ofl|notice)/i;

function licenceOf(folder) {
  const {
    name,
    version,
    license = 'see below',
  } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'));
  const texts = readdirSync(folder, { withFileTypes: true })
    .filter((one) => one.isFile() && TEXT.test(one.name))
    .map((one) => readFileSync(join(folder, one.name), 'utf8').trim());
  return { title: `${name} ${version} (${license.type ?? license})`, texts };
}

/** Fewer packages than this were never served: then the build did not say which ones they are. */
const LEAST = 20;

/**
 * @param list a file with the folders of the packages that are served
 * @param to the file that is written
 */
export function writeLicences(list, to) {
  const folders = JSON.parse(readFileSync(list, 'utf8'));
  if (folders.length < LEAST) throw new Error(`only ${folders.length} packages in ${list}`);
  // A text that several share stands once, under all their names.
  const titles = new Map();
  for (const folder of folders) {
    const { title, texts } = licenceOf(folder);
    const text = texts.join('\n\n');
    titles.set(text, [...new Set([...(titles.get(text) ?? []), title])]);
  }
  const parts = [...titles]
    .map(([text, names]) => ({ names: names.sort(), text }))
    .sort((a, b) => a.names[0].localeCompare(b.names[0]));
  const lines = parts.map(({ names, text }) =>
    [...names, '', text || 'The package names its licence and brings no text.'].join('\n'),
  );
  const head =
    'Hushed Willow is made with the packages and fonts below, each under its own licence.';
  writeFileSync(to, `${[head, ...lines].join(`\n\n${'-'.repeat(72)}\n\n`)}\n`);
}
