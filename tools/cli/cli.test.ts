import { spawnSync } from 'node:child_process';
import { mkdtempSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ownLike } from '@/core/testing';
import { writeMovesFile } from '@/core/writing';
import { willow as run } from './willow';

const folder = mkdtempSync(join(tmpdir(), 'willow-cli-'));
const launcher = join(__dirname, '../run/willow.mjs');

/** As it is typed: another process, with what is piped into it. */
function launched(args: readonly string[], input = '') {
  const { status, stdout, stderr } = spawnSync(process.execPath, [launcher, ...args], {
    input,
    encoding: 'utf8',
  });
  return { status, stdout, stderr };
}

/** The same in this process, with what would be piped in as a file. */
function willow(args: readonly string[], input = '') {
  const piped = join(folder, 'piped');
  writeFileSync(piped, input);
  let [stdout, stderr] = ['', ''];
  const status = run(
    args.map((arg) => (arg === '-' ? piped : arg)),
    { out: (text) => (stdout += text), err: (text) => (stderr += text) },
  );
  return { status, stdout, stderr };
}

const TEXT = 'group: desk\nSeated figure four: hold 30s, each side\n';

describe('the command line', () => {
  test('time prints the score as JSON, with lines', () => {
    const { status, stdout } = launched(['time', '-', '--json'], TEXT);
    expect(status).toBe(0);
    const { totalMs, segments, problems } = JSON.parse(stdout);
    expect(totalMs).toBe(75_000);
    expect(problems).toEqual([]);
    expect(segments[0]).toMatchObject({
      kind: 'set-up',
      startMs: 0,
      endMs: 8000,
      line: 2,
      moveId: 'seated-figure-four',
      moveName: 'Seated figure four',
      position: { chair: 'sit-front' },
      lanes: { chair: { level: 'ankle-on-the-thigh', support: 'none', props: [] } },
    });
  });

  test('a problem names its place on standard error, and the rest is still there', () => {
    const { status, stdout, stderr } = launched(['time', '-', '--json'], `${TEXT}Seated twits\n`);
    expect(status).toBe(2);
    expect(stderr).toMatch(/^3:1: No move is called “Seated twits”; it could be: Seated twist/);
    expect(JSON.parse(stdout).totalMs).toBe(75_000);
    expect(JSON.parse(stdout).problems).toHaveLength(1);
  });

  test('text to JSON to text comes back the same', () => {
    const json = launched(['convert', '--to', 'json', '-'], TEXT).stdout;
    const text = launched(['convert', '--to', 'text', '-'], json).stdout;
    expect(text).toBe(
      'title: Untitled routine\ngroup: desk\n\n[main]\nSeated figure four: hold 30s, each side\n',
    );
  });

  test.each([
    ['vtt', /^WEBVTT\n\n00:00:00\.000 --> 00:00:\d\d\.000\n/],
    [
      'csv',
      /^Start \(s\),End \(s\),Kind,Move,Side,Set,Round,Cue\r\n0,8,set-up,Seated figure four,left/,
    ],
    ['md', /^# Untitled routine\n\n1:15 in all/],
  ])('converts to %s', (form, expected) => {
    const { status, stdout } = willow(['convert', '--to', form, '-'], TEXT);
    expect(status).toBe(0);
    expect(stdout).toMatch(expected);
  });

  test('without --json it is a short table', () => {
    const { stdout } = willow(['time', '-'], TEXT);
    expect(stdout).toContain('0:00  8 s    set-up');
    expect(stdout).toContain('Untitled routine: 1:15, left 0:30, right 0:30');
  });

  test('moves lists and searches', () => {
    const all = JSON.parse(willow(['moves', '--json']).stdout);
    expect(all.length).toBeGreaterThanOrEqual(200);
    const found = JSON.parse(willow(['moves', '--search', 'bridge', '--json']).stdout);
    expect(found[0].id).toBe('bridge');
    for (const { name, family } of found) expect(`${name} ${family}`).toMatch(/bridge/i);
    expect(Object.keys(found[0])).toEqual([
      'id',
      'name',
      'otherNames',
      'family',
      'kind',
      'sides',
      'regions',
      'dose',
      'range',
      'levels',
    ]);
  });

  test('plan reads a table whole, with its time', () => {
    const plan =
      'Chair class, 10 min\nMove\tSets\tReps\nBridge\t2\t8\nfire hydrants\t2\t8\nx2 rounds';
    const sheet = JSON.parse(willow(['plan', '-', '--json'], plan).stdout);
    expect(sheet).toMatchObject({
      shape: 'table',
      title: 'Chair class, 10 min',
      saidMs: 600_000,
      rows: [
        { text: 'Bridge: 8 reps x2', sure: true, kind: 'move', passed: [] },
        {
          text: null,
          sure: false,
          asked: expect.arrayContaining([
            expect.objectContaining({ differs: 'presses the leg back and not out to the side' }),
          ]),
        },
        { kind: 'structure', sure: false },
      ],
    });
    expect(sheet.totalMs).toBeGreaterThan(60_000);
    expect(willow(['plan', '-'], plan).stdout).toContain('Bridge: 8 reps x2');
    expect(willow(['plan', '/nowhere', '--json']).status).toBe(2);
  });

  test('lines reads each line as the line for adding does', () => {
    const text = '2 sets of 8 sit to stand\n\ntwist 20s each\nzumba madness 10\n';
    const read = willow(
      ['lines', '-', '--group', 'older', '--lanes', 'chair, stand', '--json'],
      text,
    );
    expect(read.status).toBe(0);
    const [stand, twist, zumba] = JSON.parse(read.stdout);
    expect(stand).toMatchObject({
      typed: '2 sets of 8 sit to stand',
      text: 'Sit to stand: 8 reps x2',
      sure: true,
      problem: null,
    });
    expect(stand.choices[0]).toEqual({ text: stand.text });
    expect(twist.text).toBe('Seated twist: hold 20s, each side');
    expect(Object.keys(zumba)).toEqual([
      'typed',
      'text',
      'sure',
      'passed',
      'asked',
      'choices',
      'problem',
    ]);
    expect(zumba).toMatchObject({ text: null, sure: false });
    expect(zumba.problem).toMatch(/zumba/);
    expect(willow(['lines', '-'], text).stdout).toContain('Sit to stand: 8 reps x2');
    expect(willow(['lines', '/nowhere', '--json']).status).toBe(2);
  });

  const TRIPS = 'group: desk\nlanes: floor\nTandem stance\nOpen book\nSeated cat\nOpen book\n';

  test('check prints findings with their place, sentence and mend', () => {
    const text = 'group: desk\nlimits: breastbone opened\nSeated twist: hold 20s, left only\n';
    const { status, stdout } = willow(['check', '-', '--json'], text);
    expect(status).toBe(0);
    const { findings } = JSON.parse(stdout);
    expect(findings[0]).toMatchObject({ id: 'limit-load', severity: 'stop', line: 3 });
    const missing = findings.find(({ id }: { id: string }) => id === 'side-missing');
    expect(missing).toMatchObject({
      severity: 'caution',
      line: 3,
      lane: null,
      side: 'right',
      source: 'practice',
      what: 'The right side is never done.',
      mend: { does: 'Add the right side' },
    });
    expect(willow(['check', '-'], text).stdout).toContain('The right side is never done.');
  });

  test('check reads who takes part, and names a wrong people file', () => {
    const people = join(folder, 'people.json');
    const ada = { name: 'Ada', limits: [{ limit: 'knee replaced', side: 'left' }] };
    writeFileSync(
      people,
      JSON.stringify({ format: 'hushed-willow-people', version: 1, people: [ada] }),
    );
    const text = 'group: desk\nlanes: floor\nHalf-kneel hip flexor\n';
    const alone = JSON.parse(willow(['check', '-', '--json'], text).stdout).findings;
    expect(alone.map(({ id }: { id: string }) => id)).not.toContain('limit-load');
    const { stdout, status } = willow(['check', '--people', people, '-', '--json'], text);
    expect(status).toBe(0);
    expect(
      JSON.parse(stdout).findings.find(({ id }: { id: string }) => id === 'limit-load'),
    ).toMatchObject({ severity: 'stop', side: 'left', why: expect.stringContaining('Ada') });
    const said = { name: 'Ada', limits: ['bad knees, dizzy', 'new hip left'] };
    const write = (one: object) =>
      writeFileSync(
        people,
        JSON.stringify({ format: 'hushed-willow-people', version: 1, people: [one] }),
      );
    write(said);
    const heard = willow(['check', '--people', people, '-', '--json'], text);
    expect(heard.stdout).toContain('a painful knee');
    write({ name: 'Ada', limits: ['tired'] });
    expect(willow(['check', '--people', people, '-'], text).stderr).toMatch(/“tired”; nearest: /);
    writeFileSync(people, '{"people": 3}');
    const wrong = willow(['check', '--people', people, '-', '--json'], text);
    expect(wrong.status).toBe(2);
    expect(wrong.stderr).toMatch(/^1:1: .*people\.json/);
  });

  test('own moves from a file are named, timed, listed, and refused where they are wrong', () => {
    const file = join(folder, 'own-moves.json');
    const slow = {
      ...ownLike('Seated twist', { name: 'Rail turn' }),
      dose: { kind: 'hold', holdMs: 45_000, sets: 1, restMs: 0 },
    } as const;
    writeFileSync(file, writeMovesFile([slow]));
    const text = 'group: desk\nRail turn: hold 20s\n';
    expect(willow(['time', '-'], text).stderr).toMatch(/^2:1: No move is called “Rail turn”/);
    const timed = willow(['time', '--moves', file, '-', '--json'], text);
    expect(timed.status).toBe(0);
    expect(JSON.parse(timed.stdout).segments[0]).toMatchObject({ moveName: 'Rail turn' });
    const listed = willow(['moves', '--moves', file, '--search', 'rail turn', '--json']);
    expect(JSON.parse(listed.stdout)[0]).toMatchObject({
      name: 'Rail turn',
      dose: { holdMs: 45_000 },
    });
    // Routine JSON carries the moves that it does, so it needs no file beside it.
    const json = willow(['convert', '--to', 'json', '--moves', file, '-'], text).stdout;
    const routine = join(folder, 'rail.json');
    writeFileSync(routine, json);
    expect(willow(['convert', '--to', 'text', routine]).stdout).toContain('Rail turn: hold 20s');
    expect(willow(['check', routine]).status).toBe(0);

    writeFileSync(file, writeMovesFile([{ ...slow, name: 'Seated cat' }]));
    const wrong = willow(['time', '--moves', file, '-', '--json'], text);
    expect(wrong.status).toBe(2);
    expect(wrong.stderr).toMatch(/^1:1: .*own-moves\.json: Seated cat: “Seated cat” has this name/);
    writeFileSync(file, '{"format": "hushed-willow-moves", "version": 9}');
    expect(willow(['moves', '--moves', file]).stderr).toMatch(/^1:1: .*version 9, newer/);
  });

  test('fit meets a slot to the second, and says what it changed', () => {
    const text = 'group: desk\nSeated twist: hold 20s\nSeated cat: 8 reps\n';
    const { status, stdout } = willow(['fit', '--slot', '2:30', '-', '--json'], text);
    expect(status).toBe(0);
    const fitted = JSON.parse(stdout);
    expect(fitted.limits.minMs).toBeLessThan(fitted.limits.maxMs);
    expect(fitted).toMatchObject({ fitted: true, totalMs: 150_000, inTheWay: [] });
    expect(fitted.changes[0]).toMatchObject({ line: 2, what: 'hold', from: '20s' });
    expect(JSON.parse(willow(['time', '-', '--json'], fitted.text).stdout).totalMs).toBe(150_000);
  });

  test('a slot out of reach is no failure: it says both lengths and what is in the way', () => {
    const { status, stdout } = willow(
      ['fit', '--slot', '45:00', '-', '--json'],
      'group: desk\nSeated twist: hold 20s, pin\nSeated cat: 8 reps\n',
    );
    expect(status).toBe(0);
    const fit = JSON.parse(stdout);
    expect(fit).toMatchObject({ fitted: false, changes: [] });
    expect(fit.inTheWay).toContainEqual({ line: 2, itemId: 'i1', why: 'pinned' });
    expect(fit.text).toContain('hold 20s, pin');
  });

  test('order saves trips, and says by how much', () => {
    const { status, stdout } = willow(['order', '-', '--json'], TRIPS);
    expect(status).toBe(0);
    const order = JSON.parse(stdout);
    expect(order.costAfterMs).toBeLessThan(order.costBeforeMs);
    expect(order.brokenAfter).toBeLessThanOrEqual(order.brokenBefore);
    expect(order.why).toMatch(/^Saves \d+ s of transfers/);
    const again = JSON.parse(willow(['order', '-', '--json'], order.text).stdout);
    expect(again.text).toBe(order.text);
    expect(again.why).toBe('No other order is better.');
  });

  test('a big file is refused before it is read', () => {
    const big = join(folder, 'big.txt');
    writeFileSync(big, '');
    truncateSync(big, 5_000_000);
    const { status, stderr } = willow(['time', big]);
    expect(status).toBe(2);
    expect(stderr).toMatch(/^1:1: the file is 5 MB or more/);
  });

  test.each([[['time', '/no/such/file']], [['time', tmpdir()]]])(
    '%s is a problem, not a trace',
    (args) => {
      const { status, stderr } = willow(args);
      expect(status).toBe(2);
      expect(stderr).toMatch(/^1:1: /);
    },
  );

  test('broken JSON names its place and still prints a result', () => {
    const { status, stderr, stdout } = willow(['time', '-', '--json'], '{\n "format": oops }');
    expect(status).toBe(2);
    expect(stderr).toMatch(/^2:12: /);
    expect(JSON.parse(stdout).segments).toEqual([]);
  });

  test.each<[string[], RegExp]>([
    [[], /^A command is missing; it could be time, check, fit,/],
    [['dance', 'x'], /^“dance” is not a command; it could be time,/],
    [['convert', '-'], /^--to is missing; it could be text, json, vtt, csv, md\n/],
    [['convert', '--to', 'song', '-'], /^--to song is not a form; it could be text,/],
    [['time'], /^The file is missing; it could be a file of routine text/],
    [['time', 'a', 'b'], /^“b” is one word too many; one file is read at a time/],
    [['moves', 'twist'], /^“twist” is one word too many; it could be/],
    [['fit', '-'], /^--slot is missing; it could be 15:00, 15m, or 15 for minutes/],
    [['fit', '--slot', '600', '-'], /^--slot 600 is not a length; .* up to 4:00:00\n/],
    [['fit', '--slot', '10:00:00', '-'], /^--slot 10:00:00 is not a length; it could be/],
    [['fit', '--slot', '0', '-'], /^--slot 0 is not a length; it could be/],
    [['fit', '--slot', '--json', '-'], /^--slot says nothing; it could be/],
    [['time', '--slot', '5m', '-'], /^time has no --slot; it could be --json, --moves,/],
    [['check', '--at', 'noon', '-'], /^--at noon is not a time; it could be 2026-/],
    [['lines', '-', '--group', 'pirates'], /^--group pirates is not a group; it could be desk,/],
    [['lines', '-', '--lanes', 'boat'], /^--lanes boat is not ways of taking part; it could be/],
    [['check', '--people'], /^--people says nothing; it could be a people file/],
  ])('a wrong call %j names what is wrong and what could stand there', (args, said) => {
    const { status, stderr } = willow(args);
    expect(status).toBe(1);
    expect(stderr).toMatch(said);
    expect(stderr).toContain('usage: willow');
  });

  test('a bare number is minutes, in the slot of a call and of a text', () => {
    const text = 'group: desk\nslot: 2\nSeated twist: hold 20s\nSeated cat: 8 reps\n';
    const fitted = JSON.parse(willow(['fit', '--slot', '2', '-', '--json'], text).stdout);
    expect(fitted).toMatchObject({ fitted: true, totalMs: 120_000 });
    expect(fitted.text).toContain('slot: 2:00');
  });

  test('every command times the class of the people it is given', () => {
    const people = join(folder, 'no-floor.json');
    const bo = { name: 'Bo', limits: [{ limit: 'no floor' }] };
    writeFileSync(
      people,
      JSON.stringify({ format: 'hushed-willow-people', version: 1, people: [bo] }),
    );
    const text = 'group: desk\nlanes: floor\nSeated cat\nBridge: level small\n';
    const timed = (...more: string[]) =>
      JSON.parse(willow(['time', '-', '--json', ...more], text).stdout);
    const csv = (...more: string[]) =>
      willow(['convert', '--to', 'csv', '-', ...more], text).stdout;
    // Whom the floor is closed to can't be walked there, which takes no time; a check says so.
    const shorter = timed('--people', people).totalMs;
    expect(shorter).toBeLessThan(timed().totalMs);
    expect(csv('--people', people)).not.toEqual(csv());
    const order = JSON.parse(willow(['order', '--people', people, '-', '--json'], text).stdout);
    expect(order.costBeforeMs).toBe(0);
    const fit = JSON.parse(
      willow(['fit', '--slot', '4', '--people', people, '-', '--json'], text).stdout,
    );
    const again = ['time', '--people', people, '-', '--json'];
    expect(JSON.parse(willow(again, fit.text).stdout).totalMs).toBe(240_000);
  });
});
