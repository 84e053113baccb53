import { GROUP_ALONE } from '@/core/people';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { cueSheetPhrases } from '@/words/score';
import { cuePage, picturePage, strandsFor, type Pictured } from './pages';

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
    expect(count(pictures.body, /class="cell /g)).toBe(2);
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

  test('figures are as large as a page lets them be, with their words beside them', () => {
    const all = Array.from({ length: 30 }, (_, i) => strandsFor(i + 1));
    for (const [i, { strands, step, width, height }] of all.entries()) {
      const own = Math.ceil((i + 1) / strands);
      expect((own + 1) * step).toBeLessThanOrEqual(1040 - 62 - 196);
      // Two figures, their words and the stem, for each strand.
      expect(strands * (2 * (width + 70) + 36)).toBeLessThanOrEqual(718);
      expect(height).toBeLessThan(2 * step);
      expect(height).toBeGreaterThanOrEqual(60);
      expect(height).toBeLessThanOrEqual(all[i - 1]?.height ?? height);
    }
  });

  test('items are by turns left and right of the stem, each tied to it by a leaf', () => {
    expect(count(pictures.body, /class="cell left r1"/g)).toBe(1);
    expect(count(pictures.body, /class="cell right r2"/g)).toBe(1);
    expect(count(pictures.body, /fill="#4F6F45"/g)).toBe(1);
    expect(count(pictures.body, /fill="#7A5A43"/g)).toBe(2);
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
