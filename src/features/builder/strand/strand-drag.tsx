import {
  DndContext,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragMoveEvent,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import { memo, useRef, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ItemId } from '@/core/common';
import type { Drop } from '@/core/routine';
import { Icon, useTokens } from '@/design';
import { laidRows, pageTop } from '@/platform/page';
import { DRAG } from '../strings';
import { landingAt, nextGap } from './drop';

// Made once: every handle is drawn anew where one of these is another.
const BY_MOUSE = { activationConstraint: { distance: 6 } };
const BY_TOUCH = { activationConstraint: { delay: 150, tolerance: 8 } };

interface StrandDragProps {
  readonly nameOf: (id: ItemId) => string;
  readonly onDrop: (id: ItemId, drop: Drop) => void;
  readonly children: ReactNode;
}

/** Rows are carried by their handles: by pointer, by touch held a moment, and by keys. */
export function StrandDrag({ nameOf, onDrop, children }: StrandDragProps) {
  const t = useTokens();
  const box = useRef<View>(null);
  /** How far down in the list the row would come to lie. */
  const [line, setLine] = useState<number>();
  const sensors = useSensors(
    useSensor(MouseSensor, BY_MOUSE),
    useSensor(TouchSensor, BY_TOUCH),
    useSensor(KeyboardSensor, BY_KEYS),
  );
  const landingOf = ({ active }: Pick<DragMoveEvent, 'active'>) => {
    const at = active.rect.current.translated;
    return at ? landingAt(at.top + at.height / 2, laidRows(String(active.id))) : undefined;
  };
  const name = (active: { readonly id: string | number }) => nameOf(active.id as ItemId);
  return (
    <DndContext
      sensors={sensors}
      onDragMove={(event) => {
        const at = landingOf(event);
        setLine(at && at.y - pageTop(box.current));
      }}
      onDragEnd={(event) => {
        const at = landingOf(event);
        setLine(undefined);
        if (at) onDrop(event.active.id as ItemId, at.drop);
      }}
      onDragCancel={() => setLine(undefined)}
      accessibility={{
        screenReaderInstructions: { draggable: DRAG.how },
        announcements: {
          onDragStart: ({ active }) => DRAG.lifted(name(active)),
          onDragOver: () => undefined,
          onDragEnd: ({ active }) => DRAG.dropped(name(active)),
          onDragCancel: ({ active }) => DRAG.left(name(active)),
        },
      }}
    >
      <View ref={box}>
        {children}
        {line !== undefined && (
          <View style={[styles.line, { top: line, backgroundColor: t.ink }]} />
        )}
      </View>
    </DndContext>
  );
}

/** With the keys a row goes from gap to gap. */
const byGaps: KeyboardCoordinateGetter = (event, { active, currentCoordinates, context }) => {
  const by = event.code === 'ArrowDown' ? 1 : event.code === 'ArrowUp' ? -1 : 0;
  const rect = context.collisionRect;
  if (by === 0 || !rect) return undefined;
  event.preventDefault();
  const middle = rect.top + rect.height / 2;
  const to = nextGap(middle, by, laidRows(String(active)));
  if (to === undefined) return currentCoordinates;
  return { ...currentCoordinates, y: currentCoordinates.y + to - middle };
};

const BY_KEYS = { coordinateGetter: byGaps };

/** What a row is carried by. */
export const Handle = memo(function Handle({
  id,
  name,
}: {
  readonly id: ItemId;
  readonly name: string;
}) {
  const t = useTokens();
  const { setNodeRef, attributes, listeners, isDragging } = useDraggable({ id });
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      aria-label={DRAG.handle(name)}
      aria-roledescription={undefined}
      tabIndex={-1}
      onKeyDown={(event) => {
        if (event.key === 'ArrowLeft' && !isDragging) {
          event.currentTarget.parentElement
            ?.querySelector<HTMLElement>('[data-strand-row]')
            ?.focus();
        } else if (event.key !== 'Tab') listeners?.onKeyDown?.(event);
      }}
      data-handle={id}
      onClick={(event) => event.stopPropagation()}
      className="strand-handle"
    >
      <Icon name="grip" size={20} color={isDragging ? t.ink : t.quiet} />
    </button>
  );
});

const styles = StyleSheet.create({
  line: { position: 'absolute', left: 0, right: 0, height: 4, borderRadius: 2 },
});
