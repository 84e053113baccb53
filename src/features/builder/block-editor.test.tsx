import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { countingIds, routineIdSchema } from '@/core/common';
import {
  applyChange,
  readRoutineText,
  writeRoutineText,
  type Block,
  type Change,
} from '@/core/routine';
import { lightTheme } from '@/design';
import { fakePlatform, storeOn } from '@/state/testing';
import { BlockEditor } from './block-editor';

function setUp(head: string) {
  const { routine } = readRoutineText(`title: x\n${head}\n  Seated cat\n  Bridge`, {
    id: routineIdSchema.parse('r'),
    newId: countingIds('i'),
    untitled: 'x',
  });
  const changes: Change[] = [];
  render(
    <Provider store={storeOn(fakePlatform())}>
      <PaperProvider theme={lightTheme}>
        <BlockEditor
          id={routine.id}
          routine={routine}
          block={routine.sections.main[0] as Block}
          change={(change) => change && changes.push(change)}
          onClose={() => undefined}
        />
      </PaperProvider>
    </Provider>,
  );
  return () => {
    const [change] = changes;
    return change
      ? (writeRoutineText(applyChange(routine, change)).split('\n')[4] ?? '')
      : 'unchanged';
  };
}

describe('changing a block', () => {
  test.each([
    ['(2 rounds)', 'More: Rounds', '(3 rounds)'],
    ['(3 rounds, rest 20s)', 'Less: Rounds', '(2 rounds, rest 20s)'],
    ['(2 rounds)', 'More: Rest between', '(2 rounds, rest 5s)'],
    ['(2 rounds, rest 5s)', 'Less: Rest between', '(2 rounds)'],
  ])('%s, %s: %s', (head, label, expected) => {
    const changed = setUp(head);
    fireEvent.click(screen.getByLabelText(label));
    expect(changed()).toBe(expected);
  });

  test('runs each side and builds up, but always something', () => {
    const changed = setUp('(2 rounds)');
    fireEvent.click(screen.getByRole('switch', { name: 'Each side' }));
    expect(changed()).toBe('(2 rounds, each side)');
  });

  test('the only thing a block says can not be taken away', () => {
    const changed = setUp('(each side)');
    fireEvent.click(screen.getByRole('switch', { name: 'Each side' }));
    expect(changed()).toBe('unchanged');
  });

  test('taken apart, its lines stay', () => {
    const changed = setUp('(build up)');
    fireEvent.click(screen.getByText('Take apart'));
    expect(changed()).toBe('Seated cat');
  });
});
