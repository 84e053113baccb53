import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { countingIds, routineIdSchema, type ItemId } from '@/core/common';
import {
  applyChange,
  readRoutineText,
  rowIds,
  writeRoutineText,
  type Change,
  type Routine,
} from '@/core/routine';
import { lightTheme } from '@/design';
import { fakePlatform, storeOn } from '@/state/testing';
import { hasClip, pasteRows, placedInText, rowsText } from './clip';
import { SeveralBar } from './several-bar';

const TEXT = `group: desk

[main]
Seated cat: 6 reps
Seated twist: hold 20s
Heel raises: 10 reps
Neck side tilt: 3 breaths`;

const routineOf = (text: string) =>
  readRoutineText(text, {
    id: routineIdSchema.parse('r'),
    newId: countingIds('i'),
    untitled: 'x',
  }).routine;

function setUp(...at: readonly number[]) {
  const routine = routineOf(TEXT);
  const ids = rowIds(routine);
  const state: { now: Routine; picked: ReadonlySet<ItemId> | undefined } = {
    now: routine,
    picked: new Set(at.map((i) => ids[i] as ItemId)),
  };
  function Bar() {
    const [shown, setShown] = useState(routine);
    const change = (one: Change | undefined) => {
      if (!one) return;
      state.now = applyChange(state.now, one);
      setShown(state.now);
    };
    return (
      <SeveralBar
        id={shown.id}
        routine={shown}
        change={change}
        picked={state.picked ?? new Set()}
        onPicked={(picked) => (state.picked = picked)}
      />
    );
  }
  render(
    <Provider store={storeOn(fakePlatform())}>
      <PaperProvider theme={lightTheme}>
        <Bar />
      </PaperProvider>
    </Provider>,
  );
  const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
  const lines = () => writeRoutineText(state.now).split('[main]\n')[1]?.trim().split('\n');
  return { state, press, lines };
}

describe('rows that are chosen together', () => {
  test('move together, and stop at the ends', () => {
    const { press, lines } = setUp(1, 2);
    press('Up');
    expect(lines()?.[0]).toBe('Seated twist: hold 20s');
    expect(screen.getByRole('button', { name: 'Up' }).getAttribute('aria-disabled')).toBe('true');
    press('Down');
    press('Down');
    expect(lines()?.at(-1)).toBe('Heel raises: 10 reps');
  });

  test('each gets more or less of its own kind', () => {
    const { press, lines } = setUp(0, 1);
    press('More of each');
    expect(lines()?.slice(0, 2)).toEqual(['Seated cat: 7 reps', 'Seated twist: hold 25s']);
    press('Less of each');
    press('Less of each');
    expect(lines()?.slice(0, 2)).toEqual(['Seated cat: 5 reps', 'Seated twist: hold 15s']);
  });

  test('go into a block where they stand side by side', () => {
    const { press, lines, state } = setUp(1, 2);
    press('Group into a block');
    expect(lines()?.slice(1, 4)).toEqual([
      '(2 rounds)',
      '  Seated twist: hold 20s',
      '  Heel raises: 10 reps',
    ]);
    expect(state.picked).toBeUndefined();
  });

  test('apart from each other they make no block, and none at all makes nothing', () => {
    setUp(0, 2);
    const block = screen.getByRole('button', { name: 'Group into a block' });
    expect(block.getAttribute('aria-disabled')).toBe('true');
  });

  test('are cut, and pasted where one is, as they were', () => {
    const { press, state, lines } = setUp(0, 2);
    press('Cut');
    expect(lines()).toEqual(['Seated twist: hold 20s', 'Neck side tilt: 3 breaths']);
    expect(hasClip()).toBe(true);
    const change = pasteRows(state.now, { section: 'main', at: 1 }, countingIds('new'));
    if (!change) throw new Error('nothing pasted');
    expect(writeRoutineText(applyChange(state.now, change))).toContain(
      'Seated twist: hold 20s\nSeated cat: 6 reps\nHeel raises: 10 reps\nNeck side tilt',
    );
  });

  test('as text they are routine text, which is read back whole, and a plan is not', () => {
    const routine = routineOf(TEXT);
    const text = rowsText(routine, rowIds(routine).slice(1, 3));
    expect(text).toContain('Seated twist: hold 20s\nHeel raises: 10 reps');
    expect(placedInText(text, routine)?.map(({ entry }) => entry.kind)).toEqual(['item', 'item']);
    expect(placedInText('twist 20s each\nmarch for a minute', routine)).toBeUndefined();
    expect(placedInText('', routine)).toBeUndefined();
  });
});
