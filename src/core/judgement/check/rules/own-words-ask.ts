import type { Load } from '@/core/body';
import type { Challenge } from '@/core/moves';
import { changeItem } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { itemOf } from '../mend';
import { hasLoad } from '../asked-of-body';
import type { Seen, SeenItem } from '../seen';

interface Telling {
  readonly words: RegExp;
  readonly load: Load;
  /** How a line says the same so that the checks know of it. */
  readonly challenge?: Challenge;
}

/** What own words may ask of a body, as people write it. */
const TELLING: readonly Telling[] = [
  {
    words: /\b(?:eyes (?:closed|shut)|(?:close|shut) (?:your |the |both )?eyes)\b/i,
    load: 'eyes-closed',
    challenge: 'eyes closed',
  },
  { words: /\b(?:look|gaze) up\b/i, load: 'look-up', challenge: 'looking up' },
  { words: /\bhold(?:ing)? (?:your |the )?breath\b/i, load: 'breath-hold' },
  { words: /\bhands? (?:behind|on) (?:your |the )?head\b/i, load: 'hand-on-head' },
  { words: /\b(?:jump|hop)(?:s|ing)?\b/i, load: 'impact' },
  { words: /\b(?:on|lift) one (?:leg|foot)\b/i, load: 'one-leg' },
  {
    words: /\barms? (?:overhead|(?:over|above) (?:your |the )?head)\b/i,
    load: 'shoulder-overhead',
  },
];

interface Told extends Telling {
  readonly said: string;
}

/** What own words tell of that no way of taking part asks for by its level. */
function toldBy({ item, lanes }: SeenItem): readonly Told[] {
  const text = [item.setUp, item.cue, item.pressWhere, item.out].filter(Boolean).join('. ');
  if (text === '') return [];
  return TELLING.flatMap((one) => {
    const said = one.words.exec(text)?.[0];
    const known = lanes.some((doing) => hasLoad(doing, item, one.load));
    return said && !known ? [{ ...one, said }] : [];
  });
}

/** Whether somebody here may not be asked for it, or only with care. */
function matters({ effects }: Seen, load: Load): boolean {
  return [...effects.values()].some((own) => own.some((effect) => effect.load === load));
}

/** Own words that ask of a body what the level does not: the other checks know nothing of it. */
export const ownWordsAsk: Rule<never, 'words' | 'loads'> = {
  severity: 'note',
  source: 'practice',
  anyOrder: true,
  tells: true,
  values: {},
  find: (seen) =>
    seen.items.flatMap((one) =>
      toldBy(one).map(({ said, load }): Found<never, 'words' | 'loads'> => ({
        severity: matters(seen, load) ? 'caution' : 'note',
        itemId: one.item.id,
        about: { words: [said], loads: [load] },
      })),
    ),
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    const told = one && toldBy(one).find(({ load }) => finding.about.loads?.includes(load));
    if (!one || !told) return [];
    const { id, challenge, asks = [] } = one.item;
    return [
      changeItem(seen.routine, id, { asks: [...asks, told.load] }),
      told.challenge && !challenge
        ? changeItem(seen.routine, id, { challenge: told.challenge })
        : undefined,
    ];
  },
};
