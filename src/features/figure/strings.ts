export const FIGURE = {
  borrowed: (name: string) => `Figure of ${name}`,
  press: 'Press a figure to see it move.',
  move: (level: string) => `Show ${level} moving`,
  still: (level: string) => `Stop ${level}`,
};
