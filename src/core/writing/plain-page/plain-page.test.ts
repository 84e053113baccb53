import { readPlainPage } from './plain-page';

const PLAN = `Thursday chair circle - 45 mins

Warm up (10 min)
0:00 March on the spot 2 min
0:02 - Shoulder rolls x 10
4. ankle circles 10 each way
* heel taps.........1 min

MAIN PART
1) sit to stand 2x8
☐ seated twist 20s each side
hamstring stretch 30s each leg
rest 30
Balance
tandem stance 10s each foot
pub quiz at the end

Cool down 5 mins
neck tilt 3 breaths each
`;

describe('a plan as it stands on paper', () => {
  const page = readPlainPage(PLAN, { group: 'older' });

  test('its title, headings and lines are told apart, whatever stands in front', () => {
    expect(page.title).toBe('Thursday chair circle - 45 mins');
    expect(page.lines.map(({ section, reading }) => [section, reading.text])).toEqual([
      ['warm-up', 'Marching: for 2:00'],
      ['warm-up', 'Shoulder rolls: 10 reps'],
      ['warm-up', 'Ankle circles: 10 reps, each side'],
      ['warm-up', 'Seated foot taps: for 1:00'],
      ['main', 'Sit to stand: 8 reps x2'],
      ['main', 'Seated twist: hold 20s, each side'],
      ['main', 'Seated hamstring reach: hold 30s, each side'],
      ['main', 'rest 30s'],
      ['main', 'Tandem stance: hold 10s, each side'],
      ['main', ''],
      ['settle', 'Neck side tilt: 3 breaths, each side'],
    ]);
  });

  test('a line that is no move is open, and says where it stands', () => {
    const [open] = page.lines.filter(({ reading }) => !reading.line);
    expect(open).toMatchObject({ line: 16, typed: 'pub quiz at the end' });
  });

  test('one time in front is how long, and not when', () => {
    const { lines } = readPlainPage('1:30 marching on the spot\ntandem stance 10s each', {
      group: 'older',
    });
    expect(lines.map(({ reading }) => reading.text)).toEqual([
      'Marching: for 1:30',
      'Tandem stance: hold 10s, each side',
    ]);
  });

  test('what the lines before leave people in decides between two that fit', () => {
    const at = (before: string) =>
      readPlainPage(`${before}\narm circles in the same place 30s`, { group: 'older' }).lines[1]
        ?.reading.text;
    expect(at('Heel raises: 10 reps')).toBe('Standing arm circles: for 30s');
    expect(at('Seated cat: 8 reps')).toBe('Seated arm circles: for 30s');
  });

  test('no text, or very much of it, is no trouble', () => {
    expect(readPlainPage('', { group: 'desk' })).toMatchObject({ title: undefined, lines: [] });
    const long = 'seated twist 20s each\n'.repeat(2000);
    expect(readPlainPage(long, { group: 'desk' }).lines).toHaveLength(400);
  });
});
