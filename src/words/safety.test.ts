import { AFTER_A_FALL, ASK_FIRST, SEEN, STOP_SIGNS } from './safety';

const [ease, stop, call] = STOP_SIGNS;

describe('stop signs', () => {
  test.each([
    ['numbness or weakness that is sudden, on one side or both'],
    ['an implanted defibrillator fires'],
    ['hot and muddled'],
    ['tearing pain in back or belly'],
    ['on blood thinners, bleeding that does not stop'],
    ['No answer, or not breathing normally'],
    ['face drooping, speech slurred'],
  ])('%s is called for, and waits in no milder tier', (sign) => {
    expect(call.signs).toContain(sign);
    expect(`${ease.signs} ${stop.signs}`).not.toContain(sign);
  });

  test('what is sudden is never only sat out', () => {
    expect(`${ease.signs} ${stop.signs}`).not.toMatch(/sudden/iu);
  });

  test.each([['chest pain'], ['calf newly swollen'], ['bleeding in pregnancy'], ['sugar']])(
    'who has %s does not take part today',
    (sign) => {
      expect(ASK_FIRST.notToday).toContain(sign);
    },
  );

  test('after a fall it says who gets up, how, and who is seen all the same', () => {
    const fall = SEEN.find(({ what }) => what === 'A fall');
    for (const words of [AFTER_A_FALL, fall?.then.join(' ') ?? '']) {
      expect(words).toMatch(/by way of a chair/u);
      expect(words).toMatch(/blood thinners.*seen the same day/u);
      expect(words).toMatch(/call/u);
    }
  });
});
