import * as Class from '@/core/class';
import { routineIdSchema } from '@/core/common';
import { act, openLead } from '.';
import { fakePlatform, openedTab } from './testing';

jest.mock('@/core/class', () => {
  const real = jest.requireActual<typeof Class>('@/core/class');
  return { ...real, ledClass: jest.fn(real.ledClass) };
});

test('a class is worked out once, however long it goes on, and anew for what is changed in it', async () => {
  const platform = fakePlatform();
  const store = await openedTab(platform);
  store.dispatch(openLead(routineIdSchema.parse('demo-thursday-chair-circle')));
  store.dispatch(act('go'));
  await platform.advance(200_000);
  expect(Class.ledClass).toHaveBeenCalledTimes(1);
  store.dispatch(act('again'));
  await platform.advance(60_000);
  expect(Class.ledClass).toHaveBeenCalledTimes(2);
});
