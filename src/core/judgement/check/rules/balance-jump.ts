import { stepsHarder, laneOf } from '@/core/people';
import { changeItem } from '@/core/routine';
import { rungOf } from '../drill';
import type { Found, Rule } from '../finding';
import { easierLevels, itemOf, amountUntil, redosed } from '../mend';

/** More than one step harder than the rung that somebody has passed. */
export const balanceJump: Rule<'steps', 'lanes' | 'people'> = {
  severity: 'stop',
  source: 'practice',
  anyOrder: true,
  values: { steps: 1 },
  find: (seen) =>
    seen.items.flatMap((one) =>
      one.lanes.flatMap((doing): Found[] => {
        if (doing.move.kind !== 'balance') return [];
        const drill = rungOf(one, doing);
        const beyond = seen.part.people.filter(
          (person) =>
            laneOf(person, seen.lanes) === doing.lane &&
            person.rung &&
            stepsHarder(person.rung, drill) > 1,
        );
        if (beyond.length === 0) return [];
        const steps = Math.max(...beyond.map(({ rung }) => (rung ? stepsHarder(rung, drill) : 0)));
        return [
          {
            itemId: one.item.id,
            lane: doing.lane,
            numbers: { steps },
            about: { lanes: [doing.lane], people: beyond.map(({ name }) => name) },
          },
        ];
      }),
    ),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    const doing = one?.lanes.find(({ lane }) => lane === finding.lane);
    const rungs = seen.part.people.flatMap(({ name, rung }) =>
      rung && finding.about.people?.includes(name) ? [rung] : [],
    );
    if (!one || !doing || rungs.length === 0) return [];
    const { routine } = seen;
    const { id } = one.item;
    const drill = rungOf(one, doing);
    const easy = { challenge: undefined, support: 'two hands' as const };
    const supports = [...new Set(rungs.map(({ hands }) => hands))];
    const shorter = amountUntil(seen, one.item, 'less', (amount) =>
      rungs.every((rung) => stepsHarder(rung, { ...drill, timeMs: amount }) <= 1),
    );
    return [
      ...supports.map((support) => changeItem(routine, id, { support })),
      changeItem(routine, id, { challenge: undefined }),
      ...supports.map((support) => changeItem(routine, id, { challenge: undefined, support })),
      ...(shorter === undefined ? [] : redosed(seen, one.item, { amount: shorter })),
      changeItem(routine, id, easy),
      ...easierLevels(seen, one, finding.lane),
    ];
  },
};
