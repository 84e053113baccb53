import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import { moveIdSchema } from '@/core/common';
import { ownLike, shipped } from '@/core/testing';
import { draftOf, emptyDraft } from '@/core/writing';
import { lightTheme } from '@/design';
import { draftKept, keepMove, selectOwnMoves, type AppStore } from '@/state';
import { fakePlatform, storeOn } from '@/state/testing';
import { WriteMoveScreen } from '.';

const went: string[] = [];

jest.mock('expo-router', () => ({
  useRouter: () => ({ replace: (to: string) => went.push(to) }),
}));

// What every browser has, and the test's page has not.
globalThis.structuredClone ??= <T,>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
Element.prototype.scrollIntoView = () => undefined;

const ID = moveIdSchema.parse('own-1');
const rail = ownLike('Seated twist', { name: 'Rail turn' });

function show(id: string, store: AppStore = storeOn(fakePlatform())) {
  render(
    <Provider store={store}>
      <PaperProvider theme={lightTheme}>
        <WriteMoveScreen id={id} />
      </PaperProvider>
    </Provider>,
  );
  return store;
}

// By text and label: with so many buttons, roles take seconds to look through.
const press = (name: string | RegExp) =>
  fireEvent.click(screen.queryByText(name) ?? screen.getByLabelText(name));
const field = (name: string) =>
  screen.getByLabelText<HTMLInputElement>(name, { selector: 'input, textarea' });
const write = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });

beforeEach(() => (went.length = 0));

describe('writing a move', () => {
  test('an address of no move leads nowhere', () => {
    show('own-nothing');
    expect(screen.getByText('There is nothing at this address.')).toBeTruthy();
  });

  test('what is missing is told when it is to be kept, not before; each part opens', async () => {
    const store = storeOn(fakePlatform());
    store.dispatch(draftKept(emptyDraft(ID, 'Breathe easily; no holding.')));
    show(ID, store);
    expect(screen.queryByText('This is still to be filled in.')).toBeNull();
    expect(screen.queryByLabelText('Usual dose')).toBeNull();
    press('Keep');
    await waitFor(() => expect(field('Usual dose')).toBeTruthy());
    expect(screen.getAllByText('This is still to be filled in.').length).toBeGreaterThan(5);
    expect(went).toEqual([]);
    expect(selectOwnMoves(store.getState())).toEqual([]);
  });

  test('every change is kept as it is typed, right or wrong', async () => {
    const store = storeOn(fakePlatform());
    store.dispatch(draftKept({ ...draftOf(rail), id: ID }));
    show(ID, store);
    press('Dose');
    write('Usual dose', 'a while');
    await waitFor(() =>
      expect(Object.values(store.getState().moves.drafts)[0]?.dose).toBe('a while'),
    );
    expect(await screen.findByText(/“a while” is not understood here/)).toBeTruthy();
    write('Usual dose', 'hold 25s');
    await waitFor(() => expect(screen.queryByText(/is not understood here/)).toBeNull());
  });

  test('kept, it is an own move, its draft is gone, and its sheet is shown', async () => {
    const store = storeOn(fakePlatform());
    store.dispatch(draftKept({ ...draftOf(rail), id: ID, name: 'Turn at the rail' }));
    show(ID, store);
    press('Keep');
    await waitFor(() => expect(went).toEqual([`/moves/${ID}`]));
    expect(selectOwnMoves(store.getState()).map(({ name }) => name)).toEqual(['Turn at the rail']);
    expect(store.getState().moves.drafts).toEqual({});
  });

  test('levels are put in order, added and removed; what is harder than the next is told', async () => {
    const store = show('seated-twist');
    press('Levels');
    press('Put arms crossed later');
    expect(await screen.findByText(/asks more of the body than the harder one/)).toBeTruthy();
    press('Put arms crossed earlier');
    await waitFor(() => expect(screen.queryByText(/asks more of the body/)).toBeNull());
    press('Add a level');
    press('Level 3');
    write('Name of the level', 'elbow to the rail');
    const levels = () =>
      Object.values(store.getState().moves.drafts)[0]?.levels.map(({ name }) => name);
    await waitFor(() =>
      expect(levels()).toEqual(['arms crossed', 'hand on the thigh', 'elbow to the rail']),
    );
    press('Make it the usual one');
    await waitFor(() =>
      expect(
        Object.values(store.getState().moves.drafts)[0]?.levels.map(({ usual }) => usual),
      ).toEqual([false, false, true]),
    );
    press('Remove elbow to the rail');
    await waitFor(() => expect(levels()).toEqual(['arms crossed', 'hand on the thigh']));
    expect(await screen.findByText('Mark one level as the usual one.')).toBeTruthy();
  });

  test('what a level asks for is chosen, with the side it is borne on', async () => {
    const store = show('ankle-circles');
    press('Levels');
    press(/^heel down/);
    press('Asks for: Nothing');
    press('Bending the knee deeply');
    const loads = () => Object.values(store.getState().moves.drafts)[0]?.levels[0]?.loads;
    await waitFor(() => expect(loads()).toEqual([{ load: 'deep-knee', on: 'worked' }]));
    press('Other side');
    await waitFor(() => expect(loads()).toEqual([{ load: 'deep-knee', on: 'other' }]));
  });

  test('a level says its own words, and what is wrong with them is told there', async () => {
    const store = show('standing-side-bend');
    press('Levels');
    press(/^hand on the chair/);
    press(/^Words of its own: \d/);
    expect(field('Set-up, at this level').value).toMatch(/^Stand beside your chair/);
    write('Short, at this level', 'Long, slow, easy, and to the side');
    const words = () => Object.values(store.getState().moves.drafts)[0]?.levels[0]?.words;
    await waitFor(() => expect(words()?.short).toBe('Long, slow, easy, and to the side'));
    press('Keep');
    await waitFor(() =>
      expect(
        screen.getAllByText(/^2 words too many to be said in time: 5 at most$/).length,
      ).toBeGreaterThan(0),
    );
    expect(selectOwnMoves(store.getState()) ?? []).toHaveLength(0);
    write('Short, at this level', 'Long side');
    press('Keep');
    await waitFor(() =>
      expect(selectOwnMoves(store.getState())?.[0]?.levels[0]?.words?.short).toBe('Long side'),
    );
  });

  test('the family is chosen by a move of it', async () => {
    const store = storeOn(fakePlatform());
    store.dispatch(draftKept(emptyDraft(ID, '')));
    show(ID, store);
    expect(screen.getByText('No other move: it stands by itself')).toBeTruthy();
    press('Choose the move it is like');
    write('Find a move that does the same job', 'bridge');
    fireEvent.click(await screen.findByText('Bridge'));
    await waitFor(() =>
      expect(Object.values(store.getState().moves.drafts)[0]?.family).toBe(
        shipped('Bridge').family,
      ),
    );
    press('Let it stand by itself');
    expect(await screen.findByText('No other move: it stands by itself')).toBeTruthy();
  });

  test('a change from another tab meanwhile is told', async () => {
    const store = storeOn(fakePlatform());
    store.dispatch(keepMove(rail));
    show(rail.id, store);
    expect(screen.queryByRole('alert')).toBeNull();
    act(() => void store.dispatch(keepMove({ ...rail, otherNames: ['Elsewhere'] })));
    expect(await screen.findByText(/was changed in another tab since you began/)).toBeTruthy();
  });
});
