/**
 * Movements that people know by name and that no move is: each with the move that comes nearest, and how
 * that is another one. They are offered first with the difference, and never taken by themselves.
 */
const NEAR = `
Leg lifts, one at a time | moves no arms | dead bug; dead bugs; dead bug lying
Leg lowering | moves no arms | dead bug legs with arms
Straight-leg lowering, small | lowers the legs and does not raise them | straight leg raise lying; straight leg raises lying; slr; lying straight leg raise; lying leg raises; leg raises lying; straight leg raise; straight leg raises; lying lift straight leg; lying raise straight leg; lying one leg straight lift; lying lift one leg straight; slr lying
Head turn | turns from side to side and does not roll round | neck half circles; half neck circles; neck rolls; head rolls; neck circles; head circles; half head rolls
Head turn | is a turn and says nothing of shaking | shake the head slowly
Wrist stretch | bends the wrist back, and not forward | wrist extensor stretch; wrist extensor stretches; wrist flexion stretch; wrist flexion; forearm extensor stretch; back of forearm stretch; extensor stretch
Wrist stretch | holds one wrist back with the other hand, palms not together | prayer stretch wrists; prayer hands stretch; prayer stretch; palms together elbows out; prayer to reverse prayer; reverse prayer; prayer hands; prayer position wrists
Wrist stretch | is held, and does not move | wrist bends; wrist flexes; bend wrists; wrist flexion and extension; wrist extension
Pressure-relief leans | leans, and does not lift off the seat | pressure lifts; pressure lift; wheelchair lifts; push up lifts; wheelchair push ups; chair push ups; seated push ups; arm push ups in chair; lift on the armrests; pressure relief lifts
Find the sitting bones | sits tall, with the arms down | seated mountain; seated mountain pose; mountain pose; chair mountain pose; mountain
One-leg stance | lifts the foot, and does not rest it on the other leg | tree pose; tree; tree balance; vrksasana
Split-stance hip stretch | stretches the hip behind, arms down | warrior; warrior one; warrior two; warrior 1; warrior 2; warrior pose; warrior i; warrior ii; warrior stance; chair warrior; warrior with chair
Knee hug | holds one knee in, and not the feet | happy baby; happy baby pose; happy baby held
Lying rest breath | rests the legs on the floor | legs up the wall; legs up wall; legs against the wall
Arm across the body | takes one arm across | eagle arms; eagle; seated eagle; eagle pose arms; chair eagle
Seated easy breath | breathes through both sides of the nose | alternate nostril breathing; alternate nostril breath; alternate nostrils; nadi shodhana
Bridge, ankle over | rests one ankle over the other knee | single leg bridge; one leg bridge; single leg bridges; one leg bridges
Seated arm circles | moves the arms out to the side | pendulum; pendulums; pendulum swings arm; arm pendulum; shoulder pendulum; pendulum swings right arm; pendulum swings left arm; pendulum arm swings; codmans; codman
Split-stance hip stretch | is held, and does not go down and up | reverse lunge; reverse lunges; lunges; lunge; static lunge; split squat; split squats; backward lunge; step back lunge; forward lunge; curtsy lunge; side lunge; lateral lunge
Bottle curl | bends the elbow with the arm hanging | tricep kick back; tricep kickbacks; tricep kick backs; triceps kickback; tricep kickback; triceps kickbacks; triceps extension; tricep extension; tricep extensions; triceps extensions
Hand behind the back | brings the hand up from below | tricep stretch; triceps stretch; tricep stretches; back of arm stretch; overhead tricep stretch
Seated band row | pulls back and not down | lat pull down; lat pulldown; lat pull downs; lat pulldowns; pull down; pull downs; band pull down; pull down with band
Plank | is held on the front and not on one side | side plank; side planks; side plank on knees; side plank from knees; knee side plank
Prone chest lift | lifts the chest and not the leg | prone leg lift; prone leg lifts; prone leg raise; prone hip extension; front lying leg lift; lying on front leg lift; prone kick back
Leg lowering | lowers one foot and draws no circle | single leg circles; leg circles lying; single leg circles lying; leg circles; lying leg circles
Marching | stays on the spot | march round the room; march around the chair; walk round the room; walk around the room; walking round the room; walk around; walk about; walk; walking; walk the room; walk around the hall; walk round the hall; walk to the door and back; march forward and back
Leg extend and bend | moves the leg, and does not hold the muscle still | quad squeezes; quad sets; static quads; quad set; quad squeeze; static quad; thigh squeezes; thigh squeeze; quads sets; inner range quads; inner range quad; inner range quads over a towel; short arc quads; short arc quad; terminal knee extension
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
Marching | walks on the spot, with no jump | jump; jumping; hop; hopping; skip; skipping; high knees running
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
