import { parseArgs } from 'node:util';
import { onsetsOf, scriptOf } from '@/core/class';
import { GROUP_ALONE } from '@/core/people';
import { writeRoutineText } from '@/core/routine';
import { compile } from '@/core/timing';
import { scriptPhrases } from '@/words/score';
import { rawBrowser, type RawPage } from './devtools';
import { longRoutine } from './routines';
import { served } from './served';

/** So much later than a bare timer of the same run an onset may be, in milliseconds. */
const BAR_MS = 50;
const BARE_MS = 100;

/** Notes when chimes are to be heard and when sentences are given to the voice. */
const EARS = `(() => {
  const heard = { resumed: [], chimes: [], says: [] };
  window.heard = heard;
  const resume = AudioContext.prototype.resume;
  AudioContext.prototype.resume = function () {
    heard.resumed.push(performance.now());
    return resume.call(this);
  };
  const start = OscillatorNode.prototype.start;
  OscillatorNode.prototype.start = function (when) {
    const at = performance.now() + Math.max(0, when - this.context.currentTime) * 1000;
    const last = heard.chimes.at(-1);
    if (!last || last.when !== when) heard.chimes.push({ when, at });
    return start.call(this, when);
  };
  window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text; } };
  Object.defineProperty(window, 'speechSynthesis', {
    value: {
      getVoices: () => [{ voiceURI: 'v', name: 'V', lang: 'en' }],
      speak: ({ text }) => heard.says.push({ text, at: performance.now() }),
      cancel: () => undefined,
    },
  });
})()`;

/** How late a bare timer is in a worker that does nothing else. */
const BARE = `(() => {
  const own = 'const late=[];let due=performance.now()+${BARE_MS};const wait=()=>setTimeout(()=>{const now=performance.now();late.push(now-due);while(due<=now)due+=${BARE_MS};wait()},Math.max(0,due-performance.now()));wait();onmessage=()=>postMessage(late)';
  const worker = new Worker(URL.createObjectURL(new Blob([own], { type: 'text/javascript' })));
  window.late = () => new Promise((done) => { worker.onmessage = ({ data }) => done(data); worker.postMessage(0); });
})()`;

const press = (label: string) => `(async () => {
  for (let i = 0; i < 200; i++) {
    const all = [...document.querySelectorAll('[role=button],[role=switch]')];
    const one = all.find((node) => (node.getAttribute('aria-label') ?? node.textContent ?? '').trim().startsWith(${JSON.stringify(label)}) && !node.disabled);
    if (one) { one.click(); return true; }
    await new Promise((done) => setTimeout(done, 100));
  }
  throw new Error('no ' + ${JSON.stringify(label)});
})()`;

const fill = (label: string, text: string) => `(async () => {
  for (let i = 0; i < 200; i++) {
    const one = document.querySelector('[aria-label=${JSON.stringify(label)}]');
    if (one) {
      Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(one, ${JSON.stringify(text)});
      one.dispatchEvent(new Event('input', { bubbles: true }));
      return;
    }
    await new Promise((done) => setTimeout(done, 100));
  }
  throw new Error('no field');
})()`;

const sleep = (ms: number) => new Promise((done) => setTimeout(done, ms));

const share = (values: readonly number[], part: number): number =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * part))] ??
  0;

async function heapOf(page: RawPage): Promise<number> {
  await page.send('HeapProfiler.collectGarbage');
  const { usedSize } = await page.send('Runtime.getHeapUsage');
  return (usedSize as number) / 1e6;
}

interface Heard {
  readonly resumed: readonly number[];
  readonly chimes: readonly { readonly at: number }[];
  readonly says: readonly { readonly text: string; readonly at: number }[];
}

/** How far each of the heard was from the moment that is nearest to it; how many there were is told apart. */
function errorsOf(heard: readonly number[], planned: readonly number[]): readonly number[] {
  return heard.map((at) => {
    const errors = planned.map((own) => at - own);
    return errors.reduce((best, one) => (Math.abs(one) < Math.abs(best) ? one : best), Infinity);
  });
}

/** Two chimes of one moment are one: they are heard together. */
function apart(times: readonly number[]): readonly number[] {
  return times.filter((at, i) => i === 0 || at - (times[i - 1] ?? 0) > TOGETHER_MS);
}

const TOGETHER_MS = 30;

