import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { countingIds, routineIdSchema } from '@/core/common';
import { applyChange, readRoutineText, type Change, type Routine } from '@/core/routine';
import { lightTheme } from '@/design';
import { addGroup, attachWorkshop } from '@/state';
import { createHall } from '@/state/hall';
import { fakePlatform } from '@/state/testing';
import { HeaderPanel } from './header-panel';

function setUp(text = 'group: desk\nSeated cat') {
  const store = attachWorkshop(createHall(fakePlatform()));
  store.dispatch(addGroup('Court of elms', 'older'));
  const id = routineIdSchema.parse('r');
  const { routine: start } = readRoutineText(text, {
    id,
    newId: countingIds('i'),
    untitled: 'x',
  });
  let now = start;
  function Panel() {
    const [open, setOpen] = useState(true);
    const [routine, setRoutine] = useState<Routine>(start);
    now = routine;
    const change = (one: Change | undefined) => one && setRoutine(applyChange(routine, one));
    return (
      <>
        <button onClick={() => setOpen(false)}>close</button>
        {open && (
          <HeaderPanel onClose={() => undefined} id={id} routine={routine} change={change} />
        )}
      </>
    );
  }
  render(
    <Provider store={store}>
      <PaperProvider theme={lightTheme}>
        <Panel />
      </PaperProvider>
    </Provider>,
  );
  const folds = () =>
    screen
      .getAllByRole('heading', { level: 2 })
      .flatMap((one) => [...one.querySelectorAll('[role=button]')]);
  for (const fold of folds()) fireEvent.click(fold);
  const field = (name: RegExp) => screen.getByRole<HTMLInputElement>('textbox', { name });
  const write = (name: RegExp, value: string) => {
    fireEvent.change(field(name), { target: { value } });
    fireEvent.blur(field(name));
  };
  const close = () => fireEvent.click(screen.getByRole('button', { name: 'close' }));
  const openedFor = () => store.getState().classFor[id]?.groupId;
  return { field, write, close, routine: () => now, openedFor };
}

