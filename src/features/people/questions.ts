import type { LimitName } from '@/core/people';

/** What is asked to find limits, in own words, and what a yes may mean. */
export const QUESTIONS: readonly { readonly ask: string; readonly limits: readonly LimitName[] }[] =
  [
    {
      ask: 'Do you ever feel dizzy, or faint when you get up?',
      limits: ['dizziness', 'faint on rising'],
    },
    {
      ask: 'Has a doctor spoken to you of your heart or your blood pressure?',
      limits: ['blood pressure', 'heart', 'new pacemaker'],
    },
    {
      ask: 'Are your bones thin, or has one broken from a small fall?',
      limits: ['low bone density', 'spine fracture'],
    },
    {
      ask: 'Is there a joint that hurts, or that was replaced?',
      limits: [
        'knee painful',
        'knee replaced',
        'hip painful',
        'hip replaced',
        'shoulder painful',
        'neck pain',
      ],
    },
    {
      ask: 'Does your back hurt, or pain go down a leg?',
      limits: ['back painful', 'disc trouble', 'spinal stenosis'],
    },
    {
      ask: 'Are your feet numb, or do you have diabetes?',
      limits: ['numb feet', 'sugar-lowering medicine'],
    },
    {
      ask: 'Have you had a stroke, Parkinson’s or another illness of the nerves?',
      limits: ['stroke', 'parkinson', 'ms'],
    },
    {
      ask: 'Is there anything that keeps you from getting down to the floor, or from standing?',
      limits: ['no floor', 'no standing', 'stands only with hands held'],
    },
    {
      ask: 'Do you get out of breath sooner than others?',
      limits: ['breathless lungs'],
    },
    {
      ask: 'Does anything make it hard to see, hear or remember what I say?',
      limits: ['sight', 'hearing', 'memory'],
    },
  ];
