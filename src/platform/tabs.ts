import { openChannel } from './channel';

/** Word between tabs of the application that a key was written. */
export interface Tabs {
  tell(key: string): void;
  onTold(listen: (key: string) => void): void;
}

export function browserTabs(): Tabs {
  const channel = openChannel('hushed-willow');
  return {
    tell: (key) => channel.postMessage(key),
    onTold: (listen) => {
      channel.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
        if (typeof data === 'string') listen(data);
      });
    },
  };
}
