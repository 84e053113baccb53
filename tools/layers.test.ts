import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..');
const CONFIG = '.dependency-cruiser.cjs';

const PLANTED = [
  ['src/core/common/planted-words.ts', "import '../../words/score';\n", 'src-core-imports-only'],
  ['src/core/moves/planted-past.ts', "import '../body/loads';\n", 'core-through-its-doors'],
  ['src/core/common/planted-react.ts', "import 'react';\n", 'core-is-plain'],
  ['src/core/moves/planted-up.ts', "import '@/core/people';\n", 'src-core-moves-imports-only'],
  ['src/state/planted.ts', "import '@/features/routines';\n", 'src-state-imports-only'],
  ['src/design/planted.ts', "import '@/state';\n", 'src-design-imports-only'],
  ['src/features/today/planted.ts', "import '@/core/moves';\n", 'first-screen-stays-small'],
  ['server/planted.ts', "import '../src/core/common';\n", 'server-imports-only'],
] as const;

describe('the layers', () => {
  let said = '';

  beforeAll(() => {
    // In a copy: others read the tree meanwhile.
    const copy = mkdtempSync(join(tmpdir(), 'layers-'));
    for (const part of ['src', 'server', 'package.json', 'tsconfig.json', CONFIG]) {
      cpSync(join(root, part), join(copy, part), { recursive: true });
    }
    symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
    for (const [file, text] of PLANTED) writeFileSync(join(copy, file), text);
    const files = PLANTED.map(([file]) => file);
    const depcruise = join(root, 'node_modules/.bin/depcruise');
    // What the planted ones import is held to its own layer by the check itself.
    const unfollowed = ['--do-not-follow', '^(?!.*planted)'];
    said = spawnSync(depcruise, [...files, '--config', CONFIG, ...unfollowed], {
      cwd: copy,
      encoding: 'utf8',
    }).stdout;
    rmSync(copy, { recursive: true });
  }, 60_000);

  test.each(PLANTED)('%s may not say %s', (file, _, rule) => {
    expect(said).toMatch(new RegExp(`error ${rule}[^:]*: ${file}`));
  });
});
