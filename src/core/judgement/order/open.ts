/** Which standings each set of done units has come to: a bit for each. */
export interface Open {
  readonly add: (set: number, standing: number) => void;
  readonly has: (set: number, standing: number) => boolean;
  /** Writes the standings of a set into `list`, from the lowest up; how many they are. */
  readonly list: (set: number, list: Int32Array) => number;
}

/** Few of many standings are ever come to, so that looking through all of them would be the most of the work. */
export function openOf(sets: number, width: number): Open {
  const words = (width + 31) >>> 5;
  const bits = new Int32Array(sets * words);
  const at = (set: number, standing: number) => set * words + (standing >>> 5);
  return {
    add: (set, standing) => {
      bits[at(set, standing)] = (bits[at(set, standing)] as number) | (1 << (standing & 31));
    },
    has: (set, standing) => ((bits[at(set, standing)] as number) & (1 << (standing & 31))) !== 0,
    list: (set, list) => {
      let count = 0;
      for (let word = 0; word < words; word++) {
        let left = bits[set * words + word] as number;
        while (left !== 0) {
          const lowest = left & -left;
          list[count++] = (word << 5) + 31 - Math.clz32(lowest);
          left ^= lowest;
        }
      }
      return count;
    },
  };
}
