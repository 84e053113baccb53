import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';
import type { Change, Routine } from '@/core/routine';
import { routineOf } from '@/core/testing';
import { lightTheme } from '@/design';
import { fakePlatform, type FakePlatform, storeOn } from '@/state/testing';
import { FindingsCount, FindingsPanel, useFindings } from '.';

const MISSING = routineOf('Seated twist: hold 20s, left only');

function setUp(routine: Routine, platform: FakePlatform = fakePlatform()) {
  const mended: Change[] = [];
  const chosen: string[] = [];
  const kept: string[] = [];
  function Both({ about }: { readonly about: Routine }) {
    const findings = useFindings(about);
    return (
      <>
        <FindingsCount findings={findings} open onPress={() => undefined} />
        <FindingsPanel
          findings={findings}
          routine={about}
          onMend={(_, change) => mended.push(change)}
          onKeep={(ids, finding, why) => kept.push([...ids, finding, why].join(' '))}
          onChoose={(id) => chosen.push(id)}
          onClose={() => undefined}
        />
      </>
    );
  }
  const store = storeOn(platform);
  const wrapped = (about: Routine) => (
    <Provider store={store}>
      <PaperProvider theme={lightTheme}>
        <Both about={about} />
      </PaperProvider>
    </Provider>
  );
  const { rerender } = render(wrapped(routine));
  return { mended, chosen, kept, show: (about: Routine) => rerender(wrapped(about)) };
}

describe('the findings', () => {
  test('each has its sentence, its reason, its place and its mend', async () => {
    const { mended, chosen } = setUp(MISSING);
    expect(await screen.findByText('The right side is never done.')).toBeTruthy();
    expect(screen.getByText(/leaves people uneven/)).toBeTruthy();
    expect(screen.getByText('Caution · Seated twist')).toBeTruthy();
    fireEvent.click(await screen.findByText('Add the right side'));
    expect(mended).toHaveLength(1);
    fireEvent.click(screen.getAllByText('Go to Seated twist')[0] as HTMLElement);
    expect(chosen).toEqual(['i1']);
  });

  test('a mend is of the state that is shown, also where the same is found in it again', async () => {
    const platform = fakePlatform();
    const { work } = platform;
    let slow = false;
    const mends: typeof work.mends = async (...asked) => {
      if (slow) await new Promise((resolve) => setTimeout(resolve, 100));
      return work.mends(...asked);
    };
    const { mended, show } = setUp(MISSING, { ...platform, work: { ...work, mends } });
    await screen.findByText('Add the right side');
    slow = true;
    const named = { ...MISSING, title: 'At dusk' };
    show(named);
    // The checks have looked by then, and found the same.
    await act(() => new Promise((resolve) => setTimeout(resolve, 50)));
    // The one before is gone until there is another.
    expect(screen.queryByText('Add the right side')).toBeNull();
    fireEvent.click(await screen.findByText('Add the right side'));
    expect(mended).toHaveLength(1);
  });

  test('are counted by how grave they are', async () => {
    setUp(MISSING);
    await waitFor(() =>
      expect(screen.getByRole('button', { name: /^Findings: 2 cautions$/ })).toBeTruthy(),
    );
  });

  test('one cause at several rows is said once, and kept once with its reason', async () => {
    const limits = 'group: older\nlimits: knee painful left\nlanes: floor\n';
    const { kept } = setUp(routineOf(`${limits}All-fours cat\nRock-back\nThread the needle`));
    const about = await screen.findAllByText(/at \d rows/);
    expect(about.length).toBeGreaterThan(0);
    const [keep] = screen.getAllByText('Keep it, with a reason');
    fireEvent.click(keep as HTMLElement);
    // The line keeps all that this check finds in it, and nobody keeps that unawares.
    expect(screen.getByText(/would be kept: .*bending the knee deeply/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Keep it' })).toHaveProperty('disabled', true);
    fireEvent.change(screen.getByLabelText('Why it stays'), { target: { value: ' thick  mat ' } });
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(kept).toHaveLength(1);
    expect(kept[0]).toMatch(/ thick mat$/);
  });

  test('an accepted caution says why', async () => {
    setUp(routineOf('Seated twist: hold 20s, left only, accept side-missing "the other is sore"'));
    expect(await screen.findByText('Kept: the other is sore')).toBeTruthy();
  });

  test('checks that fail say so, and nothing else breaks', async () => {
    const platform = fakePlatform();
    const failing = async () => {
      throw new Error('the worker is gone');
    };
    setUp(MISSING, { ...platform, work: { ...platform.work, findings: failing } });
    expect(await screen.findByText(/The checks did not finish/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Findings: not looked at' })).toBeTruthy();
  });
});
