import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

export interface Room {
  readonly width: number;
  readonly height: number;
}

/** Takes what room is left, and draws into it once it is known how much that is. */
export function Filling({ children }: { readonly children: (room: Room) => ReactNode }) {
  const [room, setRoom] = useState<Room>();
  return (
    <View
      style={styles.all}
      onLayout={({ nativeEvent: { layout } }) =>
        setRoom({ width: Math.floor(layout.width), height: Math.floor(layout.height) })
      }
    >
      {room && room.height > 0 && children(room)}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { flex: 1, minHeight: 0, alignSelf: 'stretch', overflow: 'hidden' },
});
