import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragMoveEvent,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import {
  createContext,
  memo,
  useContext,
  useEffect,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import type { Drop } from '@/core/routine';
import { Icon, useSame, useTokens } from '@/design';
import { laidRows, pageTop } from '@/platform/page';
import { SECTION_TITLES } from '@/words/names';
import { DRAG } from '../strings';
import { landingAt, nextGap } from './drop';

// Made once: every handle is drawn anew where one of these is another.
const BY_MOUSE = { activationConstraint: { distance: 6 } };
const BY_TOUCH = { activationConstraint: { delay: 150, tolerance: 8 } };

/** What is said stands so long. */
const SAID_MS = 4000;

/** Said in a line of our own. */
const SILENT = {
  onDragStart: () => undefined,
  onDragOver: () => undefined,
  onDragEnd: () => undefined,
  onDragCancel: () => undefined,
};

/** A press on a handle that carries nothing asks how it is done. */
const HowContext = createContext(() => undefined as void);

/** "after Seated cat", "first in Main": where a row would come to lie. */
function whereWords(drop: Drop, nameOf: (id: ItemId) => string): string {
  if ('startOf' in drop) return DRAG.first(SECTION_TITLES[drop.startOf]);
  return 'before' in drop ? DRAG.before(nameOf(drop.before)) : DRAG.after(nameOf(drop.after));
}

interface StrandDragProps {
  readonly nameOf: (id: ItemId) => string;
  readonly onDrop: (id: ItemId, drop: Drop) => void;
  readonly children: ReactNode;
}

/** Rows are carried by their handles: by pointer, by touch held a moment, and by keys. */
export function StrandDrag({ nameOf, onDrop, children }: StrandDragProps) {
  const t = useTokens();
  const box = useRef<View>(null);
  /** How far down in the list the row would come to lie, and the row that goes with the finger. */
  const [line, setLine] = useState<number>();
  const [carried, setCarried] = useState<string>();
  // Of its own, so that nothing that was said stays to be read again.
  const [said, setSaid] = useState('');
  const [how, setHow] = useState(false);
  useEffect(() => {
    if (said === '' && !how) return undefined;
    const timer = setTimeout(() => {
      setSaid('');
      setHow(false);
    }, SAID_MS);
    return () => clearTimeout(timer);
  }, [said, how]);
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
  const askHow = useSame(() => setHow(true));
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => {
        setCarried(name(active));
        setSaid(DRAG.lifted(name(active)));
      }}
      onDragMove={(event) => {
        const at = landingOf(event);
        setLine(at && at.y - pageTop(box.current));
        if (at) setSaid(whereWords(at.drop, nameOf));
      }}
      onDragEnd={(event) => {
        const at = landingOf(event);
        setLine(undefined);
        setCarried(undefined);
        if (!at) return;
        onDrop(event.active.id as ItemId, at.drop);
        setSaid(DRAG.dropped(name(event.active), whereWords(at.drop, nameOf)));
      }}
      onDragCancel={({ active }) => {
        setLine(undefined);
        setCarried(undefined);
        setSaid(DRAG.left(name(active)));
      }}
      accessibility={{
        screenReaderInstructions: { draggable: DRAG.how },
        announcements: SILENT,
      }}
    >
      <View ref={box}>
        <HowContext.Provider value={askHow}>{children}</HowContext.Provider>
        {line !== undefined && (
          <View
            style={[styles.place, { top: line - 14, borderColor: t.ink, backgroundColor: t.shade }]}
          />
        )}
      </View>
      <DragOverlay dropAnimation={null}>
        {carried !== undefined && (
          <View style={[styles.carried, { backgroundColor: t.sheet, borderColor: t.ink }]}>
            <Text variant="titleMedium">{carried}</Text>
          </View>
        )}
      </DragOverlay>
      <Text role="status" style={styles.hidden}>
        {said}
      </Text>
      {how && (
        <View role="status" style={[styles.how, { backgroundColor: t.ink }]}>
          <Text variant="bodyMedium" style={{ color: t.sheet }}>
            {DRAG.press}
          </Text>
        </View>
      )}
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
  const askHow = useContext(HowContext);
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
      onClick={(event) => {
        event.stopPropagation();
        askHow();
      }}
      className="strand-handle"
    >
      <Icon name="grip" size={20} color={isDragging ? t.ink : t.quiet} />
    </button>
  );
});

const styles = StyleSheet.create({
  place: {
    position: 'absolute',
    left: 4,
    right: 4,
    height: 28,
    borderRadius: 8,
    borderWidth: 2,
    borderStyle: 'dashed',
    opacity: 0.9,
  },
  carried: {
    position: 'absolute',
    right: 40,
    top: -6,
    minWidth: 180,
    maxWidth: 300,
    padding: 12,
    borderWidth: 2,
    borderRadius: 12,
    boxShadow: '0 4px 14px #00000033',
  },
  hidden: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
  how: { position: 'absolute', left: 12, right: 12, bottom: 12, padding: 12, borderRadius: 12 },
});
