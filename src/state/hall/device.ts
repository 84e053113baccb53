import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { GROUP_NAMES, LONGEST_MS, oneLineSchema, textSchema } from '@/core/common';

const line = textSchema(200);

/** What somebody who calls for help has to know. */
export const helpSchema = z.object({ address: line, number: line, defibrillator: line });
export type Help = Readonly<z.infer<typeof helpSchema>>;

/** What is kept for this device alone. */
export const deviceSchema = z.object({
  chimes: z.boolean(),
  /** How much of the script the voice says. */
  talk: z.enum(['full', 'spare', 'quiet']),
  /** What is said stands on the stage as it is said: always, or where it is of use. */
  captions: z.enum(['auto', 'on', 'off']).default('auto'),
  /** Switches, starts and ends are felt. */
  haptics: z.boolean().default(false),
  /** The voice that was chosen; empty for the device's first. */
  voice: z.string().max(300).default(''),
  /** How fast it speaks: 1 is its usual rate. */
  rate: z.number().min(0.6).max(1.4).default(1),
  /** Letters of the stage a size larger. */
  larger: z.boolean().default(false),
  /** Shows the participants' left on the right, for an instructor who faces the group. */
  mirror: z.boolean(),
  /** Whether the demo data was loaded here once: an emptied store stays empty. */
  welcomed: z.boolean(),
  /** When all that is kept was last saved as a file; with the offset of that place. */
  backedUpAt: z.string().max(40).optional(),
  /** The first day here: from then on a backup that never was is due. */
  startedOn: z.string().max(10).optional(),
  /** Who writes what is printed for a clinician, in their own words. */
  writtenBy: oneLineSchema(120).default(''),
  /** What a routine was begun with last: it is offered first. */
  usual: z
    .object({
      group: z.enum(GROUP_NAMES).optional(),
      slotMs: z.int().min(1000).max(LONGEST_MS).optional(),
    })
    .optional(),
  /** Whether installing was offered; it is offered once. */
  installOffered: z.boolean().default(false),
  help: helpSchema.default({ address: '', number: '', defibrillator: '' }),
});
export type DeviceState = z.infer<typeof deviceSchema>;

/** As a device is set before anybody has set it. */
export const DEVICE_AT_FIRST: DeviceState = {
  chimes: true,
  talk: 'full',
  captions: 'auto',
  haptics: false,
  voice: '',
  rate: 1,
  larger: false,
  mirror: false,
  welcomed: false,
  writtenBy: '',
  installOffered: false,
  help: { address: '', number: '', defibrillator: '' },
};

const slice = createSlice({
  name: 'device',
  initialState: DEVICE_AT_FIRST,
  reducers: {
    /** From storage: the same object, so that it is known to be stored. */
    deviceRead: (_, { payload }: PayloadAction<DeviceState>) => payload,
    deviceSet: (state, { payload }: PayloadAction<Partial<DeviceState>>) => ({
      ...state,
      ...payload,
    }),
  },
});

export const { deviceRead, deviceSet } = slice.actions;
export const deviceReducer = slice.reducer;
