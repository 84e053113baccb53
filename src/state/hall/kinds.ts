import { isRecord, type MigrationStep } from '@/core/common';
import { keyOf, kindOf, type AnyKind } from '../storage/kind';
import { deviceRead, deviceSchema, deviceSet, type DeviceState } from './device';
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
});

/** The rows of the list. */
export const ROW = kindOf<HallState, Row>({
  name: 'row',
  many: true,
  version: 1,
  migrations: [],
  schema: rowSchema,
  idOf: ({ id }) => id,
  slice: { all: ({ shelf }) => shelf.rows, put: rowsPut, remove: rowTaken },
  told: true,
  derived: true,
});

export const HALL_KINDS: readonly AnyKind<HallState>[] = [DEVICE, ROW];

export const DEVICE_KEY = keyOf(DEVICE, DEVICE_ID);
