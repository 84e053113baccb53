import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { GROUP_ALONE } from '@/core/people';
import { checkRoutine } from '@/core/judgement';
import { routineOf } from '@/core/testing';
import { lightTheme } from '@/design';
import { scorePhrases as phrases } from '@/words/score';
import { Ready } from './ready';

const routine = routineOf('group: desk\nlimits: breastbone opened\nSeated twist: hold 20s');
const stops = checkRoutine(routine, { part: GROUP_ALONE, phrases }).filter(
  ({ severity }) => severity === 'stop',
);

function show(found: typeof stops | undefined) {
  const started: number[] = [];
  render(
    <PaperProvider theme={lightTheme}>
      <Ready
        routine={routine}
        totalMs={60_000}
        voice
        elsewhere={false}
        stops={found}
        onStart={(passed) => started.push(passed)}
        onLeave={() => undefined}
      />
    </PaperProvider>,
  );
  return started;
}

const start = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Start' });
const isOff = () => start().getAttribute('aria-disabled') === 'true' || start().disabled;

describe('before the class', () => {
  test('it waits for the checks', () => {
    show(undefined);
    expect(isOff()).toBe(true);
  });

  test('with nothing to stop it, it starts', () => {
    const started = show([]);
    fireEvent.click(start());
    expect(started).toEqual([0]);
  });

  test('stops are named with their move, and are led past by a deliberate act alone', async () => {
    const started = show(stops);
    expect(screen.getByText(/^Seated twist: Ruled out here/)).toBeTruthy();
    expect(isOff()).toBe(true);
    fireEvent.click(screen.getByRole('switch', { name: /I have seen them/ }));
    await waitFor(() => expect(isOff()).toBe(false));
    fireEvent.click(start());
    expect(started).toEqual([stops.length]);
  }, 30_000);
});
