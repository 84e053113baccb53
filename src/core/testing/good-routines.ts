/** Plain, good classes of all groups, as instructors lead them: the checks stay quiet over them. */
const head = (group: string, lanes: string, more = '') =>
  `group: ${group}\nlanes: ${lanes}\nlimits: none\n${more}`;

const EASY = 'Seated easy breath: 5 breaths';
const WARM = 'Seated march: for 1:30\nSeated cat: 8 reps\nShoulder rolls: 8 reps';
const OLDER_WARM = 'Seated march: for 2:00\nSeated cat: 8 reps\nLeg extend and bend: 8 reps';

const desk = (...main: string[]) =>
  `${head('desk', 'chair')}[warm-up]\n${WARM}\n[main]\n${main.join('\n')}\n[settle]\n${EASY}`;
const deskStanding = (...main: string[]) =>
  `${head('desk', 'stand')}[warm-up]\n${WARM}\n[main]\n${main.join('\n')}\n[settle]\n${EASY}`;
const older = (...main: string[]) =>
  `${head('older', 'stand-held', 'school: grip flat shoes\n')}[warm-up]\n${OLDER_WARM}\n[main]\n${main.join('\n')}\n[settle]\n${EASY}`;
const olderSeated = (...main: string[]) =>
  `${head('older', 'chair')}[warm-up]\n${OLDER_WARM}\n[main]\n${main.join('\n')}\n[settle]\n${EASY}`;
const chair = (...main: string[]) =>
  `${head('chair', 'chair')}[warm-up]\n${OLDER_WARM}\n[main]\n${main.join('\n')}\n[settle]\n${EASY}`;
const standing = (...main: string[]) => `${head('standing', 'stand')}[main]\n${main.join('\n')}`;

export const GOOD_ROUTINES: Readonly<Record<string, string>> = {
  'a break at the desk': desk('Seated twist: hold 20s', 'Seated side bend: hold 20s'),
  'neck and shoulders': desk('Neck side tilt: 3 breaths', 'Shoulder slides up and down: 8 reps'),
  'hands and wrists': desk(
    'Wrist circles: 6 reps',
    'Finger glides: 6 reps',
    'Forearm turn: 6 reps',
  ),
  'hips in the chair': desk('Seated figure four: hold 20s', 'Seated hamstring reach: hold 20s'),
  'upper back': desk('Blade squeeze: 10 reps', 'Seated chest opener: 4 breaths'),
  'two minutes of chest': desk('Elbows in, open and close: 8 reps', 'Arms-up breath: 4 breaths'),
  'sitting to standing': deskStanding('Sit to stand: 8 reps', 'Standing side bend: hold 20s'),
  'legs at the desk': deskStanding('Sit to stand: 8 reps', 'Heel raises: 10 reps'),
  'calves and hips': deskStanding(
    'Marching: for 40s',
    'Wall calf stretch: hold 20s',
    'Split-stance hip stretch: hold 20s',
  ),
  'a standing turn': deskStanding('Standing turn: 8 reps', 'Standing round and lift: 6 reps'),
  'a squat break': deskStanding('Chair squat: 8 reps', 'Wall push-up: 8 reps'),
  'chair strength, older': olderSeated('Sit to stand: 6 reps, level hands on arms'),
  'seated and calm, older': olderSeated('Seated twist: hold 20s', 'Seated side bend: hold 20s'),
  'feet and ankles, older': olderSeated('Ankle pumps: 12 reps', 'Toe-heel walk, seated: for 30s'),
  'band day, older': olderSeated('Seated band row: 8 reps', 'Band pull-apart: 8 reps'),
  'hands, older': olderSeated('Grip open and close: 8 reps', 'Thumb to tips: 4 reps'),
  'seated hips, older': olderSeated('Seated hamstring reach: hold 30s', 'Seated figure four'),
  'shoulders, older': olderSeated('Shoulder slides up and down: 8 reps', 'Blade squeeze: 8 reps'),
  'steady feet, older': older(
    'Weight shift: 8 reps',
    'Toe taps front: 8 reps',
    'Heel raises: 8 reps',
  ),
  'a narrow stand, older': older('Feet-together stance: hold 10s', 'Semi-tandem stance: hold 10s'),
  'rising, older': older('Sit to stand: 6 reps, level hands on arms', 'Heel raises: 8 reps'),
  'walking, older': older('Sideways steps: for 30s', 'Stop and go: for 30s'),
  'legs held, older': older('Side leg raise at the chair: 8 reps', 'Standing heel curl: 8 reps'),
  'arms and chest in the chair': chair('Big arm sweep: 6 reps', 'Seated chest opener: 4 breaths'),
  'turns in the chair': chair('Seated twist: hold 20s', 'Crossing arms: 8 reps'),
  'feet in the chair': chair('Ankle pumps: 12 reps', 'Seated heel raises: 10 reps'),
  'on their feet all night': standing('Marching: for 40s', 'Heel raises: 10 reps'),
  'between two shifts': standing('Standing round and lift: 6 reps', 'Good morning: 8 reps'),
  'the back of the van': standing('Standing turn: 8 reps', 'Standing side bend: hold 20s'),
  'on the mat': `${head('desk', 'floor')}[warm-up]\n${WARM}\nSeated twist: 6 reps\n[main]\nBridge: 8 reps\nKnee drops: 8 reps\nOpen book: 4 breaths\n[settle]\nLying rest breath: 6 breaths`,
};
