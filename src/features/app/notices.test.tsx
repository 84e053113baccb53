import { act, fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { lightTheme } from '@/design';
import { bringMoves, draftOf } from '@/core/library';
import { ownLike, shipped } from '@/core/testing';
import {
  bringMovesIn,
  createAppStore,
  draftKept,
  dropDraft,
  keepMove,
  letMoveGo,
  noticeShown,
  selectOwnMoves,
} from '@/state';
import { fakePlatform } from '@/state/testing';
import { Notices } from './notices';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: () => undefined }) }));

const rail = ownLike('Seated twist', { name: 'Rail turn' });

function show(about: 'routines' | 'moves') {
  const store = createAppStore(fakePlatform());
  render(
    <Provider store={store}>
      <PaperProvider theme={lightTheme}>
        <Notices about={about} />
      </PaperProvider>
    </Provider>,
  );
  return store;
}

const press = (text: string) => fireEvent.click(screen.getByText(text));

describe('what is told of moves', () => {
  test('a deleted move can be brought back', () => {
    const store = show('moves');
    act(() => {
      store.dispatch(keepMove(rail));
      store.dispatch(letMoveGo(rail.id));
    });
    expect(screen.getByText(/^“Rail turn” is deleted/)).toBeTruthy();
    press('Bring back');
    expect(selectOwnMoves(store.getState())).toEqual([rail]);
    expect(screen.queryByText(/^“Rail turn” is deleted/)).toBeNull();
  });

  test('what was written and let go can be brought back', () => {
    const store = show('moves');
    act(() => {
      store.dispatch(draftKept({ ...draftOf(shipped('Bridge')), name: ' ' }));
      store.dispatch(dropDraft(shipped('Bridge').id));
    });
    expect(screen.getByText('What you wrote for “a new move” is let go.')).toBeTruthy();
    press('Bring back');
    expect(Object.keys(store.getState().moves.drafts)).toEqual(['bridge']);
  });

  test('moves that were brought in are counted, and taken out again', () => {
    const store = show('moves');
    const lift = ownLike('Bridge', { name: 'Deck lift' });
    act(() => {
      store.dispatch(keepMove(rail));
      store.dispatch(bringMovesIn(bringMoves([rail], [lift, { ...rail, otherNames: ['Newer'] }])));
    });
    expect(screen.getByText('1 move is added, 1 move is replaced.')).toBeTruthy();
    press('Undo');
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

  test('each page tells what it is about; a closed storage is told everywhere', () => {
    const store = show('moves');
    act(() => {
      store.dispatch(noticeShown({ kind: 'demo-loaded' }));
      store.dispatch(noticeShown({ kind: 'storage-closed' }));
    });
    expect(screen.queryByText(/These are demo routines/)).toBeNull();
    expect(screen.getByRole('alert').textContent).toMatch(/storage can't be opened/);
  });
});
