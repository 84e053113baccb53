import { act, fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { ownLike, shipped } from '@/core/testing';
import { bringMoves, draftOf } from '@/core/writing';
import { lightTheme } from '@/design';
import { HallProvider } from '@/features/frame';
import * as work from '@/state';
import {
  attachWorkshop,
  bringMovesIn,
  draftKept,
  dropDraft,
  keepMove,
  letMoveGo,
  noticeShown,
  selectOwnMoves,
} from '@/state';
import { createHall } from '@/state/hall';
import { fakePlatform } from '@/state/testing';
import { Notices } from './notices';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: () => undefined }) }));

const rail = ownLike('Seated twist', { name: 'Rail turn' });

function show(about: 'routines' | 'moves') {
  const hall = createHall(fakePlatform());
  const store = attachWorkshop(hall);
  render(
    <Provider store={store}>
      <HallProvider value={{ hall, loadWorkshop: async () => ({ work }) }}>
        <PaperProvider theme={lightTheme}>
          <Notices about={about} />
        </PaperProvider>
      </HallProvider>
    </Provider>,
  );
  return store;
}

/** The workshop opens before what is pressed is done. */
const press = async (text: string) => {
  await act(async () => {
    fireEvent.click(screen.getByText(text));
    await new Promise((resolve) => setTimeout(resolve, 20));
  });
};

describe('what is told of moves', () => {
  test('a deleted move can be brought back', async () => {
    const store = show('moves');
    act(() => {
      store.dispatch(keepMove(rail));
      store.dispatch(letMoveGo(rail.id));
    });
    expect(screen.getByText(/^“Rail turn” is deleted/)).toBeTruthy();
    await press('Bring back');
    expect(selectOwnMoves(store.getState())).toEqual([rail]);
    expect(screen.queryByText(/^“Rail turn” is deleted/)).toBeNull();
  });

  test('what was written and let go can be brought back', async () => {
    const store = show('moves');
    act(() => {
      store.dispatch(draftKept({ ...draftOf(shipped('Bridge')), name: ' ' }));
      store.dispatch(dropDraft(shipped('Bridge').id));
    });
    expect(screen.getByText('What you wrote for “a new move” is let go.')).toBeTruthy();
    await press('Bring back');
    expect(Object.keys(store.getState().moves.drafts)).toEqual(['bridge']);
  });

  test('moves that were brought in are counted, and taken out again', async () => {
    const store = show('moves');
    const lift = ownLike('Bridge', { name: 'Deck lift' });
    act(() => {
      store.dispatch(keepMove(rail));
      store.dispatch(bringMovesIn(bringMoves([rail], [lift, { ...rail, otherNames: ['Newer'] }])));
    });
    expect(screen.getByText('1 move is added, 1 move is replaced.')).toBeTruthy();
    await press('Undo');
    expect(selectOwnMoves(store.getState())).toEqual([rail]);
  });

  test('routines whose lines lost something are named', () => {
    const store = show('moves');
    act(
      () =>
        void store.dispatch(
          noticeShown({ kind: 'move-kept', name: 'Rail turn', mended: ['Low tide', 'Dusk'] }),
        ),
    );
    expect(screen.getByText(/Lines in “Low tide”, “Dusk” named something/)).toBeTruthy();
  });

  test('each page tells what it is about', () => {
    const store = show('moves');
    act(() => void store.dispatch(noticeShown({ kind: 'demo-loaded' })));
    expect(screen.queryByText(/These are demo routines/)).toBeNull();
  });
});
