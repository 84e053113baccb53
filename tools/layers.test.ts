import { spawnSync } from 'node:child_process';
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '..');

const PLANTED = [
  ['src/core/common/planted-words.ts', "import '../../words/score';\n", 'src-core-imports-only'],
  ['src/core/moves/planted-past.ts', "import '../body/loads';\n", 'core-through-its-doors'],
  ['src/core/common/planted-react.ts', "import 'react';\n", 'core-is-plain'],
  ['src/core/moves/planted-up.ts', "import '@/core/people';\n", 'src-core-moves-imports-only'],
  ['src/state/planted.ts', "import '@/features/routines';\n", 'src-state-imports-only'],
  ['src/design/planted.ts', "import '@/state';\n", 'src-design-imports-only'],
  ['server/planted.ts', "import '../src/core/common';\n", 'server-imports-only'],
] as const;

describe('the layers', () => {
  let said = '';

  beforeAll(() => {
    for (const [file, text] of PLANTED) writeFileSync(join(root, file), text);
    const files = PLANTED.map(([file]) => file);
    const depcruise = join(root, 'node_modules/.bin/depcruise');
    const args = [...files, '--config', '.dependency-cruiser.cjs'];
    said = spawnSync(depcruise, args, { cwd: root, encoding: 'utf8' }).stdout;
  }, 30_000);

  afterAll(() => {
    for (const [file] of PLANTED) rmSync(join(root, file));
  });

  test.each(PLANTED)('%s may not say %s', (file, _, rule) => {
    expect(said).toMatch(new RegExp(`error ${rule}[^:]*: ${file}`));
  });
});
