import type { LimitName } from './names';

/** Parts of the body that limits are told of, by every word for them. */
export const PART_WORDS = {
  neck: ['neck'],
  back: ['back', 'lowback', 'spine', 'lumbar', 'vertebra', 'vertebrae'],
  hip: ['hip', 'hips'],
  knee: ['knee', 'knees', 'kneecap', 'kneecaps', 'meniscus'],
  shoulder: ['shoulder', 'shoulders'],
  wrist: ['wrist', 'wrists', 'hand', 'hands', 'finger', 'fingers', 'thumb', 'thumbs'],
  ankle: ['ankle', 'ankles', 'foot', 'feet', 'heel', 'heels', 'achilles', 'toe', 'toes'],
  belly: ['belly', 'tummy', 'stomach', 'abdomen', 'abdominal'],
  heart: ['heart'],
  eye: ['eye', 'eyes'],
  lungs: ['lung', 'lungs'],
  joint: ['joint', 'joints'],
} as const;
export type BodyPart = keyof typeof PART_WORDS;

/** What is the matter with a part, by every word for it. */
export const TROUBLE_WORDS = {
  pain: [
    ...['painful', 'pain', 'pains', 'bad', 'sore', 'ache', 'aches', 'aching', 'achy', 'hurt'],
    ...['hurts', 'hurting', 'dodgy', 'stiff', 'trouble', 'troubles', 'problem', 'problems'],
    ...['issue', 'issues', 'arthritis', 'arthritic', 'osteoarthritis', 'worn', 'tender', 'gammy'],
    ...['condition', 'disease', 'injury', 'injured', 'tight', 'weak', 'grumpy', 'creaky'],
  ],
  operated: [
    ...['replaced', 'replacement', 'replacements', 'new', 'operated', 'operation', 'operations'],
    ...[
      'op',
      'ops',
      'surgery',
      'artificial',
      'metal',
      'fused',
      'fusion',
      'pinned',
      'plated',
      'done',
      'rebuilt',
    ],
  ],
  fracture: ['fracture', 'fractured', 'fractures', 'broken', 'broke', 'cracked', 'crushed'],
  flare: ['flare', 'flared', 'flaring', 'flareup', 'inflamed', 'inflammation', 'swollen'],
} as const;
export type Trouble = keyof typeof TROUBLE_WORDS;

/** What a trouble of a part is called in the table of limits. */
export const TROUBLES: Readonly<Record<Trouble, Readonly<Partial<Record<BodyPart, LimitName>>>>> = {
  pain: {
    neck: 'neck pain',
    back: 'back painful',
    hip: 'hip painful',
    knee: 'knee painful',
    shoulder: 'shoulder painful',
    wrist: 'wrist or hand pain',
    ankle: 'ankle painful',
    heart: 'heart',
    lungs: 'breathless lungs',
    joint: 'joint flare-up',
  },
  operated: {
    neck: 'spine operation',
    back: 'spine operation',
    hip: 'hip replaced',
    knee: 'knee replaced',
    shoulder: 'shoulder operated',
    ankle: 'ankle operated',
    belly: 'after abdominal surgery',
    heart: 'breastbone opened',
    eye: 'eye pressure',
  },
  fracture: {
    hip: 'hip fracture',
    back: 'spine fracture',
    neck: 'spine fracture',
    wrist: 'wrist or hand pain',
    ankle: 'ankle operated',
    shoulder: 'shoulder operated',
    knee: 'knee replaced',
  },
  flare: {
    neck: 'neck flare-up',
    back: 'back flare-up',
    hip: 'hip flare-up',
    knee: 'knee flare-up',
    shoulder: 'shoulder flare-up',
    wrist: 'wrist flare-up',
    joint: 'joint flare-up',
  },
};

