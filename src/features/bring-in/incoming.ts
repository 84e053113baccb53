import { useEffect, useState } from 'react';
import type { Move } from '@/core/moves';
import { itemsInOrder } from '@/core/routine';
import {
  SHORT_TEXT,
  isShipped,
  readIncoming,
  type Incoming,
  type IncomingFault,
} from '@/core/writing';
import { readInWorker, useAppDispatch } from '@/state';
import { listWords } from '@/words/findings';
import { moveFaultSentence } from '@/words/moves';
import { fileProblemSentence, problemSentence } from '@/words/problems';
import { BRING_IN } from './strings';

/** A photo or the like, read as if it were text: signs that no text has. */
export const isNoText = (text: string): boolean =>
  /[\u0000-\u0008\uFFFD]/u.test(text.slice(0, 2000));

/** A longer text is read once nobody has typed for so long. */
const AT_REST_MS = 300;

/**
 * What a text is: a short one at once, a long one beside the page.
 * @returns undefined while it is being read, `failed` where that did not come to an end
 */
export function useIncoming(text: string, own: readonly Move[]): Incoming | 'failed' | undefined {
  const dispatch = useAppDispatch();
  const [read, setRead] = useState<{
    text: string;
    own: readonly Move[];
    what: Incoming | 'failed';
  }>();
  const isShort = text.length <= SHORT_TEXT;
  useEffect(() => {
    if (isShort) return undefined;
    let isWanted = true;
    const take = (what: Incoming | 'failed') => isWanted && setRead({ text, own, what });
    const timer = setTimeout(() => {
      dispatch(readInWorker(text, own, BRING_IN.untitled)).then(take, () => take('failed'));
    }, AT_REST_MS);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [dispatch, isShort, text, own]);
  if (isShort) return readIncoming(text, own, BRING_IN.untitled);
  return read?.text === text && read.own === own ? read.what : undefined;
}

/** What is said of a text that can be brought in, or of how much is wrong with it. */
export function incomingSummary(incoming: Incoming): string {
  switch (incoming.state) {
    case 'empty':
      return '';
    case 'bad':
      return [
        BRING_IN.problems(incoming.count),
        incoming.count > incoming.faults.length && BRING_IN.first(incoming.faults.length),
      ]
        .filter(Boolean)
        .join(' ');
    case 'routine': {
      const { routine } = incoming;
      const items = BRING_IN.good(routine.title, itemsInOrder(routine).length);
      const carried = routine.moves?.map(({ name }) => name) ?? [];
      return carried.length > 0 ? `${items} ${BRING_IN.carries(listWords(carried))}` : items;
    }
    case 'moves': {
      const { added, replaced, same } = incoming.moves;
      const names = (some: readonly Move[]) => listWords(some.map(({ name }) => name));
      const changed = added.filter(({ id }) => isShipped(id));
      const fresh = added.filter((move) => !changed.includes(move));
      return [
        fresh.length > 0 && BRING_IN.newMoves(names(fresh)),
        changed.length > 0 && BRING_IN.changes(names(changed)),
        replaced.length > 0 && BRING_IN.replaces(names(replaced)),
        same.length > 0 && BRING_IN.same(names(same)),
      ]
        .filter(Boolean)
        .join(' ');
    }
  }
}

/** What is wrong at one place. */
export function incomingFault(fault: IncomingFault): string {
  switch (fault.of) {
    case 'file':
      return fileProblemSentence(fault.problem);
    case 'text': {
      const { line, column } = fault.problem;
      return `${BRING_IN.place(line, column)}: ${problemSentence(fault.problem)}.`;
    }
    case 'move':
      return `${fault.move.name}: ${moveFaultSentence(fault.fault)}`;
    case 'nothing':
      return BRING_IN.nothing;
    case 'long':
      return BRING_IN.long(fault.lines, fault.most);
  }
}
