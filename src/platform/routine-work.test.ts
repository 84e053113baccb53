import { GROUP_ALONE } from '@/core/people';
import { countingIds, routineIdSchema } from '@/core/common';
import type { Routine } from '@/core/routine';
import { browserRoutineWork } from './routine-work';

const ROUTINE: Routine = {
  id: routineIdSchema.parse('r'),
  title: 'Low tide',
  group: 'desk',
  pace: {},
  notes: [],
  sections: { 'warm-up': [], main: [], settle: [] },
};

/** What the made-up worker answers; each test sets it. */
let mockFindings: jest.Mock;
const workers: FakeWorker[] = [];

class FakeWorker {
  onerror: ((event: { message: string }) => void) | null = null;
  readonly terminate = jest.fn();
  constructor() {
    workers.push(this);
  }
}

jest.mock('comlink', () => ({
  wrap: () => ({ findings: (routine: Routine): unknown => mockFindings(routine) }),
}));

beforeEach(() => {
  workers.length = 0;
  mockFindings = jest.fn(() => Promise.resolve([]));
  Object.assign(globalThis, { Worker: FakeWorker });
});

afterEach(() => jest.useRealTimers());

const work = () => browserRoutineWork(countingIds('n'));

describe('work beside the page', () => {
  test('one worker answers, and each state of a routine is looked at once', async () => {
    const own = work();
    await Promise.all([own.findings(ROUTINE, GROUP_ALONE), own.findings(ROUTINE, GROUP_ALONE)]);
    await own.findings({ ...ROUTINE }, GROUP_ALONE);
    expect(mockFindings).toHaveBeenCalledTimes(2);
    expect(workers).toHaveLength(1);
  });

  test('a worker that fails is told of, ended, and followed by another', async () => {
    const own = work();
    mockFindings.mockReturnValueOnce(new Promise(() => undefined));
    const asked = own.findings(ROUTINE, GROUP_ALONE);
    workers[0]?.onerror?.({ message: 'broken' });
    await expect(asked).rejects.toThrow('broken');
    expect(workers[0]?.terminate).toHaveBeenCalled();
    // What failed may be asked again.
    await expect(own.findings(ROUTINE, GROUP_ALONE)).resolves.toEqual([]);
    expect(workers).toHaveLength(2);
  });

  test('what takes too long is given up', async () => {
    jest.useFakeTimers();
    const own = work();
    mockFindings.mockReturnValueOnce(new Promise(() => undefined));
    const asked = own.findings(ROUTINE, GROUP_ALONE);
    const given = expect(asked).rejects.toThrow('took too long');
    await jest.advanceTimersByTimeAsync(20_000);
    await given;
    expect(workers[0]?.terminate).toHaveBeenCalled();
  });
});
