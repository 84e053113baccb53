import type { Page } from '@playwright/test';
import { planOf, type Run } from '@/core/class';
import { daysAfter, groupIdSchema, personIdSchema, runIdSchema } from '@/core/common';
import { GROUP_ALONE, readLimits, type Member } from '@/core/people';
import { compile } from '@/core/timing';
import { scorePhrases } from '@/words/score';
import { longRoutine, thirtyRows } from './routines';
import { inProfile, median, served } from './served';

/** Five years of several groups. */
const RUNS = 5000;
const EACH = 12;
const GROUPS = 4;
const DAYS = 5 * 365;
const OPEN_MS = 1000;
const PERSON_MS = 200;
const TAP_MS = 50;
/** A class of many, whose limits change what they do. */
const MANY = 24;
const CLASS_MS = 1000;
/** Slowed openings lie far apart. */
const CLASS_OPENINGS = 9;

const person = (group: number, i: number) => personIdSchema.parse(`p-${group}-${i}`);

/** What a backup of five years holds: made up, the same each time. */
function backup(today: string): string {
  const kept: Record<string, object> = {};
  const routine = longRoutine();
  const score = compile(routine, GROUP_ALONE, scorePhrases);
  kept['led/five'] = { version: 1, routineVersion: 6, revision: 1, led: { id: 'five', routine } };
  kept['plan/five'] = { version: 1, revision: 1, plan: planOf('five', routine, score) };
  for (let group = 0; group < GROUPS; group++) {
    const id = groupIdSchema.parse(`g-${group}`);
    kept[`group/${id}`] = {
      version: 1,
      revision: 1,
      group: { id, name: `Group ${group + 1}`, pace: 'older', weekday: group, time: '10:00' },
    };
    for (let i = 0; i < EACH; i++) {
      const member: Member = {
        id: person(group, i),
        name: `Person ${group + 1}-${i + 1}`,
        groups: [id],
        limits: [],
        agreedOn: today,
        ladders: {
          stance: {
            school: 'hands first',
            placed: [
              {
                on: daysAfter(today, -DAYS),
                rung: { base: 'apart', hands: 'fingertips', challenge: 'still', timeMs: 10_000 },
                why: '',
              },
            ],
          },
        },
      };
      kept[`person/${member.id}`] = { version: 1, revision: 1, person: member };
    }
  }
  addMany(kept, today);
  for (let i = 0; i < RUNS; i++) {
    const on = daysAfter(today, -1 - Math.floor((i * DAYS) / RUNS));
    const group = i % GROUPS;
    const run: Run = {
      id: runIdSchema.parse(`r-${i}`),
      routineId: routine.id,
      title: routine.title,
      led: 'five',
      groupId: groupIdSchema.parse(`g-${group}`),
      startedAt: `${on}T10:00:00+00:00`,
      endedAt: `${on}T11:00:00+00:00`,
      plannedMs: score.totalMs,
      realMs: score.totalMs,
      how: 'completed',
      sides: [],
      people: Array.from({ length: EACH }, (_, at) => ({
        person: person(group, at),
        came: (i + at) % 7 !== 0,
        outcome: 'done' as const,
        effort: (i * 3 + at) % 7,
        painBefore: (i + at) % 3,
        painAfter: (i + at) % 4,
      })),
    };
    kept[`run/${run.id}`] = { version: 7, routineVersion: 6, revision: 1, run };
  }
  const madeAt = `${today}T12:00:00+00:00`;
  return JSON.stringify({ format: 'hushed-willow-backup', version: 1, madeAt, kept });
}

/** Twenty-four people with limits of every kind, and thirty rows for them. */
function addMany(kept: Record<string, object>, today: string): void {
  const id = groupIdSchema.parse('g-many');
  kept[`group/${id}`] = { version: 1, revision: 1, group: { id, name: 'Many', pace: 'older' } };
  const limits = ['knee painful', 'shoulder painful', 'back painful', 'dizzy', 'balance poor', ''];
  const lanes = ['chair', 'stand-held', 'floor'] as const;
  for (let i = 0; i < MANY; i++) {
    const own = readLimits(limits[i % limits.length] ?? '').limits;
    const member: Member = {
      id: personIdSchema.parse(`m-${i}`),
      name: `One of many ${i + 1}`,
      groups: [id],
      limits: [...own],
      lane: lanes[i % 3] ?? 'chair',
      agreedOn: today,
    };
    kept[`person/${member.id}`] = { version: 1, revision: 1, person: member };
  }
  const routine = thirtyRows();
  kept[`routine/${routine.id}`] = { version: 6, revision: 1, routine };
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const from = performance.now();
  await work();
  return performance.now() - from;
}

const said = (what: string, ms: number, barMs?: number) =>
  console.log(
    `${what}: ${Math.round(ms)} ms${barMs === undefined ? '' : ` (bar ${barMs} ms${ms > barMs ? ', OVER' : ''})`}`,
  );

