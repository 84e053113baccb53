import type { LimitName } from '@/core/people';

export interface Question {
  readonly ask: string;
  readonly limits: readonly LimitName[];
}

/** What is asked to find limits, in own words, and what a yes may mean. Together they reach every limit. */
export const QUESTIONS: readonly Question[] = [
  {
    ask: 'Have you fallen in the last year, or do you feel unsteady, dizzy or faint?',
    limits: ['unsteady', 'dizziness', 'faint on rising', 'head injury', 'fits'],
  },
  {
    ask: 'How do you get about? Can you stand without holding on, and get down to the floor and up?',
    limits: [
      'no floor',
      'no standing',
      'stands only with hands held',
      'pushes a wheelchair',
      'walks on crutches',
    ],
  },
  {
    ask: 'Heart, blood pressure, lungs: has a doctor spoken to you of any of them? Blood thinners, a clot?',
    limits: [
      'blood pressure',
      'heart',
      'breastbone opened',
      'new pacemaker',
      'breathless lungs',
      'blood thinners',
      'aneurysm or clot',
      'worse after effort',
    ],
  },
  {
    ask: 'Bones and spine: are they thin, has one broken, does your back or neck hurt or was it operated on?',
    limits: [
      'low bone density',
      'spine fracture',
      'cancer in bone',
      'spinal stenosis',
      'slipped vertebra',
      'disc trouble',
      'spine operation',
      'back painful',
      'neck pain',
      'unstable neck',
    ],
  },
  {
    ask: 'Hips, knees, ankles, feet: does one hurt, was one replaced, operated on or broken?',
    limits: [
      'hip painful',
      'hip replaced',
      'hip replaced back approach',
      'hip replaced front approach',
      'hip fracture',
      'knee painful',
      'knee replaced',
      'ankle painful',
      'ankle operated',
    ],
  },
  {
    ask: 'Shoulders, hands, joints: does one hurt, did one come out, is one flaring up today?',
    limits: [
      'shoulder painful',
      'shoulder operated',
      'shoulder has come out',
      'wrist or hand pain',
      'very mobile joints',
      'joint flare-up',
      'neck flare-up',
      'back flare-up',
      'shoulder flare-up',
      'wrist flare-up',
      'hip flare-up',
      'knee flare-up',
    ],
  },
  {
    ask: 'Nerves and feeling: a stroke, Parkinson’s, MS, an injury of the spinal cord? Numb feet, diabetes?',
    limits: [
      'stroke',
      'parkinson',
      'ms',
      'spinal-cord injury',
      'numb feet',
      'sugar-lowering medicine',
    ],
  },
  {
    ask: 'Operations, belly and skin: one in the last months? Pregnant, given birth, leaking? A swollen arm, a sore?',
    limits: [
      'after abdominal surgery',
      'leaking or prolapse',
      'pregnancy',
      'lymphoedema',
      'skin sore',
    ],
  },
  {
    ask: 'Eyes, ears, memory: does anything make it hard to see, hear or remember what I say?',
    limits: ['eye pressure', 'sight', 'hearing', 'memory'],
  },
];
