import { isRecord, type MigrationStep } from '@/core/common';
import { LATEST_MADE, MADE_ANEW, keyOf, kindOf, type AnyKind } from '../storage/kind';
import { besidePut, besideSchema, besideTaken, type Beside } from './beside';
import { deviceRead, deviceSchema, deviceSet, type DeviceState } from './device';
import { markSchema, markTaken, marksPut, type Mark } from './marks';
import { meetingSchema, meetingTaken, meetingsPut, type Meeting } from './meetings';
import type { HallState } from './reducer';
import { rowSchema, rowTaken, rowsPut, type Row } from './shelf';

const DEVICE_ID = 'device';
const devices = new WeakMap<DeviceState, Readonly<Record<string, DeviceState>>>();

const withTalk: MigrationStep = {
  from: 1,
  what: 'the voice, which was on or off, says all, little or nothing',
  apply: (data) => {
    if (!isRecord(data)) return data;
    const { voice, ...device } = data;
    return { ...device, talk: voice === false ? 'quiet' : 'full' };
  },
};

/** Drawn anew from the routine when there is time. */
const withBand: MigrationStep = {
  from: 1,
  what: 'a row has its band of time and where it is done',
  apply: (row) => (isRecord(row) ? { ...row, band: '', where: [] } : row),
};

const withOften: MigrationStep = {
  from: 2,
  what: 'a row may say how often its routine is meant',
  apply: (row) => row,
};

const withLately: MigrationStep = {
  from: 1,
  what: 'a mark may have every time of the last days',
  apply: (mark) => mark,
};

/** What is kept for this device alone. */
export const DEVICE = kindOf<HallState, DeviceState>({
  name: 'device',
  many: false,
  version: 2,
  migrations: [withTalk],
  schema: deviceSchema,
  idOf: () => DEVICE_ID,
  slice: {
    all: ({ device }) => {
      const known = devices.get(device) ?? { [DEVICE_ID]: device };
      devices.set(device, known);
      return known;
    },
    put: ([device]) => (device ? deviceRead(device) : deviceSet({})),
    remove: () => deviceSet({}),
  },
  told: false,
  named: { quiet: 'it says how this device is set, and is told of where nothing else is' },
  atOnce: { way: 'merged' },
});

/** What stands on routines in the list. */
export const MARK = kindOf<HallState, Mark>({
  name: 'mark',
  many: true,
  version: 2,
  migrations: [withLately],
  schema: markSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ marks }) => marks, put: marksPut, remove: markTaken },
  told: true,
  named: { quiet: 'its routine is told of' },
  atOnce: { way: 'merged' },
});

/** The rows of the list. */
export const ROW = kindOf<HallState, Row>({
  name: 'row',
  many: true,
  version: 3,
  migrations: [withBand, withOften],
  schema: rowSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ shelf }) => shelf.rows, put: rowsPut, remove: rowTaken },
  told: true,
  named: MADE_ANEW,
  atOnce: LATEST_MADE,
  derived: true,
});

/** What the first screen shows of groups. */
export const MEETING = kindOf<HallState, Meeting>({
  name: 'meeting',
  many: true,
  version: 1,
  migrations: [],
  schema: meetingSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ meetings }) => meetings, put: meetingsPut, remove: meetingTaken },
  told: true,
  named: MADE_ANEW,
  atOnce: LATEST_MADE,
  derived: true,
});

/** Versions that could not stand in their place. */
const BESIDE = kindOf<HallState, Beside>({
  name: 'beside',
  many: true,
  version: 1,
  migrations: [],
  schema: besideSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ beside }) => beside, put: besidePut, remove: besideTaken },
  told: true,
  named: ({ name }) => name,
  atOnce: { way: 'later', why: 'it is laid down once, and never changed' },
});

export const HALL_KINDS: readonly AnyKind<HallState>[] = [DEVICE, ROW, MARK, MEETING, BESIDE];

export const DEVICE_KEY = keyOf(DEVICE, DEVICE_ID);
