import { afterVisit, daysLeft } from './bin';

const binned: { binnedAt: string; overdueOn?: string } = { binnedAt: '2026-03-01T10:00:00+00:00' };
const at = (day: string) => new Date(`${day}T12:00:00Z`);

describe('the bin', () => {
  test('keeps a thing for thirty days, and lets it go after two days that agree', () => {
    expect(daysLeft(binned, at('2026-03-31'))).toBe(0);
    expect(afterVisit(binned, at('2026-03-31'))).toBe(binned);
    const found = afterVisit(binned, at('2026-04-02'));
    expect(found).toEqual({ ...binned, overdueOn: '2026-04-02' });
    expect(found && afterVisit(found, at('2026-04-02'))).toBe(found);
    expect(found && afterVisit(found, at('2026-04-03'))).toBeUndefined();
  });

  test('a clock that was ahead is forgotten', () => {
    const ahead = afterVisit(binned, at('2027-01-01'));
    expect(ahead?.overdueOn).toBe('2027-01-01');
    expect(ahead && afterVisit(ahead, at('2026-03-05'))).toEqual(binned);
    // Even where its time is really over by then: the day that was wrong does not count.
    expect(ahead && afterVisit(ahead, at('2026-04-05'))).toMatchObject({ overdueOn: '2026-04-05' });
  });
});
