import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { countingIds, routineIdSchema } from '@/core/common';
import { applyChange, itemsInOrder, readRoutineText, type Change } from '@/core/routine';
import { lightTheme } from '@/design';
import { fakePlatform, storeOn } from '@/state/testing';
import { AddingLine } from './adding-line';

const { routine } = readRoutineText('Seated cat', {
  id: routineIdSchema.parse('r'),
  newId: countingIds('i'),
  untitled: 'x',
});

function setUp() {
  const changes: Change[] = [];
  render(
    <Provider store={storeOn(fakePlatform())}>
      <PaperProvider theme={lightTheme}>
        <AddingLine
          id={routine.id}
          routine={routine}
          change={(change) => change && changes.push(change)}
          goesTo={{ section: 'main' }}
          onGoesTo={() => undefined}
          onAdded={() => undefined}
          onPage={() => undefined}
        />
      </PaperProvider>
    </Provider>,
  );
  const input = screen.getByRole<HTMLInputElement>('textbox');
  const type = (text: string) => fireEvent.change(input, { target: { value: text } });
  const enter = () => fireEvent.keyDown(input, { key: 'Enter' });
  return { changes, input, type, enter };
}

describe('the adding line', () => {
  test('says what it would add, and adds it', () => {
    const { changes, input, type, enter } = setUp();
    type('seated twist 30s each');
    expect(screen.getByText('Seated twist: hold 30s, each side')).toBeTruthy();
    expect(screen.getByText(/^adds 1:1/)).toBeTruthy();
    enter();
    const [change] = changes;
    if (!change) throw new Error('nothing added');
    expect(itemsInOrder(applyChange(routine, change)).map(({ moveId }) => moveId)).toEqual([
      'seated-cat',
      'seated-twist',
    ]);
    expect(input.value).toBe('');
  });

  test('keeps a wrong line and says what is wrong', () => {
    const { changes, input, type, enter } = setUp();
    type('seated twist: 30s sideways');
    enter();
    expect(screen.getByText(/“sideways” is not understood here/)).toBeTruthy();
    expect(input.value).toBe('seated twist: 30s sideways');
    expect(changes).toEqual([]);
  });

  test('takes a line as people write it, shows what it understood, and offers what else it may be', () => {
    const { changes, input, type, enter } = setUp();
    type('2 sets of 8 sit to stand');
    expect(screen.getByText(/^Sit to stand: 8 reps x2/)).toBeTruthy();
    enter();
    expect(changes).toHaveLength(1);
    type('hamstring stretch 30 seconds each leg');
    expect(screen.getByText(/^Seated hamstring reach: hold 30s, each side/)).toBeTruthy();
    fireEvent.click(screen.getByText('Strap leg reach, lying'));
    expect(input.value).toBe('Strap leg reach, lying: hold 30s, each side');
    type('rest 30');
    enter();
    expect(changes).toHaveLength(2);
    type('10 shoulder rolls to bells');
    expect(screen.getByText(/without “bells”/)).toBeTruthy();
  });

  test('offers moves while a name is typed', () => {
    const { input, type } = setUp();
    type('seated b');
    fireEvent.click(screen.getByText('Seated band row'));
    expect(input.value).toBe('Seated band row: ');
  });

  test('where it is not sure, Enter marks the first whole line and Enter again takes it', () => {
    const { changes, input, type, enter } = setUp();
    type('fire hydrants 8 each side');
    const first = screen.getByRole('button', { name: /^Leg press-back on all fours: 8 reps/ });
    expect(first.textContent).toContain('presses the leg back and not out to the side');
    enter();
    expect(changes).toEqual([]);
    expect(first.getAttribute('aria-current')).toBe('true');
    fireEvent.keyDown(input, { key: 'Escape' });
    expect(first.getAttribute('aria-current')).toBeNull();
    enter();
    enter();
    const [change] = changes;
    if (!change) throw new Error('nothing added');
    expect(itemsInOrder(applyChange(routine, change)).at(-1)).toMatchObject({
      moveId: 'leg-press-back-on-all-fours',
      dose: { kind: 'reps', reps: 8 },
    });
    expect(input.value).toBe('');
    // From now on those words are that move.
    type('fire hydrants x 12');
    expect(screen.getByText('Leg press-back on all fours: 12 reps')).toBeTruthy();
    enter();
    expect(changes).toHaveLength(2);
  });

  test('what no move is can be kept as a note, by keys alone', () => {
    const { changes, input, type, enter } = setUp();
    type('bring the blue mats');
    for (let i = 0; i < 6; i++) {
      const { textContent } = document.querySelector('[aria-current="true"]') ?? {
        textContent: '',
      };
      if (textContent === 'Keep it as a note') break;
      fireEvent.keyDown(input, { key: 'ArrowDown' });
    }
    enter();
    expect(changes[0]?.steps[0]).toMatchObject({
      entry: { kind: 'note', note: 'bring the blue mats' },
    });
  });
});
