import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { lightTheme } from '@/design';
import { countingIds, routineIdSchema } from '@/core/ids';
import { applyChange, readRoutineText, type Routine } from '@/core/routine';
import { HeadPanel } from './head-panel';

function setUp(text = 'group: desk\nSeated cat') {
  const id = routineIdSchema.parse('r');
  const { routine: start } = readRoutineText(text, {
    id,
    newId: countingIds('i'),
    untitled: 'x',
  });
  let now = start;
  function Panel() {
    const [routine, setRoutine] = useState<Routine>(start);
    now = routine;
    return (
      <HeadPanel
        id={id}
        routine={routine}
        change={(change) => change && setRoutine(applyChange(routine, change))}
      />
    );
  }
  render(
    <PaperProvider theme={lightTheme}>
      <Panel />
    </PaperProvider>,
  );
  const field = (name: RegExp) => screen.getByRole<HTMLInputElement>('textbox', { name });
  const write = (name: RegExp, value: string) => {
    fireEvent.change(field(name), { target: { value } });
    fireEvent.blur(field(name));
  };
  return { field, write, routine: () => now };
}

describe('group and time', () => {
  test('limits, room and schools are written as in a text', () => {
    const { write, routine } = setUp();
    write(/^Limits/, 'knee painful left, no floor');
    write(/room/i, '12 chairs, wall');
    write(/^School/, 'curl never');
    expect(routine().limits).toEqual([
      { limit: 'knee painful', side: 'left' },
      { limit: 'no floor' },
    ]);
    expect(routine().room).toEqual([{ thing: 'chair', count: 12 }, { thing: 'wall' }]);
    expect(routine().schools).toEqual({ curl: 'never' });
  });

  test('what can’t be read stays as it was typed, with what could stand there', () => {
    const { field, write, routine } = setUp('group: desk\nlimits: no floor\nSeated cat');
    write(/^Limits/, 'no floor, tired');
    expect(field(/^Limits/).value).toBe('no floor, tired');
    expect(screen.getByText(/“tired” is not a limit/)).toBeTruthy();
    expect(routine().limits).toEqual([{ limit: 'no floor' }]);
    write(/^Limits/, '');
    expect(routine().limits).toBeUndefined();
    expect(screen.queryByText(/is not a limit/)).toBeNull();
  });

  test('the group, the slot and the ways of taking part; one way always stays', () => {
    const { write, routine } = setUp('group: desk\nlanes: chair\nSeated cat');
    fireEvent.click(screen.getByRole('radio', { name: 'Older adults' }));
    expect(routine().pace).toBe('older');
    write(/slot/i, '12:30');
    expect(routine().slotMs).toBe(750_000);
    fireEvent.click(screen.getByRole('switch', { name: /^In the chair/ }));
    expect(routine().lanes).toEqual(['chair']);
    fireEvent.click(screen.getByRole('switch', { name: 'Standing' }));
    expect(routine().lanes).toEqual(['chair', 'stand']);
    fireEvent.click(screen.getByRole('switch', { name: /^In the chair/ }));
    expect(routine().lanes).toEqual(['stand']);
  });
});
