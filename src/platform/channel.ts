/** Word between windows of this application in one browser; a browser without channels has only one. */
export function openChannel(
  name: string,
): Pick<BroadcastChannel, 'postMessage' | 'addEventListener' | 'removeEventListener'> {
  try {
    return new BroadcastChannel(name);
  } catch {
    return {
      postMessage: () => undefined,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    };
  }
}
