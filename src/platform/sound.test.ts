import { CHIMES, scheduleChime } from './sound';

/** An audio context that writes down what is asked of it. */
function listening() {
  const asked: string[] = [];
  const parameter = (name: string) => ({
    set value(value: number) {
      asked.push(`${name} ${value}`);
    },
    setValueAtTime: (value: number, at: number) => asked.push(`${name} ${value} at ${at}`),
    linearRampToValueAtTime: (value: number, at: number) =>
      asked.push(`${name} to ${value} at ${at}`),
    exponentialRampToValueAtTime: (value: number, at: number) =>
      asked.push(`${name} fades at ${at}`),
  });
  const context = {
    destination: {},
    createOscillator: () => ({
      frequency: parameter('frequency'),
      connect: (next: unknown) => next,
      start: (at: number) => asked.push(`start ${at}`),
      stop: (at: number) => asked.push(`stop ${at}`),
    }),
    createGain: () => ({ gain: parameter('gain'), connect: (next: unknown) => next }),
  };
  return { asked, context: context as unknown as BaseAudioContext };
}

describe('chimes', () => {
  test('each is made by arithmetic at its moment, and ends', () => {
    for (const chime of Object.values(CHIMES)) {
      const { asked, context } = listening();
      scheduleChime(context, chime, 10);
      expect(asked.filter((line) => line === 'start 10')).toHaveLength(chime.partials.length);
      const ends = asked
        .filter((line) => line.startsWith('stop'))
        .map((line) => Number(line.slice(5)));
      expect(Math.min(...ends)).toBeGreaterThan(10);
      expect(Math.max(...ends)).toBeLessThanOrEqual(10 + chime.seconds + 0.03);
    }
  });

  test('no chime is louder than it says, however many partials it has', () => {
    for (const chime of Object.values(CHIMES)) {
      const { asked, context } = listening();
      scheduleChime(context, chime, 0);
      const peaks = asked.flatMap((line) => {
        const peak = /^gain to (\S+)/.exec(line)?.[1];
        return peak === undefined ? [] : [Number(peak)];
      });
      expect(peaks.reduce((sum, peak) => sum + peak, 0)).toBeCloseTo(chime.loudness, 6);
    }
  });

  test('all of a chime lies where older ears hear well, between 500 and 1,500 Hz', () => {
    for (const { hz, partials } of Object.values(CHIMES)) {
      for (const [ratio] of partials) {
        expect(hz * ratio).toBeGreaterThanOrEqual(500);
        expect(hz * ratio).toBeLessThanOrEqual(1500);
      }
    }
  });

  test('start, switch and end can be told apart', () => {
    const heights = [CHIMES.start.hz, CHIMES.switch.hz, CHIMES.end.hz];
    expect(new Set(heights).size).toBe(3);
  });
});
