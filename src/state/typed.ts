import { z } from 'zod';
import { textSchema } from '@/core/common';
import { keyedSlice } from './hall/keyed-slice';

/** As much as a field can hold of what was pasted into it. */
export const MOST_TYPED = 2_000_000;

/** What stands in a field that is kept by a press only, and was not pressed yet: by the place of the field. */
export const typedSchema = z.strictObject({
  id: z.string().regex(/^[a-z][A-Za-z0-9 _-]{0,140}$/u),
  text: textSchema(MOST_TYPED),
});
export type Typed = Readonly<z.infer<typeof typedSchema>>;

const {
  put: typedPut,
  taken: typedTaken,
  reducer: typedReducer,
} = keyedSlice<Typed>('typed', ({ id }) => id);
export { typedPut, typedTaken, typedReducer };