describe('group and time', () => {
  test('it is opened for one of the groups that are here, and for nobody again', () => {
    const { openedFor } = setUp();
    fireEvent.click(screen.getByRole('radio', { name: 'Court of elms' }));
    expect(openedFor()).toBeDefined();
    fireEvent.click(screen.getByRole('radio', { name: 'Nobody in particular' }));
    expect(openedFor()).toBeUndefined();
  });

  test('limits, room and schools are written as in a text', () => {
    const { write, routine } = setUp();
    write(/^Limits/, 'knee painful left, no floor');
    write(/^In the room, such/, '12 chairs, wall');
    write(/^How you teach, in words/, 'curl never');
    expect(routine().limits).toEqual([
      { limit: 'knee painful', side: 'left' },
      { limit: 'no floor' },
    ]);
    expect(routine().room).toEqual([{ thing: 'chair', count: 12 }, { thing: 'wall' }]);
    expect(routine().schools).toEqual({ curl: 'never' });
  });

  test('what can’t be read stays as it was typed, with what could stand there', () => {
    const { field, write, routine } = setUp('group: desk\nlimits: no floor\nSeated cat');
    write(/^How you teach, in words/, 'curl never, dance often');
    expect(field(/^How you teach, in words/).value).toBe('curl never, dance often');
    expect(screen.getByText(/“dance often” is not a school/)).toBeTruthy();
    expect(routine().schools).toBeUndefined();
  });

  test('limits that are not understood stand, and are asked about, until they are answered', () => {
    const { field, write, routine } = setUp('group: desk\nlimits: none\nSeated cat');
    write(/^Limits/, 'bad knees, tired, arthritis');
    expect(routine()).toMatchObject({
      limits: [{ limit: 'knee painful' }],
      limitsUnread: ['tired', 'arthritis'],
    });
    expect(field(/^Limits/).value).toBe('knee painful, tired, arthritis');
    fireEvent.click(screen.getAllByRole('button', { name: 'a painful hip' }).at(-1) as HTMLElement);
    expect(routine().limits).toEqual([{ limit: 'knee painful' }, { limit: 'hip painful' }]);
    fireEvent.click(screen.getByRole('button', { name: 'Skip “tired”' }));
    expect(routine().limitsUnread).toBeUndefined();
    expect(screen.queryByText(/is not a limit/)).toBeNull();
    write(/^Limits/, '');
    expect(routine().limits).toBeUndefined();
  });

  test('limits that are left out are not asked, not none', () => {
    const { write, routine } = setUp();
    write(/^Limits/, 'tired');
    fireEvent.click(screen.getByRole('button', { name: 'Skip “tired”' }));
    expect(routine()).not.toHaveProperty('limits');
    expect(routine()).not.toHaveProperty('limitsUnread');
  });

  test('limits that are still being typed are kept when the panel closes', () => {
    const { field, routine, close } = setUp();
    fireEvent.change(field(/^Limits/), { target: { value: 'bad knees' } });
    close();
    expect(routine().limits).toEqual([{ limit: 'knee painful' }]);
  });

  test('the group, the slot and the ways of taking part; one way always stays', () => {
    const { write, routine } = setUp('group: desk\nlanes: chair\nSeated cat');
    fireEvent.click(screen.getByRole('radio', { name: 'Older adults' }));
    expect(routine().group).toBe('older');
    write(/slot/i, '12:30');
    expect(routine().slotMs).toBe(750_000);
    fireEvent.click(screen.getByRole('switch', { name: /^In the chair/ }));
    expect(routine().lanes).toEqual(['chair']);
    fireEvent.click(screen.getByRole('switch', { name: 'Standing' }));
    expect(routine().lanes).toEqual(['chair', 'stand']);
    fireEvent.click(screen.getByRole('switch', { name: /^In the chair/ }));
    expect(routine().lanes).toEqual(['stand']);
  });

  test('limits, things in the room and schools are chosen from lists, and are the same text', () => {
    const { field, routine } = setUp('group: older\nSeated cat');
    const press = (role: 'switch' | 'radio' | 'button', name: string | RegExp) =>
      fireEvent.click(screen.getByRole(role, { name }));
    press('switch', 'A painful knee');
    press('radio', 'Left');
    expect(routine().limits).toEqual([{ limit: 'knee painful', side: 'left' }]);
    expect(field(/^Limits/).value).toBe('knee painful left');
    fireEvent.change(field(/^Find: choose limits/), { target: { value: 'expecting a baby' } });
    press('switch', /pregnan/i);
    expect(routine().limits).toHaveLength(2);
    press('switch', 'Chair');
    press('button', 'More: How many: chair');
    press('button', 'More: How many: chair');
    expect(routine().room).toEqual([{ thing: 'chair', count: 2 }]);
    press('switch', 'Chair');
    expect(routine().room).toBeUndefined();
    press('button', /^Schools/);
    press('radio', /^Never: not at all/);
    expect(routine().schools).toEqual({ curl: 'never' });
    fireEvent.change(field(/^Find: choose limits/), { target: { value: 'zzz' } });
    expect(screen.getByText('Nothing is called so.')).toBeTruthy();
  });

  test('a second way at one place has a word of its own, and is told apart from what is there', () => {
    const { write, routine } = setUp('group: older\nlanes: bed\nBridge: 6 reps');
    write(/^Two ways in one place/, 'two words');
    screen.getByText(/^Write one small word/);
    expect(routine().lanes).toEqual(['bed']);
    write(/^Two ways in one place/, 'lighter');
    expect(routine().lanes).toEqual(['bed', 'bed as lighter']);
    write(/^Two ways in one place/, 'couch as Lighter');
    screen.getByText(/^“lighter” is a way of taking part here already/);
    write(/^Two ways in one place/, 'couch as slower');
    expect(routine().lanes).toEqual(['bed', 'bed as lighter', 'couch as slower']);
    fireEvent.click(screen.getByRole('switch', { name: 'On the bed, lighter' }));
    expect(routine().lanes).toEqual(['bed', 'couch as slower']);
  });
});