/** Words that tell nothing of the limit itself. None of them may turn what is said round. */
export const FILLERS: readonly string[] = [
  ...['a', 'an', 'the', 'with', 'has', 'have', 'in', 'of', 'on', 'from', 'my', 'his', 'her'],
  ...['their', 'somebody', 'someone', 'person', 'people', 'lady', 'man', 'woman', 'gentleman'],
  ...['ladies', 'men', 'women', 'members', 'member', 'folk', 'folks', 'persons', 'users'],
  ...['one', 'two', 'three', 'four', 'five', 'six', 'some', 'few', 'couple', 'several', 'who'],
  ...['recent', 'recently', 'old', 'chronic', 'mild', 'severe', 'severely', 'very', 'slightly'],
  ...[
    'low',
    'lower',
    'total',
    'had',
    'since',
    'is',
    'are',
    'side',
    'up',
    'after',
    'got',
    'bit',
    'and',
  ],
];

/** What else each limit is called, in plain words and in those of the trade. */
export const OTHER_NAMES: Readonly<Partial<Record<LimitName, readonly string[]>>> = {
  'hip fracture': [
    ...['fractured neck of femur', 'neck of femur', 'broke hip', 'broke her hip', 'broke his hip'],
  ],
  'back flare-up': [
    ...['back spasm', 'back gone', 'back went', 'back has gone', 'put my back out', 'back out'],
  ],
  'back painful': [
    ...['scoliosis', 'kyphosis', 'curved spine', 'ankylosing spondylitis', 'lumbago'],
  ],
  unsteady: [
    ...[
      'scared of falling',
      'frightened of falling',
      'nervous of falling',
      'worried about falling',
      'falling',
      'a fall',
      'fall',
      'tripping',
      'trips',
      'tripped',
      'stumbles',
      'furniture walks',
      'loses balance',
      'lost balance',
      'lose balance',
    ],

    ...[
      'unsteady on their feet',
      'wobbly',
      'falls',
      'faller',
      'fallers',
      'fell',
      'fallen',
      'had a fall',
    ],
    ...['fell last year', 'fell in the last year', 'falls risk', 'fall risk', 'at risk of falling'],
    ...['poor balance', 'bad balance', 'not steady', 'afraid of falling', 'fear of falling'],
  ],
  'ankle painful': ['plantar fasciitis', 'heel spur', 'bunion', 'bunions', 'sprained ankle'],
  'ankle operated': [
    ...['bunion op', 'achilles tendon repair', 'bunion surgery'],
    'broken ankle',
    'ankle fusion',
    'achilles repair',
    'ruptured achilles',
  ],
  'aneurysm or clot': [
    ...['clot in the leg', 'clot in the lung'],

    ...['aneurysm', 'aortic aneurysm', 'blood clot', 'clot', 'clots', 'thrombosis', 'dvt', 'pe'],
    ...['deep vein thrombosis', 'pulmonary embolism'],
  ],
  'head injury': [
    ...['brain injury', 'head knock', 'bang on the head'],
    'concussion',
    'knock to the head',
    'recent head injury',
    'hit their head',
  ],
  fits: ['epilepsy', 'epileptic', 'seizures', 'seizure', 'has fits'],
  'skin sore': [
    ...['ulcer', 'leg ulcer', 'foot ulcer', 'diabetic ulcer', 'pressure sores'],

    'pressure sore',
    'pressure ulcer',
    'bed sore',
    'bedsore',
    'open sore',
    'wound',
    'open wound',
  ],
  'no floor': [
    ...[
      'wont go on the floor',
      'cant get up off the floor',
      'cant get off the floor',
      'cannot get off the floor',
    ],

    ...['cant get down', 'cannot get down', 'cant get to the floor', 'cannot get to the floor'],
    ...['cant get up from the floor', 'cannot get up from the floor', 'cant get on the floor'],
    ...['no floor work', 'no floor moves', 'not on the floor', 'no getting down', 'cant do floor'],
    ...['cannot get on the floor', 'no getting on the floor', 'not the floor'],
  ],
  'no standing': [
    ...[
      'not able to stand',
      'unable to stand',
      'must sit throughout',
      'has to stay seated',
      'must stay seated',
      'must sit',
      'stay seated',
    ],

    ...['cant stand', 'cannot stand', 'not standing', 'seated only', 'sitting only', 'sits only'],
    ...['no standing up', 'cant stand up', 'cannot stand up', 'chair only', 'cant stand at all'],
  ],
  'pushes a wheelchair': [
    ...['powerchair', 'power chair', 'electric wheelchair'],

    ...['wheelchair', 'wheelchairs', 'wheelchair user', 'wheelchair users', 'uses a wheelchair'],
    ...['in a wheelchair', 'in wheelchairs', 'manual wheelchair', 'wheel chair'],
  ],
  'walks on crutches': [
    'crutches',
    'crutch',
    'on crutches',
    'uses crutches',
    'walks with crutches',
  ],
  'stands only with hands held': [
    ...['holds on', 'holds on to stand', 'needs to hold on', 'has to hold on', 'needs support'],
    ...['walker', 'rollator', 'walking frame', 'frame', 'stands with support', 'stands only held'],
    ...['needs hands to stand', 'holds on when standing', 'uses a walker', 'needs a hand to stand'],
  ],
  'low bone density': [
    ...['osteoporosis of the spine', 'osteoporosis in the spine', 'osteoporosis in hips'],

    ...['osteoporosis', 'osteopenia', 'osteoporotic', 'thin bones', 'brittle bones', 'weak bones'],
    ...['bone density', 'fragile bones', 'bone loss', 'soft bones', 'low bone mass'],
  ],
  'spine fracture': [
    ...['wedge fractures', 'crushed vertebrae', 'collapsed vertebra'],

    ...['compression fracture', 'vertebral fracture', 'vertebral fractures', 'crushed vertebra'],
    ...['compression fractures', 'wedge fracture', 'spinal fracture', 'spine fractures'],
  ],
  'cancer in bone': [
    ...['spread to bones', 'spread to the bones'],

    ...['bone cancer', 'bone metastases', 'bone metastasis', 'bone mets', 'cancer in the bones'],
    ...['cancer in bones', 'myeloma', 'cancer in the bone'],
  ],
  'spinal stenosis': ['stenosis', 'lumbar stenosis', 'narrow spinal canal', 'narrowed spine'],
  'slipped vertebra': ['spondylolisthesis', 'slipped vertebrae', 'listhesis'],
  'disc trouble': [
    ...['disc', 'discs', 'slipped disc', 'herniated disc', 'bulging disc', 'disc prolapse'],
    ...[
      'prolapsed disc',
      'disc hernia',
      'slipped disk',
      'herniated disk',
      'bulging disk',
      'bad disc',
    ],
    ...[
      'sciatica',
      'sciatic',
      'disk',
      'disc bulge',
      'bad discs',
      'disc problem',
      'disc herniation',
    ],
  ],
  'spine operation': [
    ...['spinal fusion', 'spinal surgery', 'spinal operation', 'laminectomy', 'discectomy'],
    ...['fusion', 'rods in the back', 'disc operation', 'disc surgery'],
  ],
  'hip replaced back approach': [
    ...['posterior hip replacement', 'hip replacement posterior', 'hip replaced from the back'],
    ...[
      'hip replaced posterior',
      'posterior hip',
      'posterior approach',
      'hip replacement back approach',
    ],
  ],
  'hip replaced front approach': [
    ...['anterior hip replacement', 'hip replacement anterior', 'hip replaced from the front'],
    ...[
      'hip replaced anterior',
      'anterior hip',
      'anterior approach',
      'hip replacement front approach',
    ],
  ],
  'hip replaced': ['thr', 'hip prosthesis', 'hip resurfacing', 'replaced hip approach unknown'],
  'hip painful': [
    ...['bursitis hip', 'bursitis of the hip', 'labral tear'],
    'hip bursitis',
    'hip impingement',
  ],
  'knee painful': [
    ...[
      'knee gives way',
      'torn meniscus',
      'bone on bone knees',
      'cannot kneel',
      'cant kneel',
      'no kneeling',
      'kneeling hurts',
    ],
    'runners knee',
    'knee giving way',
    'cartilage',
  ],
  'knee replaced': [
    ...[
      'acl',
      'acl repair',
      'acl reconstruction',
      'cruciate ligament',
      'meniscus operation',
      'knee arthroscopy',
    ],
    'tkr',
    'knee prosthesis',
    'replaced or operated knee',
    'cruciate operation',
  ],
  'shoulder painful': [
    ...['tendonitis shoulder', 'shoulder tendonitis', 'bursitis shoulder'],

    ...['frozen shoulder', 'frozen shoulders', 'rotator cuff', 'rotator cuff tear', 'impingement'],
    ...['shoulder impingement', 'shoulder bursitis', 'torn rotator cuff', 'cuff tear'],
  ],
  'shoulder operated': [
    ...['rotator cuff op'],
    'rotator cuff repair',
    'rotator cuff surgery',
    'cuff repair',
  ],
  'shoulder has come out': [
    ...[
      'shoulder pops out',
      'shoulder keeps popping out',
      'popping out',
      'shoulder comes out',
      'shoulder slips out',
    ],

    ...['dislocated shoulder', 'shoulder dislocation', 'shoulder came out', 'unstable shoulder'],
    ...['shoulder dislocated', 'shoulder that has come out', 'shoulder instability'],
  ],
  'wrist or hand pain': [
    ...['broken wrist', 'cant make a fist', 'arthritis thumbs', 'broken hand'],

    ...['carpal tunnel', 'carpal tunnel syndrome', 'trigger finger', 'wrist and hand pain'],
    ...['wrist pain or hand pain', 'wrist and hand', 'cant grip', 'weak grip', 'rsi'],
  ],
  'neck pain': ['whiplash', 'crick in the neck', 'cervical pain'],
  'unstable neck': [
    ...['neck instability', 'rheumatoid neck', 'unstable or inflamed neck', 'neck unstable'],
    ...['cervical instability'],
  ],
  dizziness: [
    ...['labyrinthitis', 'room spins'],
    ...['dizzy', 'dizzy spells', 'vertigo', 'light headed', 'lightheaded', 'bppv', 'menieres'],
    ...['giddy', 'giddiness', 'gets dizzy', 'inner ear', 'dizzyness'],
  ],
  'faint on rising': [
    ...['fainted', 'blacked out', 'passed out', 'blood pressure drops', 'bp drops'],

    ...['faint', 'faints', 'fainting', 'faintness', 'faintness on rising', 'low blood pressure'],
    ...['low bp', 'blacks out', 'orthostatic hypotension', 'postural hypotension', 'hypotension'],
    ...['dizzy on standing', 'dizzy on standing up', 'dizzy when standing up', 'dizzy getting up'],
    ...['dizzy on rising', 'faint on standing', 'pots', 'passes out'],
  ],
  'blood pressure': [
    ...['high blood pressure', 'hypertension', 'bp', 'high bp', 'treated blood pressure'],
    ...['blood pressure tablets', 'blood pressure pills', 'raised blood pressure'],
  ],
  heart: [
    ...[
      'heart murmur',
      'angina spray',
      'af',
      'heart valve leaking',
      'leaking valve',
      'cardiomyopathy',
      'palpitations',
    ],
    ...['irregular heart beat', 'beta blockers'],
    ...['heart failure', 'heart attack', 'angina', 'stent', 'stents', 'cardiac', 'afib'],
    ...['atrial fibrillation', 'arrhythmia', 'irregular heartbeat', 'coronary disease', 'coronary'],
  ],
  'breastbone opened': [
    ...['triple bypass', 'quadruple bypass', 'double bypass', 'aorta repaired', 'aortic repair'],

    ...['open heart surgery', 'open heart', 'bypass', 'heart bypass', 'valve replacement'],
    ...['sternotomy', 'heart valve', 'breastbone that was opened', 'breastbone', 'valve operation'],
  ],
  'new pacemaker': ['pacemaker', 'icd', 'pace maker', 'heart device'],
  'breathless lungs': [
    ...['oxygen', 'on oxygen', 'inhaler', 'gets breathless', 'pulmonary fibrosis'],

    ...['puffed', 'gets puffed', 'pneumonia'],
    ...['asthma', 'copd', 'emphysema', 'short of breath', 'breathless', 'breathlessness'],
    ...['shortness of breath', 'chronic bronchitis', 'bronchitis', 'out of breath'],
  ],
  'eye pressure': [
    ...['glaucoma', 'detached retina', 'retina', 'retina trouble', 'retinal detachment'],
    ...['eye pressure or retina trouble', 'high eye pressure', 'cataract operation'],
  ],
  'blood thinners': [
    ...['apixaban', 'rivaroxaban', 'edoxaban', 'dabigatran', 'clopidogrel', 'heparin'],

    ...['blood thinner', 'blood thinning', 'anticoagulants', 'anticoagulant', 'warfarin'],
    ...['thin blood', 'bruises easily'],
  ],
  'sugar-lowering medicine': [
    ...['insulin pump', 'type 1 diabetes', 'type 1 diabetic', 'metformin', 'gliclazide', 'hypos'],

    ...['insulin', 'diabetes medicine', 'diabetes tablets', 'sugar lowering', 'low blood sugar'],
  ],
  'numb feet': [
    ...['pins and needles in feet', 'pins and needles', 'cant feel feet', 'no feeling in feet'],

    ...['bad circulation', 'poor circulation', 'loses feeling'],
    ...['neuropathy', 'peripheral neuropathy', 'diabetic feet', 'diabetic foot', 'numb foot'],
    ...['numb toes', 'no feeling in the feet', 'numb or diabetic feet', 'cant feel the feet'],
  ],
  parkinson: [
    ...['tremor'],
    'parkinsons',
    'parkinsons disease',
    'parkinson disease',
    'pd',
    'parkinsonism',
  ],
  stroke: [
    ...['mini stroke', 'mini strokes', 'tias', 'one side weak', 'sided weakness'],

    ...['had a stroke', 'strokes', 'weak side', 'one sided weakness', 'hemiplegia', 'hemiparesis'],
    ...['weak arm or leg', 'after a stroke', 'stroke survivor', 'weak one side', 'tia'],
  ],
  ms: ['multiple sclerosis', 'heat sensitive', 'ms heat sensitive'],
  'worse after effort': [
    ...['chemo', 'chemotherapy', 'me/cfs'],

    ...['chronic fatigue', 'chronic fatigue syndrome', 'cfs', 'long covid', 'me cfs'],
    ...['worse for days after effort', 'post exertional', 'worse after exercise'],
  ],
  'spinal-cord injury': [
    ...['cant feel legs', 'cannot feel legs', 'paralysed'],

    ...['paraplegia', 'paraplegic', 'tetraplegia', 'tetraplegic', 'quadriplegic', 'quadriplegia'],
    ...['sci', 'spinal injury', 'spinal cord', 'paralysed legs'],
  ],
  lymphoedema: [
    ...['mastectomy', 'lymph nodes out', 'breast cancer surgery', 'lymphoedema arm'],

    ...['lymphedema', 'dialysis arm', 'dialysis', 'fistula', 'lymph nodes removed', 'swollen arm'],
    ...['lymphoedema or a dialysis arm', 'shunt arm'],
  ],
  'after abdominal surgery': [
    ...[
      'hernia op',
      'stoma bag',
      'gallbladder out',
      'appendix out',
      'bowel operation',
      'bowel surgery',
    ],

    ...['hernia', 'ostomy', 'stoma', 'colostomy', 'hernia or ostomy', 'caesarean', 'c section'],
    ...['hernia operation', 'hernia repair', 'hysterectomy'],
  ],
  'leaking or prolapse': [
    ...['leaks when she jumps', 'womb prolapse', 'prolapse of the womb', 'new baby', 'baby'],

    ...['post partum', 'gave birth'],
    ...['after birth', 'prolapse', 'leaking', 'leaks', 'incontinence', 'incontinent', 'postnatal'],
    ...['or after birth', 'just had a baby', 'had a baby', 'postpartum', 'weak pelvic floor'],
    ...['pelvic floor', 'bladder', 'weak bladder', 'stress incontinence', 'new mother', 'new mum'],
  ],
  pregnancy: [
    ...['expecting twins'],
    'pregnant',
    'expecting',
    'expecting a baby',
    'pregnancies',
    'having a baby',
  ],
  'very mobile joints': [
    ...['hypermobile', 'hypermobility', 'eds', 'double jointed', 'bendy joints', 'hyper mobile'],
    ...['loose joints', 'very flexible', 'mobile joints', 'ehlers danlos'],
  ],
  'joint flare-up': [
    ...['polymyalgia', 'lupus', 'psoriatic arthritis'],
    'rheumatoid flare',
    'arthritis flare',
    'gout',
    'joints flaring up',
  ],
  hearing: [
    ...['doesnt hear well', 'does not hear well', 'tinnitus'],
    ...['hard of hearing', 'deaf', 'hearing aid', 'hearing aids', 'poor hearing', 'cant hear'],
    ...['deafness', 'hearing loss', 'cant hear well', 'partly deaf'],
  ],
  sight: [
    ...['registered blind', 'sight impaired'],

    ...['blind', 'poor sight', 'low vision', 'cant see well', 'cant see', 'partially sighted'],
    ...['macular degeneration', 'poor eyesight', 'bad eyesight', 'eyesight', 'vision'],
    ...['poor vision', 'partly blind', 'bad eyes', 'cataracts', 'cataract', 'visually impaired'],
  ],
  memory: [
    ...['memory going', 'adhd', 'brain fog', 'alzheimers disease', 'vascular dementia'],

    ...['cognitive impairment'],
    ...['dementia', 'alzheimers', 'memory loss', 'poor memory', 'forgetful', 'attention'],
    ...['memory or attention', 'confused', 'memory problems', 'forgets', 'bad memory'],
  ],
};