/** Notes by the page's own clock when words first stand on it. */
const NOTE = (words: string) => {
  const look = setInterval(() => {
    if (!document.body?.innerText.includes(words)) return;
    clearInterval(look);
    Object.assign(globalThis, { stoodAt: performance.now() });
  }, 4);
};

/** From the moment that a page is asked for to the moment that something stands on it. */
async function opened(page: Page, url: string): Promise<number> {
  await page.goto('about:blank');
  await page.goto(url);
  await page.waitForFunction(() => 'stoodAt' in globalThis);
  return page.evaluate(() => (globalThis as unknown as { stoodAt: number }).stoodAt);
}

/** From a press on a link to the moment that words stand on the page that it opens. */
const pressed = (page: Page, name: string, words: string) =>
  page.evaluate(
    ([link, wanted]) =>
      new Promise<number>((done) => {
        const own = [...document.querySelectorAll('a')].find((one) =>
          one.textContent?.startsWith(link ?? ''),
        );
        const from = performance.now();
        const watch = new MutationObserver(() => {
          if (!document.body.innerText.includes(wanted ?? '')) return;
          watch.disconnect();
          requestAnimationFrame(() => done(performance.now() - from));
        });
        watch.observe(document.body, { childList: true, subtree: true, characterData: true });
        own?.click();
      }),
    [name, words],
  );

/** From a press on a choice to the frame in which it is chosen. */
const tapped = (page: Page, name: string) =>
  page.evaluate(
    (wanted) =>
      new Promise<number>((done) => {
        const own = [...document.querySelectorAll<HTMLElement>('[role=radio]')].find(
          (one) => one.textContent === wanted,
        );
        const from = performance.now();
        const look = () =>
          own?.getAttribute('aria-checked') === 'true'
            ? done(performance.now() - from)
            : requestAnimationFrame(look);
        own?.click();
        requestAnimationFrame(look);
      }),
    name,
  );

/** From going to the class on to its first row. */
const toClass = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<number>((done) => {
        const from = performance.now();
        history.pushState({}, '', '/class/thirty');
        dispatchEvent(new PopStateEvent('popstate', { state: {} }));
        const look = () =>
          document.querySelector('main')?.textContent?.includes('One of many 24')
            ? requestAnimationFrame(() => done(performance.now() - from))
            : setTimeout(look, 8);
        look();
      }),
  );

async function measure(): Promise<void> {
  const today = new Date().toISOString().slice(0, 10);
  const file = backup(today);
  console.log(`${RUNS} runs of ${EACH} people: ${(file.length / 1e6).toFixed(1)} MB as a backup`);
  await served(4624, (url) =>
    inProfile(async (page) => {
      await page.goto(`${url}backup`);
      const chooser = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Choose the file' }).click();
      await (
        await chooser
      ).setFiles({ name: 'five.json', mimeType: 'application/json', buffer: Buffer.from(file) });
      const add = page.getByRole('button', { name: 'Add it to what is here' });
      said('read and checked', await timed(() => add.waitFor({ timeout: 120_000 })));
      await add.click();
      await page.getByRole('heading', { name: 'Today', exact: true }).waitFor({ timeout: 120_000 });
      await page.addInitScript(NOTE, 'Group 1');
      said('first opening, months made anew', await opened(page, `${url}record`));
      await page.waitForTimeout(3000);
      const times: number[] = [];
      for (let i = 0; i < 5; i++) times.push(await opened(page, `${url}record`));
      said('the record, from its address on', median(times), OPEN_MS);
      await page.getByRole('link', { name: 'People', exact: true }).click();
      const pages: number[] = [];
      for (let i = 0; i < 5; i++) {
        await page.getByRole('link', { name: /^Person 2-3/ }).waitFor();
        pages.push(await pressed(page, 'Person 2-3', 'Classes a week'));
        await page.getByRole('button', { name: 'Back' }).click();
      }
      said("a person's page", median(pages), PERSON_MS);
      await page.goto(`${url}record/r-0`);
      const taps: number[] = [];
      await page.getByRole('button', { name: /^Person 1-2: / }).click();
      for (let i = 0; i < 6; i++) {
        const outcome = i % 2 === 0 ? 'Eased' : 'As planned';
        await page.waitForTimeout(400);
        taps.push(await tapped(page, outcome));
      }
      said('a tap in attendance', median(taps), TAP_MS);
      await page.goto(`${url}class/thirty`);
      await page.getByRole('radio', { name: 'Many', exact: true }).click();
      await page.getByText('One of many 1', { exact: false }).first().waitFor();
      await page.waitForTimeout(1500);
      const session = await page.context().newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
      const classes: number[] = [];
      for (let i = 0; i < CLASS_OPENINGS; i++) {
        await page.goto(`${url}routine/thirty`);
        await page.getByRole('textbox', { name: 'Title' }).waitFor();
        await page.waitForTimeout(4000);
        classes.push(await toClass(page));
      }
      said('who does what, 24 people and 30 rows, slowed', median(classes), CLASS_MS);
    }),
  );
}

await measure();
