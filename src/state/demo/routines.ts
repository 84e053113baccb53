/** Made-up routines of a small harbour town, in routine text. */
export const DEMO_ROUTINES = {
  'between-two-calls': `title: Between two calls
group: desk
slot: 1:00
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
lanes: stand, chair
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
  Sit to stand: 6 reps, level hands on thighs, accept lane-gap "the seated half counts aloud"
rest 30s
Standing side bend: hold 20s, level hand on the chair, accept lane-gap "the seated half sits tall and breathes"

[settle]
Seated twist: hold 20s
Seated easy breath: 6 breaths
`,
  'down-and-up-again': `title: Down and up again
group: older
slot: 10:00
lanes: floor, chair
limits: blood pressure
# Saltmarsh Court: the small group that practises the floor; two stay in their chairs and watch

[warm-up]
Seated march: for 1:00
Seated cat: 8 reps
Sit to stand: 6 reps, accept lane-gap "the two in chairs watch"

[main]
Bridge: 8 reps, accept lane-gap "the two in chairs watch"
Open book: 5 breaths
rest 20s

[settle]
Seated twist: hold 30s
Seated easy breath: 6 breaths
`,
  'land-day-shoulders-down': `title: Land day, shoulders down
group: chair
slot: 10:00
# Adaptive rowing club: brakes on, small wheels forward

[warm-up]
Seated cat: 6 reps
Neck side tilt: 3 breaths

[main]
Seated twist: hold 30s x2, rest 5s
Leg extend and bend: 10 reps, level heel sliding
Seated figure four: hold 30s, level ankle on the shin

[settle]
Seated easy breath: 8 breaths, level back supported
`,
  'before-the-second-bake': `title: Before the second bake
group: standing
slot: 4:00
# Bakery, night shift: beside the cooling racks, no floor

[warm-up]
Marching: for 40s

[main]
Standing side bend: hold 20s x2, rest 5s
Tandem stance: hold 15s, level two hands

[settle]
Marching: for 30s, level holding the chair
`,
} as const;
