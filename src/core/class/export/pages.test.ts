import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { cueSheetPhrases } from '@/words/score';
import { cuePage, gridFor, picturePage, type Pictured } from './pages';

const pictured: Pictured = ({ move, level }, side, width, height) =>
  `<svg width="${width}" height="${height}" data-of="${move.name}/${level.name}/${side ?? ''}"></svg>`;

function pagesOf(text: string) {
  const routine = routineOf(text);
  const score = compile(routine, GROUP_ALONE, plainPhrases);
  return {
    pictures: picturePage(routine, score, { phrases: cueSheetPhrases, pictured }),
    cues: cuePage(routine, score, { phrases: cueSheetPhrases, pictured }),
  };
}

const count = (text: string, what: RegExp) => [...text.matchAll(what)].length;

describe('a routine on paper', () => {
  const { pictures, cues } = pagesOf(
    'title: Low <tide>\nlanes: chair, stand\nSeated twist: hold 20s\nrest 10s\nMarching: for 20s',
  );

  test('each item has its figure, name, dose and one watch point, and the stop signs stand below', () => {
    expect(count(pictures.body, /class="cell"/g)).toBe(2);
    expect(pictures.body).toContain('<b>1. Seated twist</b>hold 20 s · each side');
    // The leading lane's move is what is drawn.
    expect(pictures.body).toContain('data-of="Seated march/');
    expect(count(pictures.body, /class="watch">[^<]+</g)).toBe(2);
    expect(pictures.body).toContain('Call for help');
    expect(pictures.body).toContain('not medical advice');
  });

  test('cues have a line a side, with its figure, and the rests', () => {
    expect(count(cues.body, /<tr>/g)).toBe(5);
    expect(cues.body).toMatch(/data-of="Seated twist\/[^"]*\/left"/);
    expect(cues.body).toMatch(/data-of="Seated twist\/[^"]*\/right"/);
    expect(cues.body).toContain('Standing: Marching');
    expect(cues.body).toContain('Call for help');
  });

  test('what people wrote is text and never a part of the page', () => {
    for (const { title, body, css } of [pictures, cues]) {
      expect(title).toBe('Low <tide>');
      expect(body).toContain('Low &lt;tide&gt;');
      expect(body).not.toContain('style=');
      expect(css).toContain('@page');
    }
  });

  test('figures are as large as a page lets them be, and never larger than their cells', () => {
    const all = Array.from({ length: 30 }, (_, i) => gridFor(i + 1));
    for (const [i, { columns, width, height, cell }] of all.entries()) {
      const rows = Math.ceil((i + 1) / columns);
      expect(rows * cell).toBeLessThanOrEqual(1040 - 62 - 196);
      expect(columns * (width + 12)).toBeLessThanOrEqual(718 + columns);
      expect(height).toBeLessThan(cell);
      expect(height).toBeGreaterThanOrEqual(64);
      expect(height).toBeLessThanOrEqual(all[i - 1]?.height ?? height);
    }
  });

  test('more than thirty items go on to a second page', () => {
    const many = pagesOf(Array.from({ length: 31 }, () => 'Seated cat: 4 reps').join('\n'));
    expect(count(many.pictures.body, /class="page"/g)).toBe(2);
    expect(many.pictures.body).toContain('31. Seated cat');
    expect(count(many.pictures.body, /Call for help/g)).toBe(2);
  });

  test('an empty routine is a page with its title and the stop signs', () => {
    const none = pagesOf('title: Nothing yet');
    expect(none.pictures.body).toContain('Nothing yet');
    expect(count(none.pictures.body, /class="page"/g)).toBe(1);
  });
});