/** Leads real minutes, half of them with the page truly hidden, beside a bare timer of the same run. */
async function measure(minutes: number, slowed: number): Promise<boolean> {
  const routine = longRoutine();
  const score = compile(routine, GROUP_ALONE, scriptPhrases);
  const onsets = onsetsOf(score, scriptOf(routine, score, scriptPhrases));
  let good = true;
  await served(4623, async (url) => {
    const browser = rawBrowser();
    const blank = await browser.first();
    await blank.evaluate(BARE);
    const page = await browser.open('about:blank');
    await page.send('Page.enable');
    await page.send('Page.addScriptToEvaluateOnNewDocument', { source: EARS });
    await page.send('Page.navigate', { url: `${url}bring-in` });
    await browser.toFront(page);
    await page.evaluate(fill('A plan, or routine text', writeRoutineText(routine)));
    await page.evaluate(press('Add routine'));
    await page.evaluate(press('Lead'));
    await sleep(4000);
    const stops = await page.evaluate<number>(
      `document.body.textContent.includes('I have seen them') ? 1 : 0`,
    );
    if (stops) await page.evaluate(press('I have seen them'));
    if (slowed > 1) await page.send('Emulation.setCPUThrottlingRate', { rate: slowed });
    await page.evaluate(press('Start'));
    await sleep(5000);
    const heapMb = await heapOf(page);
    const halfMs = (minutes * 60_000) / 2;
    await sleep(halfMs - 5000);
    await browser.toFront(blank);
    await sleep(300);
    const hidden = await page.evaluate<string>('document.visibilityState');
    const shownUntil = await page.evaluate<number>('performance.now()');
    await sleep(halfMs);
    const heard = await page.evaluate<Heard>('window.heard');
    const hiddenUntil = await page.evaluate<number>('performance.now()');
    await browser.toFront(page);
    await sleep(300);
    const left = await page.evaluate<string>(
      `(document.body.innerText.match(/(\\d+:\\d\\d(?::\\d\\d)?) left/) ?? [])[1] ?? ''`,
    );
    const backAt = await page.evaluate<number>('performance.now()');
    const grown = (await heapOf(page)) - heapMb;
    const late = await blank.evaluate<number[]>('window.late()');
    browser.close();

    const goneAt = heard.resumed.filter((at) => at < (heard.says[0]?.at ?? 0) + 1).at(-1) ?? 0;
    const bare = share(late.map(Math.abs), 0.99);
    console.log(`${minutes} minutes, slowed ${slowed} times; then the page was ${hidden}`);
    console.log(`bare timer of ${BARE_MS} ms in a worker: p99 ${bare.toFixed(1)} ms`);
    const planned = (kind: 'tone' | 'say') =>
      apart(onsets.filter((one) => one.kind === kind).map(({ atMs }) => atMs));
    for (const [name, kind, times] of [
      ['chimes', 'tone', apart(heard.chimes.map(({ at }) => at))],
      ['cues', 'say', heard.says.map(({ at }) => at)],
    ] as const) {
      const errors = errorsOf(
        times.map((at) => at - goneAt),
        planned(kind),
      );
      const due = planned(kind).filter((atMs) => atMs < hiddenUntil - goneAt - 500).length;
      for (const [when, own] of [
        ['shown', errors.filter((_, i) => (times[i] ?? 0) < shownUntil)],
        ['hidden', errors.filter((_, i) => (times[i] ?? 0) >= shownUntil)],
      ] as const) {
        const p99 = share(own.map(Math.abs), 0.99);
        const ok = p99 <= bare + BAR_MS && own.length > 0;
        good &&= ok;
        console.log(
          `${name}, ${when}: ${own.length}, p50 ${share(own.map(Math.abs), 0.5).toFixed(1)} ms, p99 ${p99.toFixed(1)} ms, worst ${share(own.map(Math.abs), 1).toFixed(1)} ms: ${ok ? 'ok' : 'TOO LATE'}`,
        );
      }
      const missing = due - times.length;
      if (Math.abs(missing) > 1) good = false;
      console.log(`${name}: ${times.length} heard of ${due} due`);
    }
    const [h, m, s] = `0:${left}`.split(':').slice(-3).map(Number);
    const shownMs = score.totalMs - ((h ?? 0) * 3600 + (m ?? 0) * 60 + (s ?? 0)) * 1000;
    console.log(
      `back in front, the stage stood ${((backAt - goneAt - shownMs) / 1000).toFixed(1)} s from the clock`,
    );
    console.log(`memory grew by ${grown.toFixed(1)} MB from ${heapMb.toFixed(1)} MB`);
  });
  return good;
}

const { values } = parseArgs({
  options: {
    minutes: { type: 'string', default: '5' },
    slowed: { type: 'string', default: '1' },
  },
});
process.exitCode = (await measure(Number(values.minutes), Number(values.slowed))) ? 0 : 1;
