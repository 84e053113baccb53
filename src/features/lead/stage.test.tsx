import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { ledClass, newLead, scriptOf } from '@/core/class';
import { GROUP_ALONE } from '@/core/people';
import { routineOf } from '@/core/testing';
import { lightTheme } from '@/design';
import { scriptPhrases } from '@/words/score';
import { Controls } from './controls';
import { stageSizes } from './shape';
import { Stage } from './stage';
import { viewAt } from './view';

let room = { width: 0, height: 0 };
jest.mock('./filling', () => ({
  Filling: ({ children }: { children: (of: typeof room) => unknown }) => children(room),
}));

let drawn = 0;
jest.mock('lucide-react-native/icons/chevron-down', () => ({
  __esModule: true,
  default: () => {
    drawn += 1;
    return null;
  },
}));

const routine = routineOf('group: desk\nSeated twist: hold 20s\nSeated cat: hold 30s, press 6s x2');
const led = ledClass(newLead(routine, GROUP_ALONE), scriptPhrases);
const script = scriptOf(routine, led.score, scriptPhrases);

/** Every length that is drawn at a time. */
function lengths(seconds: number): string[] {
  const view = viewAt(led, script, seconds * 1000);
  if (!view) return [];
  const { container, unmount } = render(
    <PaperProvider theme={lightTheme}>
      <Stage view={view} mirror={false} sizes={stageSizes(390, 844)} />
    </PaperProvider>,
  );
  const drawn = [...container.querySelectorAll('svg, rect')];
  const all = drawn.flatMap((node) =>
    ['width', 'height'].map((name) => node.getAttribute(name) ?? ''),
  );
  unmount();
  return all;
}

describe('the stage while its room is being measured', () => {
  test.each([
    [390, 0],
    [390, 12],
    [844, 22],
    [844, 30],
    [320, 60],
    [844, 200],
  ])('draws nothing of a negative length at %d × %d', (width, height) => {
    room = { width, height };
    const all = [10, 30, 52, 60, 70].flatMap(lengths);
    expect(all.filter((length) => Number.parseFloat(length) < 0)).toEqual([]);
    if (height > 100) expect(all.length).toBeGreaterThan(0);
  });
});

test('the targets stand still while the class goes on, and do what is to be done now', () => {
  const view = viewAt(led, script, 10_000);
  if (!view) throw new Error('no view');
  const done: number[] = [];
  const at = (moment: number) => (
    <PaperProvider theme={lightTheme}>
      <Controls
        shape="tall"
        running
        whyNot={{ ...view.whyNot }}
        open={false}
        onDeed={() => done.push(moment)}
        onWhyNot={() => undefined}
        onHappened={() => undefined}
        onMore={() => undefined}
      />
    </PaperProvider>
  );
  const { rerender } = render(at(0));
  drawn = 0;
  for (let moment = 1; moment <= 20; moment++) rerender(at(moment));
  expect(drawn).toBe(0);
  fireEvent.click(screen.getByRole('button', { name: 'Next' }));
  expect(done).toEqual([20]);
});
