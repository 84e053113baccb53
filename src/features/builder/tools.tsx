import { memo } from 'react';
import { printClock } from '@/core/common';
import type { Routine } from '@/core/routine';
import { Target } from '@/design';
import { useScore } from '@/state';
import { BUILD, PROPOSAL, TONIGHT } from './strings';
import type { Proposals } from './proposal';

/** What the panel shows beside a chosen row and a proposal. */
export type PanelName = 'tonight' | 'findings' | 'time' | 'group' | 'tools' | 'versions' | 'legend';

export interface ToolsProps {
  readonly routine: Routine;
  readonly open: PanelName | undefined;
  readonly onOpen: (panel: PanelName) => void;
  readonly proposals: Proposals;
  readonly onPropose: (ask: () => void) => void;
}

/** What is done to the routine as a whole. */
export const Tools = memo(function Tools({
  routine,
  open,
  onOpen,
  proposals,
  onPropose,
}: ToolsProps) {
  const { slotMs } = routine;
  const isEmpty = useScore(routine).totalMs === 0;
  return (
    <>
      <Target
        label={slotMs === undefined ? PROPOSAL.fit : PROPOSAL.fitTo(printClock(slotMs))}
        disabled={isEmpty}
        onPress={() =>
          onPropose(() =>
            slotMs === undefined ? proposals.askLength() : void proposals.fit(slotMs),
          )
        }
      />
      <Target
        label={PROPOSAL.order}
        disabled={isEmpty}
        onPress={() => onPropose(() => void proposals.order())}
      />
      <Target
        label={TONIGHT.title}
        disabled={isEmpty}
        expanded={open === 'tonight'}
        onPress={() => onOpen('tonight')}
      />
      <Target label={BUILD.about} expanded={open === 'group'} onPress={() => onOpen('group')} />
    </>
  );
});
