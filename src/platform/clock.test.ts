import { browserClock, isDueWithin } from './clock';

class FakeWorker {
  static last: FakeWorker | undefined;
  onmessage: (() => void) | null = null;
  readonly asked: unknown[] = [];
  constructor() {
    FakeWorker.last = this;
  }
  postMessage(request: unknown) {
    this.asked.push(request);
  }
}

describe('the clock', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    Object.assign(globalThis, { Worker: FakeWorker });
    FakeWorker.last = undefined;
  });
  afterEach(() => jest.useRealTimers());

  const waiting = (
    clock: ReturnType<typeof browserClock>,
    untilMs: number,
    signal: AbortSignal,
  ) => {
    const woken = jest.fn();
    void clock.waitUntil(untilMs, signal).then(woken);
    return woken;
  };

  test('wakes at the moment, not before', async () => {
    const clock = browserClock();
    const woken = waiting(clock, clock.now() + 1000, new AbortController().signal);
    await jest.advanceTimersByTimeAsync(999);
    expect(woken).not.toHaveBeenCalled();
    await jest.advanceTimersByTimeAsync(2);
    expect(woken).toHaveBeenCalledTimes(1);
  });

  test('says whether a moment is near that is waited for, and no other', async () => {
    const clock = browserClock();
    const calledOff = new AbortController();
    waiting(clock, clock.now() + 1000, new AbortController().signal);
    waiting(clock, clock.now() + 2000, calledOff.signal);
    expect(isDueWithin(60)).toBe(false);
    await jest.advanceTimersByTimeAsync(950);
    expect(isDueWithin(60)).toBe(true);
    await jest.advanceTimersByTimeAsync(100);
    expect(isDueWithin(60)).toBe(false);
    calledOff.abort();
    await jest.advanceTimersByTimeAsync(900);
    expect(isDueWithin(60)).toBe(false);
  });

  test('wakes at once where the moment has passed', async () => {
    const clock = browserClock();
    const woken = waiting(clock, clock.now() - 5, new AbortController().signal);
    await jest.advanceTimersByTimeAsync(0);
    expect(woken).toHaveBeenCalledTimes(1);
  });

  test('never wakes what was called off', async () => {
    const clock = browserClock();
    const stop = new AbortController();
    const woken = waiting(clock, clock.now() + 1000, stop.signal);
    stop.abort();
    await jest.advanceTimersByTimeAsync(5000);
    expect(woken).not.toHaveBeenCalled();
  });

  test("a worker's beat wakes it where the page's own timers are held back", async () => {
    const clock = browserClock();
    const untilMs = clock.now() + 1000;
    const woken = waiting(clock, untilMs, new AbortController().signal);
    jest.spyOn(performance, 'now').mockReturnValue(untilMs);
    FakeWorker.last?.onmessage?.();
    await Promise.resolve();
    await Promise.resolve();
    expect(woken).toHaveBeenCalledTimes(1);
    jest.restoreAllMocks();
  });

  test('the beat starts with the first wait', () => {
    const clock = browserClock();
    expect(FakeWorker.last).toBeUndefined();
    waiting(clock, clock.now() + 10, new AbortController().signal);
    expect(FakeWorker.last?.asked).toHaveLength(1);
  });
});
