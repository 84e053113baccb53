/** Made-up routines of a small harbour town, in routine text. */
export const DEMO_ROUTINES = {
  'between-two-calls': `title: Between two calls
group: desk
slot: 1:00
often: 5 times a day
# Harbour office: one minute, headset on. A taste of each, so the doses stay below their ranges

[main]
Seated cat: 2 reps, tempo 2-0-2, accept dose-range "one minute is all there is"
Neck side tilt: 1 breath, accept dose-range "one minute is all there is"

[settle]
Seated easy breath: 1 breath 3/3, set-up "Sit tall.", accept dose-range "one minute is all there is"
`,
  'signal-box-reset': `title: Signal box reset
group: desk
slot: 10:00
often: twice a day
lanes: stand, chair
school: hold long, bend long spine
# Harbour office: between the morning tide and the noon ferry

[warm-up]
Seated march: for 45s
Seated cat: 6 reps, tempo 3-0-3
Leg extend and bend: 8 reps

[main]
Seated hamstring reach: hold 1:00, press 5s x3
(each side)
  Seated figure four: hold 30s
  Seated twist: hold 20s
Standing side bend: hold 20s, accept lane-gap "the chair rests: two twists were enough"

[settle]
Seated easy breath: 5 breaths    # dim the lights
`,
  'thursday-chair-circle': `title: Thursday chair circle
group: older
slot: 15:00
lanes: stand-held, chair
limits: blood pressure, knee painful right
room: 14 chairs without wheels, wall
# Saltmarsh Court: chairs in a ring, backs to the wall
# Limits asked in October; who stays seated counts aloud while the others stand

[warm-up]
Seated march: for 1:00
Seated cat: 6 reps
Neck side tilt: 4 breaths
Leg extend and bend: 8 reps

[main]
(build up)
  Lift off the backrest: 1 rep
  Scoot to the front: 1 rep
  Lean over the feet: 1 rep
Tandem stance: hold 10s x2, rest 5s, support fingertips, accept lane-gap "the seated half counts aloud"
(2 rounds, rest 20s)
  Sit to stand: 6 reps, level hands on thighs
    or chair: Leg extend and bend, 6 reps
rest 36s
Standing side bend: hold 20s, level hand on the chair, accept lane-gap "the seated half sits tall and breathes"

[settle]
Seated twist: hold 20s
  or: Breath in a seated turn
Seated easy breath: 6 breaths 3/1/4
`,
  'down-and-up-again': `title: Down and up again
group: older
slot: 10:00
lanes: floor, chair
limits: blood pressure
school: curl small range, breath in on rounding, grip bare feet
# Saltmarsh Court: the small group that practises the floor; two stay in their chairs and watch

[warm-up, 2 rounds]
Seated march: for 20s
Seated cat: 4 reps
Sit to stand: 4 reps, accept lane-gap "the two in chairs watch"

[main]
Bridge: 7 reps, level small, accept lane-gap "the two in chairs watch"
Open book: 4 breaths
Head turn: 3 reps, level half way, at floor-sit
rest 22s

[settle]
Seated twist: hold 25s
Seated easy breath: 5 breaths
`,
  'land-day-shoulders-down': `title: Land day, shoulders down
group: chair
slot: 10:00
often: 3-5 a week
limits: none
# Adaptive rowing club: brakes on, small wheels forward

[warm-up]
Seated cat: 6 reps
notice 20s "Which shoulder sits lower?"
Neck side tilt: 3 breaths

[main]
throughout "Shoulders wide and low"
Seated twist: hold 30s x2, rest 5s
Leg extend and bend: 10 reps, level heel sliding
Seated figure four: hold 30s, level ankle on the shin

[settle]
notice 20s "Which shoulder sits lower?"
Seated easy breath: 9 breaths, level back supported
`,
  'before-the-second-bake': `title: Before the second bake
group: standing
slot: 4:00
school: sides each rep, strength strong
# Bakery, night shift: beside the cooling racks, no floor

[warm-up]
Marching: for 40s

[main]
Standing side bend: hold 20s x2, rest 5s
Tandem stance: hold 15s, level two hands

[settle]
Marching: for 30s, level holding the chair
`,
  'long-lunch-by-the-tide-gauge': `title: Long lunch by the tide gauge
group: desk
slot: 20:00
lanes: stand, chair
school: hold steady, count seconds, breath free, often hourly, chair front
limits: none
room: chair without wheels x8, wall, band x8
# Harbour office: the meeting room, blinds down

[warm-up]
Marching: for 1:00
Shoulder rolls: 8 reps
Seated cat: 8 reps
Head turn: 5 reps
Wall push-up: 8 reps, level weight shift, accept lane-gap "who stays seated rests the arms"

[main]
(2 rounds, rest 20s)
  Good morning: 8 reps
  Band pull-apart: 10 reps
Wall chest stretch: hold 30-45s, press 5s x2 "palm into the wall"
Standing side bend: hold 30s
(each side)
  Seated figure four: hold 45s
  Seated twist: hold 30s
Wall calf stretch: hold 30s, accept lane-gap "who stays seated circles the ankles"
Held neck tilt, hand resting: hold 20s, level no hand
rest 3s

[settle]
Seated chest opener: 5 breaths
Even rib breath: 8 breaths
Seated easy breath: 8 breaths
`,
  'strong-and-steady': `title: Strong and steady
group: older
slot: 30:00
lanes: stand-held, chair, walker
school: count reps, curl never, balance hands first, often rest days, grip flat shoes
limits: low bone density, blood pressure
room: chair without wheels x14, wall, counter, walker x6, strap x14
# Saltmarsh Court: the long Monday class; the counter is the tea bar

[warm-up]
Seated march: for 2:31
Seated cat: 8 reps with the breath, level small
Shoulder slides up and down: 10 reps
Leg extend and bend: 10 reps
Ankle pumps: 16 reps
Toe-heel walk, seated: for 50s
Head turn: 6 reps, level half way

[main]
Weight shift: 10 reps, accept lane-gap "the seated half and the walkers keep time"
Semi-tandem stance: hold 15s x2, rest 5s, accept limit-load "two hands on the rail, asked each of them"
(build up)
  Seated weight shift: 3 reps
  Lean over the feet: 2 reps
  Press without rising: 2 reps
(2 rounds, rest 30s)
  Sit to stand: 8 reps, level hands on arms
rest 30s
Seated band row: 10 reps, level empty hands
Toe raises: 13 reps
rest 30s
Seated hamstring reach: hold 40s

[settle]
Seated side bend: hold 40s, level hands on the ribs
Seated twist: hold 40s, level arms crossed
Belly breath, seated: 10 breaths
Seated easy breath: 10 breaths
`,
  'bed-and-couch-mornings': `title: Bed and couch mornings
group: older
slot: 12:00
lanes: bed, bed as lighter, couch
school: hold breaths, count breaths, bend relaxed, often daily
limits: blood pressure
room: bed, couch, cushion
# Saltmarsh Court: for the two who begin the day lying down, led over the house line

[warm-up]
Lying rest breath: 11 breaths, level knees bent
Ankle pumps: 22 reps, level lying
Heel slides: 10 reps, level half way

[main]
Pelvic tilt: 15 reps, level small in lighter
Knee drops: 12 reps, also cushion
Bridge: 7 reps, held 3s, level small
rest 13s

[settle]
Lying rest breath: 12 breaths, level head on a cushion, prop none, set-up "Lie back, head flat on the mattress, one hand on the belly."
`,
  'wharf-wheels': `title: Wharf wheels
group: chair
slot: 19:00
lanes: wheelchair, wheelchair-stands, chair-rise
school: hold intervals, sides sequence, breath out on rounding, strength mild, chair back
limits: pushes a wheelchair
room: chair without wheels x4, rail, band x8
# Adaptive rowing club: brakes on, footplates away, before the boats go out

[warm-up]
Brakes, footplates, feet check: for 30s, accept lane-gap "who sits on a plain chair checks that it stands still"
Big arm sweep: 6 reps, level to shoulder height
Shoulder rolls: 9 reps
Seated jacks: for 35s
Seated cat: 6 reps

[main]
(3 rounds, rest 20s)
  Blade squeeze: 13 reps
  Elbows in, open and close: 9 reps
Seated chest opener: 6 breaths, level palms out
Seated side bend: hold 30s
(2 rounds, each side)
  Seated twist: hold 20s
Pressure-relief leans: for 54s, accept limit-load "they do these every day, and the skin comes first"
(choose 1)
  Wrist circles: 6 reps, straight on
  Finger glides: 5 reps, straight on

[settle]
Pursed-lip breath: 6 breaths
Seated easy breath: 6 breaths, level back supported
`,
  'second-wind': `title: Second wind
group: standing
slot: 7:00
often: every night shift
lanes: stand, stand-held
limits: none
school: hold short, sides one then other, balance free
room: 4 chairs, wall, counter
# Bakery, night shift: between the proving and the first trays

[warm-up]
Marching: for 46s
Standing turn: 6 reps

[main]
Wall calf stretch: hold 30s, press 5s x2
Heel raises: 10 reps
Split-stance hip stretch: hold 20s
(in one go)
  Standing round and lift: 5-6 reps, asks look-up, cue "Round down. Lift and look up to the lamp."
  Standing turn: 6 reps in all, out "Turn to the front and let the arms hang."

[settle]
Hip circles at the chair: for 30s
`,
} as const;
