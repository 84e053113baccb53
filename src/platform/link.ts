import { openChannel } from './channel';

/** Word between windows of one browser about a class that is being led. */
export interface Link {
  send(message: unknown): void;
  /** Returns the way to stop. */
  onMessage(listen: (message: unknown) => void): () => void;
}

export function browserLink(): Link {
  const channel = openChannel('hushed-willow class');
  return {
    send: (message) => channel.postMessage(message),
    onMessage: (listen) => {
      const hear = ({ data }: MessageEvent<unknown>) => listen(data);
      channel.addEventListener('message', hear);
      return () => channel.removeEventListener('message', hear);
    },
  };
}
