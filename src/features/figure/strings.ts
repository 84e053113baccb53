export const FIGURE = {
  borrowed: (name: string) => `Figure of ${name}`,
  elsewhere: 'The figure shows its usual place',
  press: 'Press a figure to see it move.',
  move: (level: string) => `Show ${level} moving`,
  still: (level: string) => `Stop ${level}`,
};
