import { act, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { applyChange, changeItem, itemsInOrder } from '@/core/routine';
import { routineOf } from '@/core/testing';
import { lightTheme } from '@/design';
import { fakePlatform, storeOn } from '@/state/testing';
import { amountStepper } from '@/features/steps';
import { StrandList } from './strand-list';

let drawn = 0;
jest.mock('lucide-react-native/icons/grip-vertical', () => ({
  __esModule: true,
  default: () => {
    drawn += 1;
    return null;
  },
}));

test('an edit draws the row that it changes, and no handle of the others', () => {
  const routine = routineOf(
    'group: desk\nSeated cat: 6 reps\nSeated march: 8 reps\nNeck side tilt: hold 20s',
  );
  const nothing = () => undefined;
  const store = storeOn(fakePlatform());
  const none = new Map();
  const strand = (shown: typeof routine) => (
    <Provider store={store}>
      <PaperProvider theme={lightTheme}>
        <StrandList
          routine={shown}
          before={shown}
          findings={none}
          chosen={undefined}
          onChoose={nothing}
          onSection={nothing}
          onDrop={nothing}
        />
      </PaperProvider>
    </Provider>
  );
  const { rerender } = render(strand(routine));
  const [first] = itemsInOrder(routine);
  if (!first) throw new Error('no item');
  expect(screen.getByRole('button', { name: /^Seated cat, 6 reps/ })).toBeTruthy();
  drawn = 0;
  const { more } = amountStepper(first, routine);
  const change = more && changeItem(routine, first.id, more);
  if (!change) throw new Error('no change');
  act(() => rerender(strand(applyChange(routine, change))));
  expect(screen.getByRole('button', { name: /^Seated cat, 7 reps/ })).toBeTruthy();
  // The row that changed has it in its name.
  expect(drawn).toBeLessThanOrEqual(1);
});
