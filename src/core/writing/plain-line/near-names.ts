/**
 * Movements that people know by name and that no move is: each with the move that comes nearest, and how
 * that is another one. They are offered first with the difference, and never taken by themselves.
 */
const NEAR = `
Straight-leg raise, lying | lifts one leg at a time | double leg raises; double leg lifts lying; lying leg raises; leg raises lying
Neck half circles | goes round in front only | neck rolls; head rolls; neck circles; head circles
Head turn | is a turn and says nothing of shaking | shake the head slowly
Prayer wrist stretch | is for the wrists | prayer stretch
Prayer wrist stretch | is done before the chest | prayer to reverse prayer; reverse prayer
Wrist stretch | is held, and does not move | wrist bends; wrist flexes; bend wrists; wrist flexion; wrist flexion and extension; wrist extension
Seated mountain | is done in the chair | mountain pose; mountain; standing mountain; standing mountain pose
Warrior stance with a chair | faces forward | warrior two; warrior 2; warrior ii
Warrior stance with a chair | is done standing | chair warrior; seated warrior; warrior in the chair; seated warrior one; seated warrior two
Warrior stance with a chair | keeps both feet down | warrior three; warrior 3; warrior iii
Bridge, ankle over | rests one ankle over the other knee | single leg bridge; one leg bridge; single leg bridges; one leg bridges
Reverse lunge, hand on | steps back, a hand on the chair | lunges; lunge; forward lunge; forward lunges; walking lunge; walking lunges; curtsy lunge; curtsy lunges; side lunge; side lunges; lateral lunge; lateral lunges
Reverse lunge, hand on | steps back each time | static lunge; static lunges; split squat; split squats
Triceps kick-back | keeps the upper arms by the ribs | overhead triceps extension; overhead tricep extension; triceps extension; tricep extension; tricep extensions; triceps extensions
Side plank from the knees | rests on the knees | side plank; side planks; full side plank
Front-lying leg lift | lifts the leg straight | prone kick back; prone kick backs
Single-leg circles, small | is done lying | leg circles; standing leg circles
Marching on the way | goes through the room | march around the chair; walk; walking; march forward and back
Ankle circles | draws circles and no letters | ankle alphabet; foot alphabet; ankle alphabets; write the alphabet with your foot; alphabet with foot
Seated heel raises | lifts the heels and nothing else | chair raises
Front elbow pull and reach | pulls one elbow back as the other arm reaches | boxing; seated boxing; box; shadow boxing; boxing punches; boxing punches seated; cross punches; jabs; uppercuts; hooks; speed bag
Seated band row | pulls on a band | rowing arms; row the boat; rowing; row; rows; seated rows; row the arms; bent over row; bent over rows; one arm row
Tap with arm stroke | taps a foot as well, standing | swimming arms; swim arms; breaststroke arms; front crawl arms; swimming; front crawl; breaststroke
Bottle press | reaches with one arm after the other, weights in the hands | alternate arm reaches up; punch up; punches up; upward punches; punch to the ceiling
Hover | lifts off a seat | wall squats; wall squat
Wall-held hollow | stands with the back at the wall and does not sit down it | wall sit; wall sits; wall sit hold
Wall angel | keeps the back at the wall, arms as a goal post | wall climbs; wall crawls; finger walks up the wall; finger wall walk; wall walks fingers; wall slides facing the wall
Leg press-back on all fours | presses the leg back and not out to the side | fire hydrant; fire hydrants; all fours leg to the side
Bird dog | moves the opposite leg as well | quadruped arm raise; quadruped arm lifts; all fours arm raise; all fours lift one arm
Bird dog | moves the opposite arm as well | quadruped leg extension
Heel raises | goes up on both feet | single leg heel raise; heel raise single leg; single leg calf raise; single leg heel raises; single leg calf raises; one leg heel raises; one leg calf raise
Heel raises | rises and comes down again | balance on toes; stand on toes; standing on toes; hold on toes; stand on tiptoe
Heel raises | starts from the floor and not from a step | heel drops; heel drop; heel drops off a step
Weight shift | goes from foot to foot on the spot | sway and shift
Heel walk, toe walk | does both, heels and then toes | heel walks; heel walking; walk on heels; walk on your heels; walk along on heels; heel walk; toe walks; toe walking; toe walk; walk on toes; on toes; walk on tiptoes; walking on tiptoes; tip toe walk; tiptoe walking; walk along on toes; walk across the room on toes; walk forward on tiptoes
Sideways steps | steps straight to the side | grapevine; grapevines; box step; square step; crab walk; karaoke steps; carioca; braiding
Step over a line | steps over one line | four square step; step forward side back; mambo; mambo steps; obstacle course
Side-step jacks | keeps one foot on the floor | jumping jacks; star jumps; jumping jacks standing
Marching | marches on the spot, with no jump | jump; jumping; hop; hopping; skip; skipping; high knees running
Heel-lift jog | lifts the heels on the spot | run on the spot; running on the spot; power walk
Knee to opposite elbow | is done standing | russian twist; russian twists; bicycle crunch; bicycle crunches
Small curl-up | curls the head and shoulders only | sit ups; sit up exercise; full sit ups; ab curls with twist; oblique crunches
Roll-down, legs held | goes half of the way | roll-ups; roll ups; full roll up
Prone chest lift | keeps the legs down | superman; supermans; superman hold
Prone arm lift | lifts the arms and does not stroke | swimmers; swimmers arms; prone swimming
Forearm turn | turns the forearm and wrings nothing | open the jar; open a jar; wring a towel; wringing a towel; towel wring; towel twist
Finger glides | takes the fingers through several shapes | finger spreads; spread fingers; spread fingers wide; play the piano; piano fingers; piano playing; play piano; wiggle fingers; wiggle the fingers
Thumb to tips | touches each finger | thumb circles; thumb stretch; thumb stretches; thumb bends
Seated knee to chest | holds one knee with the hands | both knees to chest seated; seated knees to chest
Straight-leg reach | takes the straight leg back | arabesque; donkey kick standing; hip hitch; hip hitches; hip hike standing; standing hip hike; pelvic drop; hip drops; standing hip hitch
Straight-leg lift, forward and back | goes forward and back | straight leg raise standing; leg lift front; front leg raise; pendulum leg
Good morning | hinges with nothing in the hands | deadlift; deadlifts; rdl; romanian deadlift; kettlebell swing; kettlebell swings
Single-leg hinge with turn | turns the trunk as well | single leg deadlift; one leg hinge; airplane; single leg deadlifts
Seated side bend | reaches over; the hands do not go behind the head | port de bras; port de bras side bend
Big arm sweep | takes both arms out and up | front raises; arm raises to the front; front arm raises; front shoulder raises; shoulder raises front; raise alternate arms; alternate arm raises; one arm up then the other; front raise; lateral raise; lateral raises; lateral raises with weights; front raises with weights
Elbows in, open and close | keeps the elbows at the waist | cactus arms; cactus arms open close; gate openings; cactus
Elbows in, open and close | uses no band | external rotation with band; band external rotation; er with band
Open book | opens the top arm | windmill side lying; side lying windmill
Standing arm circles | circles both arms | windmill arms; windmills; windmill
Standing turn | turns the whole trunk | swing arms around body; let arms swing and twist; arm swings; swing arms side to side
Hips high, knees soft | keeps the hands low, knees soft | inverted v; dolphin; dolphin pose
Half-kneel hip flexor | keeps the back knee down and the trunk upright | crescent lunge; high lunge
Floor dip, chest lifted | is done on the floor | triceps dips; tricep dips; dips; chair dips; tricep dips on the chair; triceps dips on chair
Seated jacks | is done in the chair | seated star; seated star jumps
Hover and hold | hovers over a chair | chair pose; utkatasana; chair pose standing
Wide-leg reach | is done on the floor | wide leg forward fold; wide leg fold; standing wide leg fold
Foot-on-block fold | has one foot up on a block | standing forward fold; toe touch standing; standing toe touch; forward fold standing; touch your toes standing; touch toes standing
Standing figure four | folds over the raised shin | standing pigeon
Feet-together stance | keeps the eyes open | romberg eyes closed; romberg test
Feet-together stance | stands on the floor | stand on foam; stand on a cushion; stand on a pillow; balance pad; foam stand; wobble board; wobble cushion; balance board; stand on foam eyes closed
`;

export interface NearName {
  readonly said: string;
  /** The move that comes nearest. */
  readonly nearest: string;
  /** How that one is another: "moves no arms". */
  readonly differs: string;
}

export const NEAR_NAMES: readonly NearName[] = NEAR.trim()
  .split('\n')
  .flatMap((line) => {
    const [nearest = '', differs = '', names = ''] = line.split(' | ');
    return names.split('; ').map((said) => ({ said, nearest, differs }));
  });

/** Each of those names, so that none of them is read as the move itself. */
export const NEAR_SAID: ReadonlySet<string> = new Set(NEAR_NAMES.map(({ said }) => said));
