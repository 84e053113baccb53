import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { countingIds, routineIdSchema } from '@/core/common';
import {
  applyChange,
  itemsInOrder,
  readRoutineText,
  writeRoutineText,
  type Change,
  type Routine,
} from '@/core/routine';
import { lightTheme } from '@/design';
import { fakePlatform, storeOn } from '@/state/testing';
import { ItemFine } from './item-fine';

function setUp(text: string) {
  const { routine } = readRoutineText(text, {
    id: routineIdSchema.parse('r'),
    newId: countingIds('i'),
    untitled: 'x',
  });
  let now = routine;
  function Fine() {
    const [shown, setShown] = useState<Routine>(routine);
    const [item] = itemsInOrder(shown);
    const change = (one: Change | undefined) => {
      if (!one) return;
      now = applyChange(now, one);
      setShown(now);
    };
    return item ? <ItemFine id={shown.id} routine={shown} item={item} change={change} /> : null;
  }
  const platform = fakePlatform();
  render(
    <Provider store={storeOn(platform)}>
      <PaperProvider theme={lightTheme}>
        <Fine />
      </PaperProvider>
    </Provider>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Sides, hands, ways and words' }));
  const choose = (group: string | RegExp, name: string) => {
    const radios = screen.getByRole('radiogroup', { name: group });
    const one = [...radios.querySelectorAll('[role=radio]')].find(
      (radio) => radio.textContent === name,
    );
    if (!one) throw new Error(name);
    fireEvent.click(one);
  };
  const line = () => writeRoutineText(now).trim().split('\n').at(-1);
  return { choose, line };
}

describe('what a line says besides its dose', () => {
  test('a weaker side has more time, by steps, and none again', () => {
    const { choose, line } = setUp('group: older\nSeated twist: hold 20s');
    choose('A weaker side, with more time', 'Left');
    fireEvent.click(screen.getByRole('button', { name: 'More: More for each set of it' }));
    expect(line()).toContain('weak left +15s');
    choose('A weaker side, with more time', 'Both alike');
    expect(line()).not.toContain('weak');
  });

  test('each way of taking part has its own level, hands and challenge are chosen', () => {
    const { choose, line } = setUp(
      'group: older\nlanes: stand-held, chair\nTandem stance: hold 10s',
    );
    choose('Hands', 'Fingertips');
    choose('Made harder by', 'Head turning');
    expect(line()).toContain('support fingertips');
    expect(line()).toContain('head turning');
    const [group] = screen.getAllByRole('radiogroup', { name: /^Level: Standing, holding on/ });
    const own = group?.querySelectorAll('[role=radio]')[1];
    if (!own) throw new Error('no level');
    fireEvent.click(own);
    expect(line()).toMatch(/level .* in stand-held/);
  });

  test('own words stand with the time they take', () => {
    const { line } = setUp('group: older\nSeated twist: hold 20s');
    const cue = screen.getByRole('textbox', { name: 'Said as it goes' });
    fireEvent.change(cue, { target: { value: 'Turn to the window' } });
    fireEvent.blur(cue);
    expect(line()).toContain('cue "Turn to the window"');
    expect(screen.getAllByText(/takes \d+ s to say/).length).toBeGreaterThan(0);
  });
});
