import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { GROUP_ALONE } from '@/core/people';
import { checkRoutine } from '@/core/judgement';
import { routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { lightTheme } from '@/design';
import { storeOn } from '@/state/testing';
import { scorePhrases as phrases } from '@/words/score';
import { Ready } from './ready';

const routine = routineOf('group: desk\nlimits: breastbone opened\nSeated twist: hold 20s');
const score = compile(routine, GROUP_ALONE, phrases);
const stops = checkRoutine(routine, { part: GROUP_ALONE, phrases }).filter(
  ({ severity }) => severity === 'stop',
);

function show(checks: 'looking' | 'done' | 'failed', found: typeof stops = []) {
  const started: number[] = [];
  const ran: unknown[] = [];
  render(
    <Provider store={storeOn()}>
      <PaperProvider theme={lightTheme}>
        <Ready
          routine={routine}
          score={score}
          voice
          elsewhere={false}
          checks={checks}
          stops={found}
          onDecided={() => undefined}
          onRehearse={() => undefined}
          onRun={(how) => ran.push(how)}
          onStart={(passed) => started.push(passed)}
          onTonight={() => undefined}
          onLeave={() => undefined}
        />
      </PaperProvider>
    </Provider>,
  );
  return { started, ran };
}

const start = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Start' });
const isOff = () => start().getAttribute('aria-disabled') === 'true' || start().disabled;

describe('before the class', () => {
  test('who it is for and what is needed stand there, and a run-through can begin with any item', () => {
    const { ran } = show('done');
    expect(screen.getByText(/^For desk workers?: /)).toBeTruthy();
    expect(screen.getByText(/^The room needs: a chair each/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Run through it first' }));
    fireEvent.click(screen.getByRole('switch', { name: 'Without talk' }));
    fireEvent.click(screen.getByRole('radio', { name: 'Seated twist' }));
    fireEvent.click(screen.getByRole('button', { name: 'Start the run-through' }));
    expect(ran).toMatchObject([{ short: true, silent: false }]);
  });

  test('a time of day that is none is refused, and one that is waits for it', () => {
    show('done');
    const field = screen.getByLabelText(/^Start at/);
    fireEvent.change(field, { target: { value: 'soon' } });
    fireEvent.click(screen.getByRole('button', { name: 'Wait for it' }));
    expect(screen.getByText('A time of day, such as 10:30.')).toBeTruthy();
    fireEvent.change(field, { target: { value: '11:15' } });
    fireEvent.click(screen.getByRole('button', { name: 'Wait for it' }));
    expect(screen.getByText('Starts at 11:15')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Back' }));
    expect(start()).toBeTruthy();
  });

  test('it waits for the checks', () => {
    show('looking');
    expect(screen.getByText('The checks are looking at it.')).toBeTruthy();
    expect(isOff()).toBe(true);
  });

  test('with nothing to stop it, it starts', () => {
    const { started } = show('done');
    fireEvent.click(start());
    expect(started).toEqual([0]);
  });

  test('checks that did not finish are told, and keep nobody from leading', () => {
    const { started } = show('failed');
    expect(screen.getByText(/^The checks did not finish/)).toBeTruthy();
    fireEvent.click(start());
    expect(started).toEqual([0]);
  });

  test('of many stops the first are named and the others counted', () => {
    show(
      'done',
      Array.from(
        { length: 9 },
        (_, i) => ({ ...stops[0], places: [{ itemId: `x${i}`, lane: null }] }) as never,
      ),
    );
    expect(screen.getAllByText(/^Ruled out here/)).toHaveLength(6);
    expect(screen.getByText('and 3 more, in the routine')).toBeTruthy();
  });

  test('stops are named with their move, and are led past by a deliberate act alone', async () => {
    const { started } = show('done', stops);
    expect(screen.getByText(/^Seated twist: Ruled out here/)).toBeTruthy();
    expect(isOff()).toBe(true);
    fireEvent.click(screen.getByRole('switch', { name: /I have seen them/ }));
    await waitFor(() => expect(isOff()).toBe(false));
    fireEvent.click(start());
    expect(started).toEqual([stops.length]);
  }, 30_000);
});
