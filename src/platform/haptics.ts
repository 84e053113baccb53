/** A device that can be felt. */
export interface Haptics {
  /** Whether it may be able to; a browser does not say for sure. */
  can(): boolean;
  buzz(ms: number): void;
}

export function browserHaptics(): Haptics {
  const can = () => 'vibrate' in navigator;
  return {
    can,
    buzz: (ms) => {
      if (can()) navigator.vibrate(ms);
    },
  };
}
