import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Duplex } from 'node:stream';
import { BROWSER } from '../../e2e/browser';

interface Reply {
  readonly id?: number;
  readonly result?: Record<string, unknown>;
  readonly error?: { readonly message: string };
}

/** A page of a browser that is driven by hand: Playwright keeps its pages in the foreground for good. */
export interface RawPage {
  readonly targetId: string;
  send(method: string, params?: object): Promise<Record<string, unknown>>;
  /** The value of an expression in the page. */
  evaluate<T>(expression: string): Promise<T>;
}

export interface RawBrowser {
  first(): Promise<RawPage>;
  open(url: string): Promise<RawPage>;
  /** What is in front hides the others truly. */
  toFront(page: RawPage): Promise<void>;
  close(): void;
}

/** Starts Chromium and speaks with it through a pipe. */
export function rawBrowser(): RawBrowser {
  const profile = mkdtempSync(join(tmpdir(), 'willow-bench-'));
  const { executablePath, args } = BROWSER.launchOptions;
  const flags = ['--headless=new', '--remote-debugging-pipe', `--user-data-dir=${profile}`];
  const autoplay = '--autoplay-policy=no-user-gesture-required';
  const child = spawn(executablePath, [...args, ...flags, autoplay, 'about:blank'], {
    stdio: ['ignore', 'ignore', 'ignore', 'pipe', 'pipe'],
  });
  const [out, back] = [child.stdio[3] as Duplex, child.stdio[4] as Duplex];
  const waiting = new Map<number, (reply: Reply) => void>();
  let text = '';
  back.on('data', (data: Buffer) => {
    const parts = (text + data.toString()).split('\0');
    text = parts.pop() ?? '';
    for (const part of parts) {
      const reply = JSON.parse(part) as Reply;
      if (reply.id !== undefined) waiting.get(reply.id)?.(reply);
    }
  });
  let count = 0;
  const send = (method: string, params: object = {}, sessionId?: string) =>
    new Promise<Record<string, unknown>>((resolve, reject) => {
      const id = ++count;
      waiting.set(id, ({ result, error }) => {
        waiting.delete(id);
        if (error) reject(new Error(`${method}: ${error.message}`));
        else resolve(result ?? {});
      });
      out.write(JSON.stringify({ id, method, params, sessionId }) + '\0');
    });
  const attach = async (targetId: string): Promise<RawPage> => {
    const { sessionId } = await send('Target.attachToTarget', { targetId, flatten: true });
    const own = (method: string, params?: object) => send(method, params, sessionId as string);
    return {
      targetId,
      send: own,
      evaluate: async <T>(expression: string) => {
        const said = await own('Runtime.evaluate', {
          expression,
          awaitPromise: true,
          returnByValue: true,
        });
        if (said.exceptionDetails) throw new Error(JSON.stringify(said.exceptionDetails));
        return (said.result as { value: T }).value;
      },
    };
  };
  return {
    first: async () => {
      const { targetInfos } = await send('Target.getTargets');
      const pages = targetInfos as { type: string; targetId: string }[];
      return attach(pages.find(({ type }) => type === 'page')?.targetId ?? '');
    },
    open: async (url) => attach((await send('Target.createTarget', { url })).targetId as string),
    toFront: async ({ targetId }) => {
      await send('Target.activateTarget', { targetId });
    },
    close: () => {
      child.once('exit', () => rmSync(profile, { recursive: true, force: true }));
      child.kill();
    },
  };
}
