import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { scriptOf } from '../script/script';
import { captionsVtt } from './captions';
import { cueSheet, type CueSheetPhrases } from './cue-sheet';
import { SCORE_COLUMNS, scoreCsv, type ScoreColumn } from './score-csv';

const TEXT =
  'title: Low | tide\nlanes: chair, stand\nSeated twist: hold 20s, cue "Turn & look > there"\nrest 10s\nMarching: for 20s';
const routine = routineOf(TEXT);
const score = compile(routine, GROUP_ALONE, plainPhrases);

const phrases: CueSheetPhrases = {
  columns: ['Time', 'Move', 'Side', 'Dose', 'Cue', 'Options'],
  dose: ({ dose }) => dose.kind,
  side: (side) => side ?? '',
  sided: (text, side) => text.replaceAll('{side}', side ?? ''),
  watch: (watch) => `watch ${watch.join(' and ')}`,
  change: (easier) => `easier ${easier}`,
  lane: (name, moveName) => `${name} ${moveName ?? 'rests'}`,
  notice: 'notice',
  or: (what) => `or ${what}`,
  throughout: (where, { words }) => `${where}: ${words}`,
  section: (name) => name,
  block: ({ inOneGo }) => (inOneGo ? 'in one go' : 'block'),
  rounds: (section, { rounds }) => `${section} x${rounds}`,
  often: (often) => often,
  rest: 'Rest',
  total: (time) => time,
  signsTitle: 'Signs',
  needs: (needs) => needs.map(({ thing }) => thing).join(),
  signs: ['Ease off'],
};

describe('what goes out', () => {
  test('captions stand in order, without overlap, to the end', () => {
    const vtt = captionsVtt(score, scriptOf(routine, score, plainPhrases));
    expect(vtt.startsWith('WEBVTT\n\n')).toBe(true);
    const times = [...vtt.matchAll(/^(\S+) --> (\S+)$/gm)].map(([, from, to]) => [from, to]);
    expect(times.length).toBeGreaterThan(5);
    times.forEach(([, to], i) => {
      const next = times[i + 1];
      if (next) expect(to).toBe(next[0]);
    });
    expect(vtt).toContain('Turn &amp; look &gt; there');
    // What to watch and the options are read beside the go-cue, and said by nobody.
    expect(vtt).toMatch(/Turn &amp; look &gt; there\nEasier /);
  });

  test('the table has a row a segment', () => {
    const headings = Object.fromEntries(SCORE_COLUMNS.map((name) => [name, name])) as Record<
      ScoreColumn,
      string
    >;
    const rows = scoreCsv(score, headings).trim().split('\r\n');
    expect(rows).toHaveLength(score.segments.length + 1);
    expect(rows[0]).toBe('startSeconds,endSeconds,kind,move,side,set,round,cue');
  });

  test('the cue sheet has all words of a line’s own, each in its row', () => {
    const own = routineOf(
      'Seated twist: hold 1:00, press 5s x2 "knee into the {side} hand", each side, set-up "hand to the {side} knee", cue "turn", out "come back"\nMarching: for 20s',
    );
    const rows = cueSheet(own, compile(own, GROUP_ALONE, plainPhrases), phrases)
      .split('\n')
      .filter((line) => /Seated twist/.test(line));
    expect(rows).toHaveLength(2);
    rows.forEach((row, i) => {
      const side = ['left', 'right'][i] ?? '';
      for (const words of [
        `Hand to the ${side} knee.`,
        'urn',
        `Knee into the ${side} hand.`,
        'Come back.',
      ])
        expect(row).toContain(words);
    });
  });

  test('the cue sheet has a row a side, the rests, and every lane', () => {
    const lines = cueSheet(routine, score, phrases).split('\n');
    expect(lines[0]).toBe('# Low \\| tide');
    const rows = lines.filter((line) => /^\| \d/.test(line));
    expect(rows.map((row) => row.split(' | ').slice(1, 3).join(' '))).toEqual([
      'Seated twist left',
      'Seated twist right',
      'Rest ',
      'Seated march alternating',
    ]);
    // The leading lane's move is what the row says; what the others do stands behind it.
    expect(rows.at(-1)).toContain('chair Seated march');
    expect(rows.at(-1)).toContain('stand Marching');
    expect(rows.at(-1)).toContain('watch The back stays tall');
    // How it is changed is said once of all that do the same.
    expect(rows[0]?.match(/easier /g)).toHaveLength(1);
    expect(rows.at(-1)?.match(/easier /g)).toHaveLength(2);
  });
});
