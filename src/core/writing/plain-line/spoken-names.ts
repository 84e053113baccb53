/**
 * What instructors, physiotherapists and volunteers write for moves in their plans. They are read in
 * lines and found by the search, but are no names: one may be said of several moves.
 */
const SPOKEN = `
Seated easy breath: breathe in through the nose and out through the mouth; close your eyes and breathe; relax and breathe; breathing; calm breathing; slow breaths; easy breaths; breathe in and out; sit and breathe; quiet breathing; deep breaths; big breaths; settle the breath; three deep breaths; arrive and breathe; mindful breathing
Belly breath, seated: abdominal breathing; tummy breathing; hands on belly breathing; breathe into the belly; diaphragmatic breathing; belly breaths; diaphragm breaths
Even rib breath: rib breathing; side rib breathing; ribcage breathing; lateral breathing; breathe into the ribs
Arms-up breath: breathe arms up; reach up and breathe; arms up breathe in, arms down breathe out; raise arms and breathe; arms overhead with the breath; sun breath; sun breaths; arm raises with breath
Breath in a seated turn: breathe in the twist
Lying rest breath: savasana; shavasana; final relaxation; lie on back and breathe; lie down and rest; lying breathing; final rest; relaxation lying; rest on the back; body scan; lie and breathe; lying relaxation; rest lying down
Pursed-lip breath: pursed lips breathing; blow out the candles; blow the candle; breathe out through pursed lips; long out breath
Seated cat: seated pelvic tilts; seated pelvic tilt; pelvic tilts in the chair; cat cow; seated cat cow; chair cat cow; arch and round; round and arch the back; slump and sit tall; spine rolls; cat stretch; seated spine flex; curl and arch; pelvic rock seated
Neck side tilt: neck stretch; neck side stretch; ear towards shoulder; side neck stretch; upper trap stretch; trap stretch; neck tilt; neck lateral flexion; tilt head to side
Neck tilt side to side: neck side to side; head side to side; ear to shoulder by turns; neck tilts; head tilts; side neck bends
Held neck tilt, hand resting: assisted neck stretch; neck tilt with hand
Seated twist: twist; twists; spinal twist; chair twist; seated spinal twist; trunk rotation; trunk twist; torso twist; seated trunk rotation; seated torso twist; body turn; spine twist; chair rotation; turn to look behind; waist twist
Seated march: march on the spot seated; seated march on the spot; march on the spot in the chair; chair marching; march in chair; march; marching; march and clap; seated marches; march feet; march arms and legs; seated marching with arms
Leg extend and bend: leg extensions; leg extension; knee extensions; seated leg extension; leg straightening; straighten the leg; kick outs; kicks; leg kicks; seated kicks; quad extension; leg lifts straight; seated straight leg raise; seated leg raise; straight leg lifts; leg raises; laqs; laq; knee straightening; seated leg lifts
Seated hamstring reach: hamstring stretch; hamstrings; hammy stretch; back of thigh stretch; reach for toes; toe touch seated; hamstring stretch one leg out; chair hamstring stretch; sitting hamstring stretch; back of leg stretch
Seated figure four: figure four; figure 4 stretch; seated figure 4; piriformis stretch; glute stretch; seated pigeon; chair pigeon; pigeon; outer hip stretch; hip opener; ankle on knee stretch; ankle over knee; ankle on other knee; hip stretch seated; seated hip stretch; buttock stretch; crossed leg stretch
Lift off the backrest: lean forward from the backrest; sit up from the back of the chair
Scoot to the front: scoot forward; shuffle to the edge; bottom walk; bum walk; bottom shuffle; buttock walk; walk on the sitting bones; walk your bottom forward; sit bone walk; seat walk
Lean over the feet: lean forward; nose over knees; forward lean; forward leans
Sit to stand: lean forward and stand up; lean and stand; sit to stands; sts; chair stands; stand ups; stand up sit down; sit stands; getting up from the chair; up and down from the chair; sit and stand; get up and sit down; stand from the chair; rise from the chair; sit too stand; sit down stand up; 5 times sit to stand; up downs; chair sit to stand
Standing side bend: side bends; side reach; side reaches; lateral bend; lateral stretch; side stretch; reach over; standing side stretch; side bend standing; crescent; half moon; lateral flexion
Marching: walk; walking; march in place; marching in place; walk on the spot; walking on the spot; on the spot march; knee march; marches; standing marching; march to music; jog march; step on the spot; stepping on the spot; walking in place; march and clap; stomp; stomp feet; stomp the feet; march and lift knees
Tandem stance: stand one foot in front; stand with one foot in front; tandem; tandem balance; heel toe stance; heel toe stand; heel to toe balance; stand heel to toe; one foot in front of the other; tightrope stand; full tandem; heel-to-toe balance
One-leg stance: balance on leg; balance on a leg; stand on leg; single leg stand; single leg stands; one leg stands; balance on one leg; one leg balance; single leg balance; stand on one foot; one foot balance; flamingo; flamingo stand; sls; single leg standing; one foot stand; stork; tree pose; tree; one legged stand; balance on one foot; standing on one leg
Knee lift with press: knee lift and press; knee up arms up; knee lifts with arms overhead
Bridge: bridges; bridging; glute bridges; hip bridges; hip lifts; pelvic lift; hip raises; bottom lifts; bum lifts; hip thrust; lift the hips; shoulder bridge; back bridge
Open book: open books; book opening; book openings; thoracic rotations; side lying rotation; side lying twist; windmill side lying; thoracic opener
Leg lowering: leg lowers; single leg lowers; toe dips; toe taps lying; dead bug legs
Small curl-up: curl ups; crunches; ab curls; mini crunch; head lifts; abdominal crunch; sit ups; ab crunch; stomach crunch
Prone chest lift: back extension; back extensions; superman; prone extension; baby cobra; back lifts; chest lift; chest lifts on the front; sphinx lifts
Prone press-up: cobra; press ups lying; sphinx; prone press ups; prone on elbows; cobra stretch
Lying along a roller: foam roller chest stretch; lie on the roller; roller chest opener; lie along foam roller
All-fours cat: cat cow; cat camel; cat stretch; cat; cat and camel; cats; cat cows; cat back; angry cat; cat stretch on hands and knees; hands and knees cat
Child's pose: childs pose; child pose; rest pose; kneeling fold; prayer stretch; shell stretch; sit back on heels; resting child; childs rest
Half-kneel hip flexor: kneeling hip flexor; low lunge; kneeling lunge; lunge stretch; half kneeling hip stretch; front of hip stretch; psoas stretch; half kneeling hip flexor stretch
Plank: planks; high plank; full plank; straight arm plank
Forearm plank: low plank; elbow plank; plank on elbows; plank on forearms; front plank on elbows
Nod down and up: nods; nodding; look up and down; head nods; yes nods; chin up and down; head up and down; neck flexion and extension; neck up and down
Chin to chest, hands resting: chin to chest; chin on chest; back of neck stretch; neck flexion stretch; neck stretch forward; drop chin to chest
Head turn: head turns side to side; turn the head from side to side; head turns; look over shoulder; look over your shoulder; look over each shoulder; turn the head; neck turns; neck rotations; look side to side; head rotation; neck half circles; head rotations; no nods; shake the head slowly; look left and right
Chin tuck: chin tucks; chin retractions; tuck the chin; chin in; chin glides; neck retraction; pull chin back
Slow jaw opening: jaw release; jaw opening; open the jaw; jaw stretch; open mouth wide; jaw drops; yawn stretch
Upper-back lean over the backrest: lean back over the chair; upper back extension; thoracic extension; thoracic extension over the chair; chair back bend; back bend over chair; backward lean over the chair; seated thoracic extension; seated back extension
Shoulder slides up and down: shoulder shrug and release; shrug and release; shoulder shrugs; shrugs; shrug; shoulder lifts; shoulders to ears; shoulder raises; lift and drop shoulders; shoulders up and down; shoulder elevation; shrug and drop
Shoulder rolls: shoulder roll; roll shoulders; roll the shoulders; shoulder circles; shoulders back; rolling shoulders; circle shoulders; shoulder rolls back; shoulder rolls forward; shoulder rolls backwards; backward shoulder rolls
Blade squeeze: shoulder blades together; shoulder blade squeezes; shoulder blade pinches; shoulder blade pinch; squeeze shoulder blades; pinch shoulder blades; scap squeezes; scapular retraction; scapular retractions; shoulder squeezes; blades together; pinch a pencil between the shoulder blades; shoulder blade squeezing
Arm across the body: cross body stretch; arm across; arms across; arm across chest; stretch arm across chest; stretch arms across chest; shoulder stretch; shoulder stretch across; crossbody; rear shoulder stretch; back of shoulder stretch; cross arm stretch; posterior capsule stretch
Crossing arms: cross arms; arm crosses; open and cross arms; arm swings across; hugs and opens; arm scissors; swing arms across
Clasped overhead reach: interlace fingers and reach up; reach for the ceiling; reach to the ceiling; reach for the sky; overhead reach; overhead stretch; reach up; stretch up; stretch tall; arms overhead stretch; palms to the ceiling; both arms up stretch; clasp hands overhead; reach up high; seated reach up; full body stretch up
Elbows behind the head, lift: hands behind head chest lift; elbows back; elbow opening hands behind head; hands behind head, open elbows
Front elbow pull and reach: reach and pull; reach and pull rowing; bow and arrow; punches; punching; boxing; seated boxing; punch; jabs; punch forward; archer pull; forward punches; box; shadow boxing; cross punches
Hand behind the back: back scratch; back scratch stretch; hand up the back; internal rotation stretch; scratch your back; towel behind back
Hand to forehead lift: salute; hand to forehead
Elbows in, open and close: external rotation; shoulder external rotation; elbows in rotations; gate openings; rotator cuff; arms open and close; elbows tucked hands out; external rotations
Wall angel: wall slides; wall slide; wall angels; snow angels at the wall; snow angel; angels; goal post arms; w to y
Big arm sweep: arm reaches overhead; arm sweeps; big arm circles; arm raises; raise arms; arms up and down; arms out and up; arm raises overhead; lift arms overhead; arm lifts; arms up; rainbow arms; arm flaps; wings; seated arm raises; lateral raises; raise arms to the side; side arm raises; arms out to the sides; arm raise
Standing arm sweep: standing arm raises; standing arm circles big; arm raises standing; arms up and down standing; standing rainbow arms; reach up and sweep down
Side-lying arm circle: side lying arm circles; arm circle lying on the side
Wall chest stretch: doorway stretch; pec stretch; chest stretch at the wall; chest stretch wall; corner stretch; door frame stretch; standing chest stretch; pectoral stretch; wall pec stretch
Seated chest opener: open the chest and breathe in; chest opener; chest opening; open the chest; chest stretch; chest expansion; hands behind back chest stretch; open chest; seated chest stretch; heart opener; chest openers; pec stretch seated
Standing round and lift: back extensions standing; standing back extension; standing back bend; back bend standing; gentle back bend; standing back bends; back bends; standing cat cow; standing cat; round and arch standing
Cross-legged round and lift: cross legged cat cow
All-fours wave, bone by bone: segmental cat; segmental cat cow; spinal wave; spinal segmentation
Standing turn: standing twists; standing twist; standing rotation; standing trunk rotation; trunk twists standing; waist twists; torso twists standing; standing trunk twist; twist standing; swing arms side to side; arm swings
Seated turn, arm opening: seated open book; arm opening turn; seated windmill; seated thoracic rotation; open arm twist
Seated side bend: seated trunk side bends; trunk side bends; side reach overhead; reach up and over; reach up and over side stretch; up and over; side bend; side bends; seated side bends; seated side stretch; side stretch; seated side reach; side reach; side reaches; lateral flexion; seated lateral stretch; lateral stretch; side body stretch; reach over to the side; chair side bend; lean to the side; seated crescent; reach down to the floor at the side
Cross-legged side bend: floor side bend; cross legged side stretch; mermaid; mermaid stretch
Side bend in child's pose: child's pose side stretch; childs pose to each side; child pose with side reach
All-fours look to the heels: tail wag; wag the tail; look at your hip on all fours
Thread the needle: thread needle; needle threading; thread the needles
All-fours elbow opening: all fours rotation; quadruped rotation; all fours thoracic rotation; hand behind head rotation on all fours
Prone arm lift: prone arm lifts; arm lifts on the front; prone y; swimmers arms; prone arm raise
Rock-back, hands together: rock back; rock backs; rocking back; rockbacks; all fours rock back; rock back to heels; quadruped rock
Hands on the seat, long back: chair downward dog; half forward fold; half downward dog; flat back at the chair; table top stretch at chair; standing chair fold; flat back stretch; chair dog; puppy at the chair
Knee hug: hug knee to chest; hug one knee to chest; knee to chest; knees to chest one at a time; single knee hug; hug one knee; hug a knee; knee hugs; lying knee to chest; one knee to chest; knee to chest lying
Both knees hug: lying on back knees to chest; knees to chest lying; both knees to chest; hug knees; hug the knees; hug both knees; knees into chest; double knee hug; knees to chest; hug knees to chest
Rocking on the back: rock and roll; rocking; happy baby; rolling like a ball; rock on back; rock side to side on the back; massage the back
Knee drops: knee rolls side to side; roll knees side to side; knee rolls; knee rocks; knee drops side to side; knees side to side; lower trunk rotation; lower trunk rotations; lying trunk rotation; windscreen wipers; windshield wipers; ltr; knee rocking; knees from side to side; rock the knees; bent knee drops; bent knee rolls; lumbar rotation; lumbar rolls
Wide-foot knee drops: wide windscreen wipers; wide knee drops; feet wide wipers; windscreen wipers feet wide
Lying twist: lying spinal twist; supine spinal twist; reclined twist; spinal twist lying; twist lying down; lying rotation stretch
Pelvic tilt: pelvic tilts; pelvis tilt; pelvis rocks; pelvic rocks; tilt the pelvis; flatten the back; back flattening; lying pelvic tilt; pelvic clock
Roll-down bridge: articulating bridge; bridge peel; spine peel bridge; segmental bridge; peel bridge; bone by bone bridge
Held bridge: bridge hold; bridge holds; hold a bridge; isometric bridge; bridge and hold
Bridge, ankle over: single leg bridge; one leg bridge; figure four bridge
Propped bridge: supported bridge; pelvis on a block
Rolling from side to side: log roll; log rolls; roll over; rolling; roll side to side; bed rolling; rolling in bed
Lying figure four: supine figure four; supine figure 4; figure four lying; figure 4 lying; lying piriformis stretch; lying hip stretch; lying pigeon; reclined pigeon; supine piriformis; thread the needle lying
Lying butterfly: reclined bound angle; frog on the back; soles together lying; supine butterfly; knees apart lying; bound angle lying
Full-length reach: long stretch; full body stretch; body stretch; reach long; lying stretch; stretch out long; arms overhead lying; whole body stretch; star stretch lying; good morning stretch in bed
Strap leg reach, lying: strap hamstring stretch; hamstring with strap; lying hamstring; hamstring stretch lying; towel hamstring stretch; hamstring stretch with towel; hamstring stretch with a band; lying leg stretch with strap; supine hamstring stretch; leg up with strap
Floor butterfly: butterfly; butterfly stretch; bound angle; soles together; cobbler; tailor sit; seated butterfly on the floor; frog stretch; groin stretch on the floor; sitting butterfly
Floor-seated figure four: figure four on the floor; floor figure 4; floor pigeon
Standing figure four: figure four standing; standing figure 4; standing pigeon
Floor-seated twist: floor twist; seated twist on the floor; sitting twist floor; lord of the fishes; floor spinal twist
One-leg-long reach: one leg forward fold; head to knee; seated single leg stretch floor; hurdler stretch; floor hamstring stretch; hamstring stretch on the floor; half straddle
Wide-leg reach: legs apart fold; wide leg fold; straddle stretch; wide leg forward fold; straddle; seated straddle; wide legged stretch; legs apart reach
Both-legs reach: seated forward fold; forward fold on the floor; sit and reach; long sitting reach; floor forward fold; toe touch on the floor; long sit hamstring stretch
Knee falling outward: bent knee fallouts; bent knee fall outs; bkfo; knee fall outs; knee fallouts; knee openings; knee out and in lying; hip openers lying
Ninety-ninety rock: 90/90; ninety ninety; 90 90 hips; 90-90 switches; hip switches; 90/90 hip stretch; shin box
Split-stance hip stretch: lunge stretch at the chair; standing hip flexor; hip flexor standing; standing lunge stretch; standing hip stretch; runner's stretch; split stance stretch; hip flexor at the chair; standing psoas stretch; static lunge
Half off the seat hip stretch: hip flexor stretch; hip flexor; seated hip flexor stretch; seated lunge; chair hip flexor stretch; seated hip flexor
Bed-edge hip stretch: leg off the bed
Standing front-thigh stretch: quad stretch holding on; quad stretch holding the chair; standing quad stretch holding the chair; quad stretch; quads; quads stretch; thigh stretch; front of thigh stretch; standing quad; standing quad stretch; quad stretch standing; heel to bottom; heel to bum stretch; foot to bottom; standing thigh stretch; quadriceps stretch; quadricep stretch
Side-lying front-thigh stretch: quad stretch lying; lying quad stretch; side lying quads
Front-thigh stretch at the chair: quad stretch foot on chair; chair quad stretch
Seated forward rest: lean forward hands to the floor; hands to floor; seated forward bend; forward bend; seated forward fold; forward fold; chair forward fold; ragdoll; rag doll; seated rag doll; hang forward; fold forward; flop forward; forward fold in chair; bend forward; seated fold; chair child's pose; lower back stretch; low back stretch; back stretch forward; seated child's pose
Seated knee to chest: knee to chest seated; seated knee hug; chair knee hug; hug the knee in the chair; pull knee to chest; seated knees to chest; chair knee to chest
Seated knee hold and turn: seated knee cross stretch; cross leg twist; knee to opposite shoulder seated
Foot-on-block fold: standing forward fold; standing hamstring stretch; hamstring stretch standing; toe touch standing; foot on step hamstring stretch
Wall calf stretch: heel cord stretch; achilles stretch; calf stretch; calves; calf stretches; calf stretch at the wall; standing calf stretch; gastroc; gastroc stretch; calf wall stretch; wall stretch calf; heel down stretch; runner's calf stretch; calf stretch straight leg
Bent-knee calf: soleus; soleus stretch; bent knee calf stretch; achilles stretch; calf stretch bent knee; lower calf
Heel raises: heel raises at the chair; heel raises holding the chair; heel raises behind the chair; calf raises at the chair; calf raises holding the chair; calf raises; heel lifts; calf lifts; tip toes; tiptoes; tip toe raises; toe stands; up on toes; rise onto toes; raise the heels; on your toes; double heel raise; stand on tiptoe; go up on your toes; calf rises; heel raises standing; releve; releves; toe rises
Toe raises: pull toes up; pull the toes up; toe raise; toe lifts; lift toes; dorsiflexion; toes up; standing toe raises; heel rocks; shin lifts; standing toe lifts
Ankle circles: ankle alphabet; foot alphabet; ankle rolls; ankle rotations; foot circles; circle the ankles; ankle circle; feet circles; roll the ankles; ankles; rotate ankles; circle your feet; ankle circles both ways
Toe-heel walk, seated: toe heel walk; inch worm feet; walk toes and heels; caterpillar feet
Heel slide along the shin: heel down shin; shin slides; run heel down the shin; coordination heel to shin
Ankle tap to the other shin: shin taps; ankle taps
Seated inner-thigh stretch: groin stretch; inner thigh stretch; adductor stretch; seated groin stretch; inner thighs; wide leg stretch seated; seated straddle stretch; adductors; wide knees stretch; goddess stretch seated; chair goddess
Big-toe stretch: toe stretch; big toe stretch; toe extension; toe stretches
Toe spread: toe spreads; spread the toes; toe wiggles; wiggle toes; wiggle your toes; toe scrunches; toe curls; scrunch toes; toe yoga; toe splay; splay the toes; curl toes; towel scrunches
Ankle pumps: ankle pump; foot pumps; point and flex; pump the ankles; flex and point; pump feet; feet up and down; toes up and down; ankle bends; point and flex feet; pedal feet; gas pedals; ankles up and down; calf pumps
Good morning: hip hinges; good mornings; hinge; hip hinge; deadlift; deadlifts; bow forward; standing hinge; rdl; romanian deadlift; waiter's bow
Seated long-spine hinge: seated hip hinge; seated hinge; seated good morning; hinge forward in the chair; flat back forward bend seated; hip hinge in chair; hinge from hips; seated good mornings
Chair squat: squat to chair tap; squat taps; squat; squats; chair squats; mini squats; squat to chair; partial squats; half squats; knee bends; plie; plies; plie squats; air squats; small squats; squats holding the chair; wall squats; bodyweight squat
Wall push-up: desk push up; desk push ups; push ups at the desk; counter push ups; wall push ups; wall pushups; wall press ups; push ups at the wall; press ups against the wall; wall presses; push ups on the wall; push up wall; pushups against wall; standing push ups; wall pressups; countertop push ups; push ups; press ups
Heel-lift jog: jogging; jog; jog in place; jogging on the spot; run on the spot; light jog; power walk
Side-step jacks: jumping jacks; star jumps; step jacks; half jacks; low impact jacks; jacks; stepping jacks
High march with a pause: high knees; high march; slow march; high knee march; high knee hold; marching with holds; slow high knees; knee lifts; knee raises; march with pause; slow motion march; standing knee lifts; knee lifts standing; standing knee raises
Knee to same elbow: knee to elbow same side; standing side crunch
Knee to opposite elbow: knee to elbow; standing cross crunch; opposite elbow to knee; elbow to knee; cross crawl; cross crawls; standing bicycles; knee to elbow standing; opposite knee to elbow; cross body knee lifts; opposite hand to knee; hand to opposite knee
Band turn across the body: band rotation; band twist; woodchop with band; band trunk rotation
Single-leg hinge with turn: single leg deadlift; one leg hinge; airplane
Side hinge: side crunch standing; hand down the leg side bend; oblique bend
Straight-leg reach: leg swings behind; leg swing back; hip extensions; leg extensions back; leg back; leg backs; back leg raise; back leg raises; back leg lifts; leg lifts back; standing hip extension; hip extension standing; rear leg raise; glute kickback; kickbacks; leg raises to the back; backward leg lift; back kicks; leg kicks back; arabesque
Straight-leg lift, forward and back: leg swings; leg swing; swing the leg; front and back leg swings; leg swings front to back; straight leg raise standing; leg lift front; front leg raise; leg lifts front and back; pendulum leg
Side leg raise at the chair: side leg raises; side leg lifts; side leg raise; hip abductions; leg out to the side; leg lifts to the side; leg raises to the side; lateral leg raise; lateral leg raises; standing side leg raise; standing hip abduction; abduction; leg abductions; side kicks; side leg lift; leg to side; sideways leg lifts; leg side lifts
Standing heel curl: hamstring curls at the chair; hamstring curls; leg curls; heel to bottom kicks; butt kicks; heel kicks; heel curls; standing hamstring curl; knee bends standing; heel flicks; bum kicks; bottom kicks; heel to bum; flick heels; hamstring curl standing; standing knee flexion
Wall-held hollow: wall sit; wall sits; back to the wall; stand against the wall; wall posture; wall hold
Seated band row: row the boat; rowing; band rows; rows; row; seated rows; row with band; rows with band; band pulls; resistance band row; rowing with band; seated row
Band pull-apart: band chest expansion; band chest expand; band pull aparts; pull aparts; band pull; pull the band apart; pull apart; resistance band pull aparts; stretch the band; band chest pulls
Bottle curl: bicep curls; biceps curls; arm curls; bicep curl; bottle curls; dumbbell curls; curls with bottles; curls; weights curls; arm curls with weights; curl with weights; water bottle curls
Bottle press: shoulder press; overhead press; shoulder presses; overhead presses; press overhead; bottle presses; dumbbell press; weights overhead; arm press up; press up with weights; military press
Ankle in and out: ankle inversion and eversion; ankle eversion; ankle inversion; tilt the feet; soles in and out; feet in and out; ankle tilts; windscreen wipers feet
Pelvic floor squeeze and let go: kegels; kegel; pelvic floor; pelvic floor squeezes; pelvic floor lifts; pelvic floor exercises; pelvic floor contractions
Seated buttock squeeze: buttock squeezes; glute squeezes; squeeze the buttocks; bottom squeezes; bum squeeze; glute sets; gluteal squeezes; butt squeezes; clench buttocks; bum clenches
Heel slides: heel slide; slide the heel; knee bends lying; heel slides in bed
Leg lifts, one at a time: leg lifts lying; tabletop leg lifts; lying march; lying marches; dead bug; lying knee lifts; supine march; supine marching; toe taps on the back; bent knee lifts lying
Bird dog: bird dogs; superman on all fours; opposite arm and leg reach; opposite arm leg; birddog; arm and leg reach on all fours; four point kneeling arm and leg; pointer dog
Leg press-back on all fours: donkey kick; donkey kicks; all fours leg extension; leg press back; all fours kick back; fire hydrant; hip extension on all fours
Floor dip, chest lifted: triceps dips; floor dips; crab dips; tricep dips; dips
Roll-down, legs held: roll downs floor; roll back; half roll back; roll-ups
Clamshell: clam shells; clam shell; clamshells; oysters; clam opener
Side-lying leg raise: side lying leg lift; side lying leg lifts; side lying hip abduction; lying side leg raise; side leg raise lying; leg lifts on the side; side lying abduction
Weight shift: weight shifts; shift weight; weight transfer; side to side weight shifts; shift side to side; rock side to side; weight transfers; sway side to side; shifting weight; hip sways standing; sway and shift; lateral weight shift
Seated reach: seated balance reaches; reach out of base; reach forward; functional reach; reach to each side; reach in the chair; seated reaches; reach and return; lean and reach
Feet-together stance: feet together; feet together balance; stand feet together; feet together standing; narrow base stand
Semi-tandem stance: semi tandem; half tandem; semi tandem balance; split stance; staggered stance; instep stance; half heel toe stand; semi tandem standing; staggered stand
Toe taps front: toe taps; front toe taps; tap toes; tap in front; toe tap; tap the toes forward; forward taps; foot taps front; toes taps; tap forward; tap front; cone taps
Tap with arm stroke: swimming arms with tap
Side sway: sway; swaying; standing sway; ankle sways; sway forward and back; body sways
Hip circles at the chair: hip circles; circle the hips; hula hips; hula hoop; hula; hip rolls; hips round; standing hip circles; pelvic circles; hula hoop circles; hip rotations; hip sway; hip sways; hip wiggles
Leg out and in: side taps; tap out and in; toe taps side; tap to the side; side toe taps; side tap; leg out and together
Up, out, back and down: leg clock; clock taps; round the clock; clock reach; clock steps
Heel-to-toe line walk: heel toe walking forward; walk heel to toe along the counter; heel to toe walk; heel to toe walking; heel toe walk; heel-toe walk; heel-toe walking; tandem walking; tandem gait; walk heel to toe; walk a line; line walking; tightrope; tightrope walking; walk the line; heel to toe steps; balance walk; beam walk
Sideways steps: side steps holding the chair; side steps holding on; side steps along the counter; side steps; sidesteps; side stepping; side step; sideways walking; sidestepping; sideways walk; lateral steps; step to the side; grapevine; grapevines; crab walk; side to side steps; step touch; step touches; step together; lateral walks; side shuffles; sidewalk; side steps with arms; step side to side; touch steps; box step; square step; step and touch
Backward walk: walk backwards; backward walking; backwards walking; walking backwards; retro walk; backwards steps; step backwards; walk back
Heel walk, toe walk: walk on toes then heels; walk on tiptoes and heels; heel walks; toe walks; heel walking; toe walking; walk on heels; walk on toes; walking on tiptoes; tip toe walk; tiptoe walking; walk on tiptoes; heel walks and toe walks
Figure of eight: figure eight walk; figure of 8; figure 8 walk; walk a figure of eight; figure of eights; figure eights; walk round two chairs
Stop and go: stop and start walking; musical stops; freeze walk; walk and freeze; stop start; red light green light
Turn round in small steps: turn around; turning; full turn; turn on the spot; 360 turn; turn in a circle; small step turns; turns on the spot; turn round
Step over a line: step overs; stepping over; step over; step over the line; step over hurdles; obstacle steps; over the stick; four square step; step forward side back; step forward and back; step over objects; mambo; mambo steps; step forward and back each leg
Step-up with a rail: step ups; step up; stair steps; stairs; step onto a box; stepping up; stair climbing; step up and down; bottom step; step-ups
Lift a thing from a seat: pick up from a chair; lift an object; pick up an object; lifting practice; lift a bag
Seated foot taps: foot taps; heel taps; tap the feet; seated toe taps; toe taps; seated taps; heel digs; heel dig; feet taps; tap toes; toe tapping; foot tapping; heel touches; heel and toe taps; seated heel digs; tap heels; tap your toes; seated heel taps; toe taps seated; heels and toes
Seated sway: sway in the chair; seated swaying; rock side to side seated; chair sway; sway side to side seated
Seated walk on the spot: walk; walking; seated walking; chair walk; walk in the chair; seated walk; walking sitting down; walk on the spot seated; seated jog; seated running; seated jogging; run in the chair; chair jog; power walk seated
Seated knee lift: knee lifts; knee raises; seated knee raises; seated knee lifts; knee ups; hip flexion seated; seated hip flexion; lift the knees; knee lift; chair knee lifts; lift knee; knee raise; single knee lifts; hip flexions; lift your knees; alternate knee lifts
Seated heel raises: seated heel lifts; heel lifts; heel raises sitting; sitting calf raises; seated calf lifts; heels up and down; seated tip toes; lift heels; lift your heels; heels up
Seated leg out to the side: seated hip abduction; seated leg abduction; seated side taps; seated side leg; knee out to side seated; sitting hip abduction; seated side steps; side taps seated; seated side tap; hip abduction sitting; seated hip abductions; leg out to side sitting
Seated jacks: seated jumping jacks; chair jacks; jumping jacks in chair; seated star jumps; jacks in the chair; jumping jacks sitting; sitting jacks; seated star; chair jumping jacks
Step out and in: step outs; feet out and in; out and in; out out in in; v step; v steps; easy walk step; feet out, feet in; in and outs; step out, step in; step out and back
Quick feet: fast feet; quick steps; fast taps; football feet; fast feet in the chair; speedy feet; run the feet; rapid feet; tap dance; drum the feet
Lean forward and back: rock forward and back; lean back and forward; lean forwards and backwards; seated lean backs; trunk leans; seated rocks; seated crunch; lean backs; seated lean back
Foot taps with arm sway: taps with arms; toe taps with arm swings
Find the sitting bones: sitting bones; sit bones; sitting posture; posture check; sit tall; good posture; posture reset; sit up tall; find neutral; posture set up; neutral spine
Pillow squeeze: ball squeeze; knee squeeze; squeeze a ball; ball squeezes; inner thigh squeeze; cushion squeeze; inner thigh squeezes; squeeze the cushion; adductor squeeze; adductor squeezes; pillow squeezes; squeeze pillow between knees; ball between knees; squeeze ball with knees; squeeze the pillow; knees together squeeze
Feet parallel, knees over feet: foot position check; feet check
Desk and screen check: desk set up; workstation check; desk check; screen check; monitor check; workstation set up
Wrist circles: wrist rolls; circle wrists; wrist rotations; roll the wrists; rotate wrists; hand circles; wrists; circle the wrists
Wrist stretch: wrist stretches; forearm stretches; prayer stretch wrists; wrist flexor; wrist extensor stretch; wrist extension stretch; fingers back stretch; wrist flexion stretch; prayer hands stretch; pull fingers back
Grip open and close: squeeze a tennis ball; squeeze a soft ball; fist; fists; make a fist and open; make fists; fist and open; open and close hands; hand squeezes; squeeze hands; hands open and close; hand opens; grip squeezes; ball grip; fist pumps; open close fists; finger squeezes; squeeze and open hands; hand grips; grips; clench and open; fist clench; make a fist; hand clenches; finger flicks; open and close fists
Finger glides: play the piano; hand stretches; hand stretch; finger exercises; tendon glides; finger bends; finger stretches; tendon gliding; finger stretch; fingers; piano fingers; finger spreads; spread fingers; stretch the fingers
Thumb to tips: thumb to fingers; finger touches; touch thumb to each finger; thumb touches; thumb opposition; finger taps; finger to thumb; thumb to finger tips; thumb circles
Forearm turn: forearm rotations; palm turns; palms up palms down; turn the palms; palm up palm down; pronation supination; forearm rotation; pronation and supination; turn palms up and down; turn hands over; wrist turns
Seated weight shift: seated weight shifts; shift weight in the chair; weight shift in the chair; hip hikes seated; lean side to side; seated hip hikes; cheek to cheek; seated side to side; hip hike; rock side to side in chair
Hover: hovers; chair hover; hover squat; lift off the seat; bottom off the chair; hover above the chair
Hover and hold: hold the hover; hovering hold; chair pose; chair hold; isometric squat
Seated foot press: press feet down; foot press; press the feet into the floor; push the feet down; feet press
Squeeze and look for the chair: stand tall and look
Reach back and lower slowly: slow sit down; slow sits; controlled sit down; lower slowly to the chair; slow sit; sit down slowly; stand to sit; eccentric sits; slow lowering to the chair
Foot forward, weight rock: rock forward and back standing; rocking steps; forward back weight shift; weight shift forward and back; front to back rock; rocking horse; forward and backward weight shift; staggered weight shift
Car turn: getting in the car; car transfer; turn in the chair; get out of the car
Chair to half kneel and back: get down to the floor at the chair; half kneel at a chair; chair to kneel; kneel down and up
Side-lying to sitting: roll onto side and sit up; get up from lying; lying to sitting; side lying to sit; sit up from lying; side sit up; sit up from the side; sitting up from side lying
All-fours to standing at a chair: get up off the floor; get up from the floor; getting up off the floor; floor to standing; up from the floor; floor to stand; get up from the floor at a chair; floor transfer; floor to chair; backward chaining; rise from the floor; get up from the floor with a chair; getting up from the floor
Crawl to the chair: crawling; crawl; crawl on hands and knees
Hip shuffle on the floor: floor bottom walk; bottom shuffle floor; shuffle along the floor
Roll, call and keep warm: after a fall; what to do after a fall; fall practice
Rise with a walker: stand up with the walker; stand with a frame; rise with the frame; sit to stand with walker; stand up with a frame
Brakes, footplates, feet check: wheelchair check; brakes on; check the brakes; brakes check; brakes and footplates
Pressure-relief leans: pressure relief; pressure leans; weight shifts in the wheelchair; pressure lifts; leans for pressure
Side bend, hand behind the head: elbow up side bend; side crunch seated; hand behind head side bend
Seated arm circles: arms out to side small circles; small circles arms out; arm circles small to big; arm circles; seated arm circle; small arm circles; arms circles; circle the arms; arm rotations; arm circling; arm circles in the chair
Standing arm circles: backstroke arms; arm circles; arm circles standing; windmill arms; big arm circles standing
Arms round yourself, ribs wide: hug yourself; self hug; big hug; give yourself a hug; bear hug; upper back stretch; hug stretch; rhomboid stretch; between the shoulder blades stretch; hugs
Standing roll-down, in stages: roll downs; roll down; standing roll downs; spine roll down; roll down the wall; wall roll down; standing roll down; roll down the spine
Standing pelvis turn: pelvis turns; hip turns standing; hip rotations standing
Seated heel pivot: heel pivots; heel swivels; windscreen wipers seated; toes in and out; toe swivels; foot swivels; toes out and in; seated windscreen wipers; feet windscreen wipers; twist feet
Seated step, reach and look: step and reach seated; step and look seated
Seated staggered rock: rocking chair; rock forward in the chair; seated rocking
Seated knee falling out: knee openers seated; seated hip openers; knees out and in; knees open and close; knees apart and together; seated clams; seated clamshell; butterfly in the chair; open and close knees; seated butterfly; seated knee opens; hip openers
Eyes far and near: eye exercises; eye rest; look far and near; 20 20 20; rest the eyes; eye break; look out of the window; eye focus; near far focus
Breath in four equal parts: box breathing; square breathing; box breath; four square breathing; 4 count breathing; 4-4-4-4 breathing
Curl up to sitting, hands helping: sit up; sit ups with hands; sit up from the back
Straight-leg lowering, small: straight leg lowers; leg lowers straight; double leg lowers; straight leg raise; straight leg raises; slr; leg raises lying; straight leg raises lying; lying leg raises
Slanting lean-back from kneeling: kneeling lean back; kneeling lean backs; thigh lean back; reverse nordic
Hips high, knees soft: downward dog; down dog; downward facing dog; inverted v; dog pose; downdog
Slow lowering, knees down: kneeling push ups; knee push ups; box push ups; kneeling press ups; half push ups; box press ups; knee press ups
Cross-legged fold, long back: easy pose fold; cross legged fold
Seated heel draw-back: seated hamstring curls; seated leg curls; heel pulls; slide feet back; seated foot slides; foot slides; heel slides seated; seated heel slides; slide the feet back and forth; feet slides; heel drags
Seated knee to elbow: knee lifts with twist; knee lift and twist; knee lifts with a twist; seated cross crawl; seated knee to opposite elbow; elbow to knee seated; seated bicycle; seated elbow to knee; chair crunch; seated twist crunch; seated crunches; knee to elbow in the chair; opposite elbow to knee seated; knee to elbow; opposite hand to knee; hand to opposite knee; cross crawl seated
Seated step tap: step taps seated; seated step ups; seated tap steps
Seated knee lift with press: knee lift and arm press seated; knee up arms up seated
`;

/** By the move's name. */
export const SPOKEN_NAMES: ReadonlyMap<string, readonly string[]> = new Map(
  SPOKEN.trim()
    .split('\n')
    .map((line) => {
      const [name = '', said = ''] = line.split(': ');
      return [name, said.split('; ')] as const;
    }),
);