/** Words that may mean several limits, which the instructor has to tell apart. */
export const UNCLEAR: Readonly<Record<string, readonly [LimitName, LimitName, LimitName]>> = {
  arthritis: ['knee painful', 'hip painful', 'wrist or hand pain'],
  osteoarthritis: ['knee painful', 'hip painful', 'wrist or hand pain'],
  rheumatism: ['knee painful', 'hip painful', 'wrist or hand pain'],
  'rheumatoid arthritis': ['joint flare-up', 'unstable neck', 'wrist or hand pain'],
  rheumatoid: ['joint flare-up', 'unstable neck', 'wrist or hand pain'],
  diabetes: ['sugar-lowering medicine', 'numb feet', 'eye pressure'],
  diabetic: ['sugar-lowering medicine', 'numb feet', 'eye pressure'],
  cancer: ['cancer in bone', 'lymphoedema', 'after abdominal surgery'],
  operation: ['hip replaced', 'knee replaced', 'after abdominal surgery'],
  surgery: ['hip replaced', 'knee replaced', 'after abdominal surgery'],
  balance: ['unsteady', 'stands only with hands held', 'dizziness'],
  stick: ['unsteady', 'stands only with hands held', 'hip painful'],
  'walking stick': ['unsteady', 'stands only with hands held', 'hip painful'],
  cane: ['unsteady', 'stands only with hands held', 'hip painful'],
  'lost weight': ['low bone density', 'heart', 'faint on rising'],
  'bad leg': ['knee painful', 'hip painful', 'stroke'],
  'bad legs': ['knee painful', 'hip painful', 'numb feet'],
  'bad arm': ['shoulder painful', 'stroke', 'lymphoedema'],
  'broken bone': ['hip fracture', 'spine fracture', 'low bone density'],
  fibromyalgia: ['worse after effort', 'joint flare-up', 'neck pain'],
  headaches: ['neck pain', 'blood pressure', 'dizziness'],
  migraine: ['neck pain', 'dizziness', 'eye pressure'],
  amputee: ['unsteady', 'stands only with hands held', 'pushes a wheelchair'],
  polio: ['unsteady', 'stands only with hands held', 'worse after effort'],
  'cerebral palsy': ['unsteady', 'stroke', 'stands only with hands held'],
  catheter: ['leaking or prolapse', 'after abdominal surgery', 'skin sore'],
  'panic attacks': ['heart', 'breathless lungs', 'dizziness'],
  'two sticks': ['unsteady', 'walks on crutches', 'stands only with hands held'],
};

/** What says that there is nothing. */
export const NO_LIMITS: readonly string[] = [
  'none',
  'no limits',
  'no limit',
  'nothing',
  'nobody',
  'no one',
  'all well',
  'all fine',
];

/** What only goes with what stands before it, as the printed names have it. */
export const SAYS_NOTHING: readonly string[] = ['not cleared', 'approach unknown'];
