import { GROUP_ALONE } from '@/core/people';
import { act, renderHook, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import type { ReactNode } from 'react';
import { applyChange, type Change, type Routine } from '@/core/routine';
import { routineOf } from '@/core/testing';
import { scoreOf } from '@/state';
import { fakePlatform, type FakePlatform, storeOn } from '@/state/testing';
import { useProposals } from '.';

const SHORT = routineOf('group: desk\nSeated twist: hold 20s\nSeated cat: 8 reps');

function setUp(start: Routine, platform: FakePlatform = fakePlatform()) {
  const store = storeOn(platform);
  const changes: Change[] = [];
  const hook = renderHook(
    ({ routine }) => useProposals({ routine, change: (change) => change && changes.push(change) }),
    {
      initialProps: { routine: start },
      wrapper: ({ children }: { readonly children: ReactNode }) => (
        <Provider store={store}>{children}</Provider>
      ),
    },
  );
  const proposal = () => hook.result.current.proposal;
  return { ...hook, changes, proposal };
}

describe('proposals', () => {
  test('a fit is shown before it is kept, and kept as one change', async () => {
    const { result, changes, proposal } = setUp(SHORT);
    act(() => void result.current.fit(150_000));
    await waitFor(() => expect(proposal()?.kind).toBe('preview'));
    const shown = proposal();
    if (shown?.kind !== 'preview') throw new Error();
    expect(shown.title).toBe('Fit to 2:30');
    expect(scoreOf(shown.after, GROUP_ALONE).totalMs).toBe(150_000);
    expect(changes).toEqual([]);
    act(() => result.current.keep());
    expect(changes).toEqual([shown.change]);
    expect(scoreOf(applyChange(SHORT, shown.change), GROUP_ALONE).totalMs).toBe(150_000);
    await waitFor(() => expect(proposal()).toBeUndefined());
  });

  test('left, it changes nothing', async () => {
    const { result, changes, proposal } = setUp(SHORT);
    act(() => void result.current.fit(150_000));
    await waitFor(() => expect(proposal()?.kind).toBe('preview'));
    act(() => result.current.leave());
    await waitFor(() => expect(proposal()).toBeUndefined());
    act(() => result.current.keep());
    expect(changes).toEqual([]);
  });

  test('out of reach, and no better order, are said', async () => {
    const { result, proposal } = setUp(SHORT);
    act(() => void result.current.fit(5_000));
    await waitFor(() => expect(proposal()?.kind).toBe('out-of-reach'));
    act(() => void result.current.order());
    await waitFor(() => expect(proposal()?.kind).toBe('nothing'));
    expect(proposal()).toMatchObject({ said: 'No other order is better.' });
  });

  test('work that fails says so and changes nothing', async () => {
    const platform = fakePlatform();
    platform.work.order = () => Promise.reject(new Error('took too long'));
    const { result, proposal, changes } = setUp(SHORT, platform);
    act(() => void result.current.order());
    await waitFor(() => expect(proposal()?.kind).toBe('nothing'));
    expect(proposal()).toMatchObject({ said: 'That did not work out. Nothing was changed.' });
    expect(changes).toEqual([]);
  });

  test('an answer that comes after another question is not shown', async () => {
    const platform = fakePlatform();
    let answer: (() => void) | undefined;
    const real = platform.work.order;
    platform.work.order = (routine, part) =>
      new Promise((resolve) => {
        answer = () => void real(routine, part).then(resolve);
      });
    const { result, proposal } = setUp(SHORT, platform);
    act(() => void result.current.order());
    act(() => void result.current.fit(150_000));
    await waitFor(() => expect(proposal()?.kind).toBe('preview'));
    await act(async () => {
      answer?.();
      await Promise.resolve();
    });
    expect(proposal()?.title).toBe('Fit to 2:30');
  });

  test('a proposal about another state of the routine is gone', async () => {
    const { result, rerender, proposal } = setUp(SHORT);
    act(() => void result.current.fit(150_000));
    await waitFor(() => expect(proposal()?.kind).toBe('preview'));
    rerender({ routine: routineOf('group: desk\nSeated cat') });
    expect(proposal()).toBeUndefined();
  });
});
