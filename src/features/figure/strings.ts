export const FIGURE = {
  borrowed: (name: string) => `Figure of ${name}`,
  move: (level: string) => `Show ${level} moving`,
  still: (level: string) => `Stop ${level}`,
};
