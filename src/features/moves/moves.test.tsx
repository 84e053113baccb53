import { fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { SHIPPED } from '@/core/moves';
import { ownLike, shipped } from '@/core/testing';
import { draftOf, type Wanted } from '@/core/writing';
import { lightTheme } from '@/design';
import { draftKept, keepMove, selectOwnMoves, type AppStore } from '@/state';
import { fakePlatform, storeOn } from '@/state/testing';
import { MoveList } from './move-list';
import { MovePage } from './move-page';
import { MoveSheet } from './move-sheet';

const went: string[] = [];

jest.mock('expo-router', () => ({
  useRouter: () => ({
    push: (to: string) => went.push(to),
    replace: (to: string) => went.push(to),
  }),
}));

const rail = ownLike('Seated twist', { name: 'Rail turn' });

function show(node: React.ReactNode, store: AppStore = storeOn(fakePlatform())) {
  render(
    <Provider store={store}>
      <PaperProvider theme={lightTheme}>{node}</PaperProvider>
    </Provider>,
  );
  return store;
}

beforeEach(() => (went.length = 0));

function List({ start = {} }: { readonly start?: Wanted }) {
  const [wanted, setWanted] = useState<Wanted>(start);
  return (
    <MoveList
      wanted={wanted}
      onWanted={setWanted}
      chosen={undefined}
      onChoose={(id) => went.push(id)}
    />
  );
}

describe('the list of moves', () => {
  test('is narrowed down one facet after the other, and shown whole again', () => {
    show(<List />);
    expect(screen.getByText(`${SHIPPED.moves.length} moves`)).toBeTruthy();
    // By text: with so many rows, roles take seconds to look through.
    const press = (text: string) => fireEvent.click(screen.getByText(text));
    if (screen.queryByText('Narrow down')) press('Narrow down');
    press('Region');
    press('Calf');
    expect(screen.getByText('Region: Calf')).toBeTruthy();
    press('Where');
    press('Standing');
    const calves = SHIPPED.moves.filter(({ regions }) => regions.includes('calf')).length;
    const count = Number(/^\d+/.exec(screen.getByText(/^\d+ moves?$/).textContent ?? '')?.[0]);
    expect(count).toBeGreaterThan(0);
    expect(count).toBeLessThan(calves);
    press('Show all moves');
    expect(screen.getByText(`${SHIPPED.moves.length} moves`)).toBeTruthy();
  });

  test('without own moves it says how to come by one', () => {
    const store = storeOn(fakePlatform());
    show(<List start={{ own: true }} />, store);
    expect(screen.getByText(/^You have no own moves like this/)).toBeTruthy();
  });

  test('an own move and a changed one say what they are', () => {
    const store = storeOn(fakePlatform());
    store.dispatch(keepMove(rail));
    store.dispatch(keepMove({ ...shipped('Seated cat'), otherNames: ['Deck cat'] }));
    show(<List start={{ own: true }} />, store);
    const rows = screen.getAllByRole('link').map(({ textContent }) => textContent ?? '');
    expect(rows).toHaveLength(2);
    expect(rows.find((row) => row.startsWith('Rail turn'))).toContain('Your own');
    expect(rows.find((row) => row.startsWith('Seated cat'))).toContain('Changed by you');
    fireEvent.click(screen.getByText('Rail turn'));
    expect(went).toEqual([rail.id]);
  });
});

describe('a move in full', () => {
  test('has its words, levels with what they ask, doses, limits, ways and family', () => {
    show(<MoveSheet move={shipped('Tandem stance')} catalogue={SHIPPED} />);
    for (const part of ['What to say', 'Levels', 'Dose', 'Limits', 'Ways of taking part']) {
      expect(screen.getByRole('heading', { name: part })).toBeTruthy();
    }
    expect(screen.getByText('Stand behind your chair, left foot in front.')).toBeTruthy();
    expect(screen.getByText('fingertips · usual')).toBeTruthy();
    expect(screen.getAllByText(/Asks for a narrow stance|Asks for .*narrow/).length).toBe(3);
    expect(screen.getByText('One-leg stance')).toBeTruthy();
    expect(screen.getByText(/Their clinician has the last word/)).toBeTruthy();
  });

  test('a shipped one can be changed or copied, and has nothing to go back from', () => {
    const store = show(<MovePage id="seated-twist" />);
    expect(screen.queryByRole('button', { name: 'Delete' })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Back to the original' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Change' }));
    fireEvent.click(screen.getByRole('button', { name: 'Copy as a new move' }));
    const [change, copy] = went;
    expect(change).toBe('/write-move/seated-twist');
    const [draft] = Object.values(store.getState().moves.drafts);
    expect(copy).toBe(`/write-move/${draft?.id}`);
    expect(draft).toMatchObject({ name: 'My seated twist', otherNames: '' });
  });

  test('one that is being changed says so, on its page and on the list', () => {
    const store = storeOn(fakePlatform());
    store.dispatch(draftKept(draftOf(shipped('Bridge'))));
    show(<MovePage id="bridge" />, store);
    expect(screen.getByText('Go on changing')).toBeTruthy();
    show(<List />, store);
    fireEvent.click(screen.getByText('Own moves · 1 being written'));
    fireEvent.click(screen.getByText('Go on writing Bridge'));
    expect(went).toEqual(['/write-move/bridge']);
  });

  test('an own one is deleted; the list follows', () => {
    const store = storeOn(fakePlatform());
    store.dispatch(keepMove(rail));
    show(<MovePage id={rail.id} />, store);
    expect(screen.getByText('A move of your own.')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Delete' }));
    expect(selectOwnMoves(store.getState())).toEqual([]);
    expect(went).toEqual(['/moves']);
    expect(screen.getByText('This move is not here.')).toBeTruthy();
  });

  test('a changed one shows its original beside it', () => {
    const store = storeOn(fakePlatform());
    const cat = shipped('Seated cat');
    store.dispatch(keepMove({ ...cat, cues: { ...cat.cues, short: 'Round and lift, easy.' } }));
    show(<MovePage id={cat.id} />, store);
    const words = () =>
      within(screen.getByRole('heading', { name: 'What to say' }).parentElement as HTMLElement);
    expect(words().getByText('Round and lift, easy.')).toBeTruthy();
    fireEvent.click(screen.getByRole('switch', { name: 'Show the original' }));
    expect(words().getByText(cat.cues.short)).toBeTruthy();
    // What is shown is what is copied.
    fireEvent.click(screen.getByRole('button', { name: 'Copy as a new move' }));
    const [draft] = Object.values(store.getState().moves.drafts);
    expect(draft?.cues.short).toBe(cat.cues.short);
    fireEvent.click(screen.getByRole('button', { name: 'Back to the original' }));
    expect(screen.queryByText('You changed this move. Its original is kept.')).toBeNull();
    expect(selectOwnMoves(store.getState())).toEqual([]);
  });
});
