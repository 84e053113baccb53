import { answersIn } from '../form';

/**
 * What is done on the feet. The columns are the questions of the form:
 *
 * hands · arms · spine · neck · eyes · hips · legs · base · work · breath · mind · skin
 */
export const STANDING = answersIn(`
standing-side-bend
  hand-on-the-chair          | .               | .             | side             | .           | . | .             | .            | .               | .            | . | . | .
  arm-up                     | .               | over:o        | side             | .           | . | .             | .            | .               | .            | . | . | .
marching
  holding-the-chair          | .               | .             | .                | .           | . | folds:w       | .            | one:o           | .            | . | . | .
  free                       | .               | .             | .                | .           | . | folds:w       | .            | one:o           | .            | . | . | .
tandem-stance
  two-hands                  | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  hands-hovering             | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
one-leg-stance
  toes-down                  | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  one-hand                   | .               | .             | .                | .           | . | .             | .            | one:w           | .            | . | . | .
  hands-hovering             | .               | .             | .                | .           | . | .             | .            | one:w           | .            | . | . | .
knee-lift-with-press
  one-hand-on-and-toes-down  | busy:w          | over:w        | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  both-arms                  | busy            | off over      | .                | .           | . | folds:w       | .            | one:o           | .            | . | . | .
plank
  hands-on-the-wall          | bear            | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  knees-down                 | .               | .             | .                | .           | . | .             | .            | .               | belly        | . | . | .
  full                       | bear            | .             | .                | .           | . | .             | .            | .               | belly        | . | . | .
wall-angel
  elbows-below-the-shoulders | .               | off           | .                | .           | . | .             | .            | .               | .            | . | . | .
  up-the-wall                | .               | off over open | .                | .           | . | .             | .            | .               | .            | . | . | .
  sitting-squat              | .               | off over open | .                | .           | . | .             | deep         | dips            | squeeze      | . | . | .
wall-chest-stretch
  hand-low                   | .               | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  elbow-at-shoulder-height   | .               | open:w        | .                | .           | . | .             | .            | .               | .            | . | . | .
standing-round-and-lift
  holding-the-chair          | .               | .             | round            | .           | . | .             | .            | .               | .            | . | . | .
  hands-on-the-thighs        | .               | .             | round hinge      | .           | . | .             | .            | .               | .            | . | . | .
standing-turn
  holding-the-chair          | .               | .             | .                | turns       | . | .             | .            | .               | .            | . | . | .
  free                       | .               | .             | .                | turns       | . | .             | .            | .               | .            | . | . | .
hands-on-the-seat-long-back
  hands-on-the-counter       | .               | over          | .                | low         | . | folds         | .            | .               | .            | . | . | .
  hands-on-the-seat          | .               | over          | .                | low         | . | folds         | .            | .               | .            | . | . | .
standing-figure-four
  toes-on-the-floor          | .               | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  ankle-over                 | .               | .             | .                | .           | . | folds:w out:w | .            | one:o           | .            | . | . | .
split-stance-hip-stretch
  short-step                 | .               | .             | .                | .           | . | back:w        | .            | .               | .            | . | . | .
  long-step                  | .               | .             | .                | .           | . | back:w        | calf:w       | backs:w         | .            | . | . | .
front-thigh-stretch-at-the-chair
  split-step                 | .               | .             | .                | .           | . | back:w        | .            | .               | .            | . | . | .
  foot-on-a-seat             | .               | .             | .                | .           | . | back:w        | deep:w       | one:o           | .            | . | . | .
standing-front-thigh-stretch
  toes-down                  | .               | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  with-a-strap               | grip busy:w     | .             | .                | .           | . | .             | deep:w       | one:o           | .            | . | . | .
foot-on-block-fold
  hands-on-the-seat          | .               | .             | .                | low         | . | folds         | calf:w       | .               | .            | . | . | .
  hands-to-the-foot          | .               | .             | round hinge      | low         | . | folds         | calf:w       | .               | .            | . | . | .
wall-calf-stretch
  short-step                 | .               | .             | .                | .           | . | .             | calf:w       | .               | .            | . | . | .
  long-step                  | .               | .             | .                | .           | . | back:w        | calf:w       | .               | .            | . | . | .
bent-knee-calf
  small-bend                 | .               | .             | .                | .           | . | .             | calf:w       | .               | .            | . | . | .
  full-bend                  | .               | .             | .                | .           | . | .             | calf:w       | .               | .            | . | . | .
heel-raises
  two-hands                  | .               | .             | .                | .           | . | .             | raise        | .               | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | raise        | .               | .            | . | . | .
  one-bending-by-turns       | .               | .             | .                | .           | . | .             | raise        | .               | .            | . | . | .
good-morning
  hands-on-the-chair         | .               | .             | hinge            | .           | . | .             | .            | .               | .            | . | . | .
  hands-on-hips              | .               | .             | hinge            | .           | . | .             | .            | .               | .            | . | . | .
hip-hinge-with-a-stick
  tail-to-the-wall           | .               | .             | hinge            | .           | . | .             | .            | .               | .            | . | . | .
  with-a-stick               | grip busy       | behind        | hinge            | .           | . | .             | .            | .               | .            | . | . | .
chair-squat
  half-way-behind-the-chair  | .               | .             | .                | .           | . | .             | .            | dips            | .            | . | . | .
  touching-the-seat          | .               | off           | .                | .           | . | folds         | .            | dips            | .            | . | . | .
  free                       | .               | off           | .                | .           | . | folds         | deep         | dips            | .            | . | . | .
wall-push-up
  weight-shift               | lean            | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  full                       | bear            | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  at-a-counter               | bear            | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  springing                  | bear            | .             | .                | .           | . | .             | .            | .               | springs      | . | . | .
heel-lift-jog
  toes-down-and-held         | .               | .             | .                | .           | . | .             | raise        | rocks           | .            | . | . | .
  jogging                    | .               | .             | .                | .           | . | .             | raise        | steps           | hard springs | . | . | .
side-step-jacks
  held-without-arms          | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
  stepping                   | busy            | off over      | .                | .           | . | .             | .            | steps           | .            | . | . | .
  jumping                    | .               | off over      | .                | .           | . | .             | .            | steps           | hard springs | . | . | .
high-march-with-a-pause
  held                       | .               | .             | .                | .           | . | folds:w       | .            | one:o           | .            | . | . | .
  free                       | .               | .             | .                | .           | . | folds:w       | .            | one:o           | .            | . | . | .
knee-to-same-elbow
  hand-on-and-toes-down      | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  free                       | busy            | .             | .                | .           | . | folds:w out:w | .            | one:o           | .            | . | . | .
knee-to-opposite-elbow
  hand-on-and-toes-down      | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  free                       | busy            | .             | curl torque      | .           | . | folds:w       | .            | one:o           | .            | . | . | .
single-leg-hinge-with-turn
  toes-down-with-one-hand    | .               | .             | hinge            | .           | . | .             | .            | narrow          | .            | . | . | .
  leg-light-with-fingertips  | .               | .             | hinge            | .           | . | .             | .            | one:w           | .            | . | . | .
side-hinge
  hand-on-the-chair          | .               | .             | side             | .           | . | .             | .            | .               | .            | . | . | .
  free                       | .               | .             | side             | .           | . | .             | .            | .               | .            | . | . | .
  with-a-weight              | grip carry      | .             | side             | .           | . | .             | .            | .               | .            | . | . | .
step-back-and-turn
  held-without-a-turn        | .               | .             | .                | .           | . | .             | .            | steps backs:w   | .            | . | . | .
  with-the-turn              | busy            | .             | torque           | turns       | . | .             | .            | steps backs:w   | .            | . | . | .
straight-leg-reach
  toes-down                  | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  leg-lifting-while-held     | .               | .             | .                | .           | . | back:w        | .            | one:o           | .            | . | . | .
side-leg-raise-at-the-chair
  sliding                    | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  lifting                    | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
standing-heel-curl
  toes-down                  | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  heel-up                    | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
wall-held-hollow
  light                      | .               | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  sliding-down               | .               | .             | .                | .           | . | .             | .            | dips            | belly        | . | . | .
forearm-plank
  forearms-on-the-wall       | fore            | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  knees-down                 | fore            | .             | .                | .           | . | .             | .            | .               | belly        | . | . | .
  full                       | fore            | .             | .                | .           | . | .             | .            | .               | belly        | . | . | .
weight-shift
  two-hands                  | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
feet-together-stance
  two-hands                  | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  hands-hovering             | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
semi-tandem-stance
  two-hands                  | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  hands-hovering             | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
toe-taps-front
  two-hands                  | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
tap-with-arm-stroke
  no-arm                     | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
  one-arm                    | busy:w          | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
tap-and-turn
  eyes-only                  | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
  head-and-chest             | .               | .             | .                | turns quick | . | .             | .            | one:o           | .            | . | . | .
side-sway
  two-hands                  | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
hip-circles-at-the-chair
  sway                       | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  circles                    | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
knee-lift-with-wrist-tap
  toes-down-with-one-hand    | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  knee-up-with-fingertips    | busy:w          | .             | .                | .           | . | folds:w       | .            | one:o           | .            | . | . | .
raised-leg-pulses
  toes-down                  | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  leg-off-the-floor          | .               | .             | .                | .           | . | back:o        | .            | one:w           | .            | . | . | .
alternate-leg-raise-arms-forward
  heel-down-with-one-hand    | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  arms-forward               | busy            | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
leg-out-and-in
  sliding                    | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  off-the-floor              | .               | .             | .                | .           | . | .             | .            | one:o           | .            | . | . | .
up-out-back-and-down
  toes-touching              | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  in-the-air                 | .               | .             | .                | .           | . | back:w        | .            | one:o           | .            | . | . | .
heel-to-toe-line-walk
  along-a-counter            | .               | .             | .                | .           | . | .             | .            | narrow steps    | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | narrow steps    | .            | . | . | .
sideways-steps
  along-a-counter            | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
backward-walk
  along-a-counter            | .               | .             | .                | .           | . | .             | .            | steps backs     | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | steps backs     | .            | . | . | .
heel-walk-toe-walk
  along-a-counter            | .               | .             | .                | .           | . | .             | raise tiptoe | steps           | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | raise tiptoe | steps           | .            | . | . | .
figure-of-eight
  hand-on-each-chair         | .               | .             | .                | turns       | . | .             | .            | steps turns     | .            | . | . | .
  fingertips                 | .               | .             | .                | turns       | . | .             | .            | steps turns     | .            | . | . | .
stop-and-go
  along-a-counter            | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
turn-round-in-small-steps
  along-a-counter            | .               | .             | .                | turns       | . | .             | .            | steps turns     | .            | . | . | .
  fingertips                 | .               | .             | .                | turns       | . | .             | .            | steps turns     | .            | . | . | .
step-over-a-line
  along-a-counter            | .               | .             | .                | .           | . | .             | .            | one steps backs | .            | . | . | .
  fingertips                 | .               | .             | .                | .           | . | .             | .            | one steps backs | .            | . | . | .
weight-shift-with-reach
  short-reach                | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  long-reach                 | busy:w          | .             | .                | .           | . | .             | .            | reach rocks     | .            | . | . | .
step-up-with-a-rail
  tapping                    | .               | .             | .                | .           | . | .             | .            | one:o up        | .            | . | . | .
  stepping                   | .               | .             | .                | .           | . | .             | .            | one:o steps up  | .            | . | . | .
lift-a-thing-from-a-seat
  touch-only                 | .               | .             | hinge            | .           | . | folds         | .            | .               | .            | . | . | .
  with-a-weight              | grip carry busy | .             | hinge            | .           | . | folds         | .            | .               | .            | . | . | .
standing-arm-sweep
  to-shoulder-height         | busy            | off           | .                | .           | . | .             | .            | .               | .            | . | . | .
  overhead                   | busy            | off over      | .                | .           | . | .             | .            | .               | .            | . | . | .
standing-arm-circles
  elbows-only                | busy            | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  arms-long                  | busy            | off           | .                | .           | . | .             | .            | .               | .            | . | . | .
standing-roll-down-in-stages
  to-the-breastbone-and-held | .               | .             | round            | chin        | . | .             | .            | .               | .            | . | . | .
  to-the-thighs              | .               | .             | round hinge      | chin low    | . | .             | .            | .               | .            | . | . | .
  to-the-knees               | .               | .             | round curl hinge | chin low    | . | folds         | .            | .               | .            | . | . | .
standing-pelvis-turn
  held                       | .               | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  free                       | .               | .             | .                | .           | . | in out        | .            | .               | .            | . | . | .
straight-leg-lift-forward-and-back
  toes-down                  | .               | .             | .                | .           | . | .             | .            | rocks           | .            | . | . | .
  leg-light                  | .               | .             | .                | .           | . | back:w        | .            | one:o           | .            | . | . | .
hips-high-knees-soft
  hands-on-the-seat          | .               | over          | .                | low         | . | folds         | .            | .               | .            | . | . | .
  from-all-fours             | lean            | over          | .                | low         | . | folds         | calf         | .               | .            | . | . | .
reverse-lunge-hand-on
  step-and-return            | .               | .             | .                | .           | . | .             | .            | steps backs     | .            | . | . | .
  small-bend                 | .               | .             | .                | .           | . | back          | .            | steps backs dips | .            | . | . | .
  half-way-down              | .               | .             | .                | .           | . | back          | deep         | steps backs dips | .            | . | . | .
shoulder-pendulum
  small-lean                 | .               | .             | .                | .           | . | .             | .            | .               | .            | . | . | .
  long-lean                  | .               | .             | hinge            | .           | . | .             | .            | rocks           | .            | . | . | .
tree-with-a-hand-on
  toes-down                  | .               | .             | .                | .           | . | .             | .            | narrow          | .            | . | . | .
  foot-on-the-calf           | .               | .             | .                | .           | . | out:o         | .            | one:w           | .            | . | . | .
  hands-hovering             | .               | .             | .                | .           | . | out:o         | .            | one:w           | .            | . | . | .
warrior-stance-with-a-chair
  short-stance               | .               | .             | .                | .           | . | .             | .            | backs:o         | .            | . | . | .
  long-stance                | .               | .             | .                | .           | . | back:o out:o  | calf:o       | backs:o         | .            | . | . | .
  arm-up                     | .               | over:o        | .                | .           | . | back:o out:o  | calf:o       | backs:o         | .            | . | . | .
marching-on-the-way
  along-a-counter            | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
  through-the-room           | .               | .             | .                | .           | . | .             | .            | steps           | .            | . | . | .
  knees-high                 | .               | .             | .                | .           | . | folds:w       | .            | steps one:o     | .            | . | . | .
`);
