import { View } from 'react-native';
import { withCapital } from '@/core/common';
import { IN_ROOM, MOST_OF_A_THING, type InRoom, type Routine } from '@/core/routine';
import { Picker } from './picker';
import { Steps } from '@/features/steps';
import { PICK } from './strings';

const USUAL: readonly InRoom[] = ['chair', 'wall', 'counter', 'mat', 'strap', 'band'];
const OPTIONS = IN_ROOM.map((value) => ({ value, text: withCapital(value) }));

type Room = NonNullable<Routine['room']>;

interface RoomPicksProps {
  readonly room: Room;
  readonly onRoom: (room: Room) => void;
}

/** What is in the room, each with how many there are. */
export function RoomPicks({ room, onRoom: put }: RoomPicksProps) {
  const chosen = room.map(({ thing }) => thing);
  const toggle = (value: string) =>
    put(
      chosen.includes(value as InRoom)
        ? room.filter(({ thing }) => thing !== value)
        : [...room, { thing: value as InRoom }],
    );
  return (
    <View>
      <Picker label={PICK.room} options={OPTIONS} usual={USUAL} chosen={chosen} onToggle={toggle} />
      {room.map(({ thing, count }) => {
        const to = (next: number | undefined) => () =>
          put(
            room.map((one) =>
              one.thing === thing ? { thing, ...(next !== undefined && { count: next }) } : one,
            ),
          );
        return (
          <Steps
            key={thing}
            label={PICK.count(thing)}
            shown={count === undefined ? PICK.any : String(count)}
            onLess={count === undefined ? undefined : to(count > 1 ? count - 1 : undefined)}
            onMore={(count ?? 0) < MOST_OF_A_THING ? to((count ?? 0) + 1) : undefined}
          />
        );
      })}
    </View>
  );
}
