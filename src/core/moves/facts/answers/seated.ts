import { answersIn } from '../form';

/**
 * What is done on a seat. The columns are the questions of the form:
 *
 * hands · arms · spine · neck · eyes · hips · legs · base · work · breath · mind · skin
 */
export const SEATED = answersIn(`
seated-easy-breath
  back-supported               | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  sitting-tall                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
belly-breath-seated
  leaning-back                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  sitting-tall                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
even-rib-breath
  leaning-back                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  sitting-tall                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
arms-up-breath
  to-shoulder-height           | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  overhead                     | .              | off over      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
breath-in-a-seated-turn
  arms-crossed                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hand-on-the-thigh            | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
pursed-lip-breath
  leaning-back                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  sitting-tall                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-cat
  small                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full                         | .              | .             | round  | back      | .  | .                     | .      | .          | .     | .            | . | .
neck-side-tilt
  half-way                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full                         | .              | .             | .      | end       | .  | .                     | .      | .          | .     | .            | . | .
seated-twist
  arms-crossed                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hand-on-the-thigh            | .              | .             | twist  | turns     | .  | .                     | .      | .          | .     | .            | . | .
seated-march
  heels-only                   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  knees-up                     | .              | .             | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
leg-extend-and-bend
  heel-sliding                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  foot-lifting                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hovering                     | .              | .             | .      | .         | .  | .                     | .      | .          | belly | .            | . | .
seated-hamstring-reach
  knee-soft                    | .              | .             | .      | .         | .  | folds                 | .      | .          | .     | .            | . | .
  knee-straight                | .              | .             | .      | .         | .  | folds                 | calf:w | .          | .     | .            | . | .
  strap-round-the-foot         | grip pull      | .             | .      | .         | .  | folds                 | calf:w | .          | .     | .            | . | .
seated-figure-four
  ankle-on-the-shin            | .              | .             | .      | .         | .  | cross:w out:w         | .      | .          | .     | .            | . | .
  ankle-on-the-thigh           | .              | .             | .      | .         | .  | folds:w out:w         | .      | .          | .     | .            | . | .
  leaning-forward              | .              | .             | .      | .         | .  | folds:o folds:w out:w | .      | .          | .     | .            | . | .
sit-to-stand
  hands-on-arms                | bear           | .             | .      | .         | .  | .                     | .      | rises      | .     | .            | . | .
  hands-on-thighs              | .              | .             | .      | .         | .  | folds                 | .      | rises      | .     | .            | . | .
  no-hands                     | .              | .             | .      | .         | .  | folds                 | .      | rises      | .     | .            | . | .
neck-tilt-side-to-side
  small                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  easy-range                   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
held-neck-tilt-hand-resting
  no-hand                      | .              | .             | .      | end       | .  | .                     | .      | .          | .     | .            | . | .
  hand-resting                 | .              | .             | .      | end held  | .  | .                     | .      | .          | .     | .            | . | .
nod-down-and-up
  eyes-to-lap-and-up-to-level  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  above-level                  | .              | .             | .      | back      | up | .                     | .      | .          | .     | .            | . | .
chin-to-chest-hands-resting
  hands-in-the-lap             | .              | .             | .      | chin      | .  | .                     | .      | .          | .     | .            | . | .
  hands-resting                | .              | .             | .      | chin held | .  | .                     | .      | .          | .     | .            | . | .
head-turn
  half-way                     | .              | .             | .      | turns     | .  | .                     | .      | .          | .     | .            | . | .
  easy-range                   | .              | .             | .      | turns end | .  | .                     | .      | .          | .     | .            | . | .
chin-tuck
  head-resting                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  free                         | .              | .             | .      | end       | .  | .                     | .      | .          | .     | .            | . | .
slow-jaw-opening
  half-way                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  tongue-up                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
upper-back-lean-over-the-backrest
  breastbone-up                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  over-the-edge                | .              | .             | arch   | .         | .  | .                     | .      | .          | .     | .            | . | .
shoulder-slides-up-and-down
  small                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full                         | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
shoulder-rolls
  small-circles                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full-circles                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  circling-the-elbows          | .              | open          | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
blade-squeeze
  hands-in-the-lap             | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  elbows-at-the-sides          | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
arm-across-the-body
  below-shoulder-height        | pull:w         | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  at-shoulder-height           | pull:w         | cross:w       | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
crossing-arms
  low                          | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  shoulder-height              | .              | off cross     | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
clasped-overhead-reach
  forward-and-low              | stretch        | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  overhead                     | stretch        | off over      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
elbows-behind-the-head-lift
  hands-on-the-shoulders       | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hands-behind-the-head        | .              | open          | .      | back held | .  | .                     | .      | .          | .     | .            | . | .
front-elbow-pull-and-reach
  elbows-only                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  reach-and-pull               | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
hand-behind-the-back
  hand-on-the-hip              | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hand-behind                  | .              | behind:w      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
hand-to-forehead-lift
  to-the-chin                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  to-the-forehead              | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  both-hands-to-the-forehead   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
elbows-in-open-and-close
  half-way                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full                         | .              | open          | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-a-band                  | grip pull      | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
big-arm-sweep
  to-shoulder-height           | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  overhead                     | .              | off over      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-chest-opener
  palms-out                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  arms-back                    | .              | behind        | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-turn-arm-opening
  hand-on-the-chest            | .              | .             | .      | turns     | .  | .                     | .      | .          | .     | .            | . | .
  arm-opening                  | .              | off open:w    | .      | turns     | .  | .                     | .      | .          | .     | .            | . | .
seated-side-bend
  hand-on-the-thigh            | .              | .             | side   | .         | .  | .                     | .      | .          | .     | .            | . | .
  hands-on-the-ribs            | .              | .             | side   | .         | .  | .                     | .      | reach      | .     | .            | . | .
  arm-over                     | .              | over:o        | side   | .         | .  | .                     | .      | reach      | .     | .            | . | .
half-off-the-seat-hip-stretch
  foot-a-little-back           | .              | .             | .      | .         | .  | back:w                | .      | reach edge | .     | .            | . | .
  foot-far-back                | .              | .             | .      | .         | .  | back:w                | .      | reach edge | .     | .            | . | .
seated-forward-rest
  long-spine                   | .              | .             | .      | .         | .  | folds                 | .      | .          | .     | .            | . | .
  rounded-down                 | .              | .             | round  | low       | .  | folds                 | .      | .          | .     | .            | . | .
seated-knee-to-chest
  foot-on-a-block              | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hands-behind-the-thigh       | .              | .             | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
seated-knee-hold-and-turn
  feet-down                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  knee-crossed                 | .              | .             | twist  | turns     | .  | folds:w cross:w       | .      | .          | .     | .            | . | .
seated-side-opening
  elbow                        | .              | .             | .      | turns     | .  | folds                 | .      | .          | .     | .            | . | .
  arm                          | .              | over:w open:w | twist  | turns     | .  | folds                 | .      | .          | .     | .            | . | .
toe-raises
  seated                       | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  standing-and-held            | .              | .             | .      | .         | .  | .                     | raise  | .          | .     | .            | . | .
ankle-circles
  heel-down                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  foot-lifted                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
toe-heel-walk-seated
  toes-and-then-heels          | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  walking                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
heel-slide-along-the-shin
  half-way                     | .              | .             | .      | .         | .  | out:w                 | .      | .          | .     | .            | . | .
  full                         | .              | .             | .      | .         | .  | folds:w out:w         | .      | .          | .     | .            | . | .
ankle-tap-to-the-other-shin
  to-the-middle                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  low                          | .              | .             | .      | .         | .  | cross:w               | .      | .          | .     | .            | . | .
  high                         | .              | .             | .      | .         | .  | cross:w out:w         | .      | .          | .     | .            | . | .
seated-inner-thigh-stretch
  hands-resting                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  forearms-pressing            | .              | .             | .      | .         | .  | folds out wide        | .      | .          | .     | .            | . | .
big-toe-stretch
  heel-lifted-and-toes-down    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  by-hand                      | .              | .             | .      | .         | .  | out:w                 | .      | .          | .     | .            | . | bare:w
toe-spread
  in-shoes                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  bare-feet                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | bare
ankle-pumps
  seated                       | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  lying                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-long-spine-hinge
  hands-on-the-thighs          | .              | .             | hinge  | .         | .  | folds                 | .      | .          | .     | .            | . | .
  arms-crossed                 | .              | .             | hinge  | .         | .  | folds                 | .      | reach      | .     | .            | . | .
band-turn-across-the-body
  seated                       | grip pull      | off           | torque | .         | .  | .                     | .      | .          | .     | .            | . | .
  standing                     | grip pull busy | off           | torque | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-band-row
  empty-hands                  | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-a-band                  | grip pull      | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
band-pull-apart
  belly-height                 | grip pull      | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  chest-height                 | grip pull      | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
bottle-curl
  empty-hands                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-bottles                 | grip carry     | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
bottle-press
  forward                      | grip carry     | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  overhead                     | grip carry     | over:w        | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
ankle-in-and-out
  free                         | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-a-band                  | .              | .             | .      | .         | .  | .                     | raise  | .          | .     | .            | . | press strap
seated-buttock-squeeze
  light                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  firm                         | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-reach
  one-hand-on-the-seat         | .              | .             | .      | .         | .  | .                     | .      | reach      | .     | .            | . | .
  free                         | .              | .             | .      | .         | .  | .                     | .      | reach      | .     | .            | . | .
seated-foot-taps
  heels-only                   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  foot-out                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-sway
  small                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full                         | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-walk-on-the-spot
  heels-only                   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  steps                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-knee-lift
  heel-only                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  foot-up                      | .              | .             | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
seated-heel-raises
  small                        | .              | .             | .      | .         | .  | .                     | raise  | .          | .     | .            | . | .
  full                         | .              | .             | .      | .         | .  | .                     | raise  | .          | .     | .            | . | .
seated-leg-out-to-the-side
  half-way                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  sliding                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-jacks
  feet-only                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  arms-to-shoulder-height      | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  arms-overhead                | .              | off over      | .      | .         | .  | .                     | .      | .          | hard  | .            | . | .
step-out-and-in
  small                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  wide                         | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
quick-feet
  toes-only                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  whole-feet                   | .              | .             | .      | .         | .  | .                     | raise  | .          | .     | .            | . | .
lean-forward-and-back
  hands-on-the-thighs          | .              | .             | hinge  | .         | .  | folds                 | .      | .          | .     | .            | . | .
  arms-crossed                 | .              | .             | hinge  | .         | .  | folds                 | .      | reach      | .     | .            | . | .
foot-taps-with-arm-sway
  feet-only                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-the-arms                | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
find-the-sitting-bones
  hands-under-the-thighs       | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | shear
  hands-resting                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | shear
pillow-squeeze
  fist-between-the-knees       | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-a-block                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
feet-parallel-knees-over-feet
  feet-on-a-block              | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  feet-on-the-floor            | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
desk-and-screen-check
  one-thing                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  all-three                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
wrist-circles
  nodding                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  circles                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
wrist-stretch
  elbow-bent-and-fingers-loose | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  elbow-straight               | stretch:w      | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
grip-open-and-close
  half-way                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  full                         | grip           | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
finger-glides
  no-fist                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  all-shapes                   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
thumb-to-tips
  two-fingers                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  all-fingers                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
forearm-turn
  empty-hands                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-a-stick                 | grip           | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-foot-press
  light                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  firm                         | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
pressure-relief-leans
  one-arm-holding              | bear           | .             | round  | low       | .  | folds                 | .      | reach      | .     | .            | . | .
  free                         | .              | off           | round  | low       | .  | folds                 | .      | reach      | .     | .            | . | .
side-bend-hand-behind-the-head
  hand-on-the-shoulder         | .              | .             | side   | .         | .  | .                     | .      | .          | .     | .            | . | .
  hand-behind-the-head         | .              | over:o        | side   | held      | .  | .                     | .      | .          | .     | .            | . | .
seated-arm-circles
  elbows-only                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  arms-long                    | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
arms-round-yourself-ribs-wide
  hands-on-the-elbows          | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hands-on-the-shoulders       | .              | cross         | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-heel-pivot
  hands-on-the-seat            | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hands-in-the-lap             | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-step-reach-and-look
  step-and-look                | .              | .             | .      | turns     | .  | .                     | .      | .          | .     | .            | . | .
  with-the-reach               | .              | .             | .      | turns     | .  | .                     | .      | reach      | .     | .            | . | .
seated-staggered-rock
  hands-on-the-seat            | .              | .             | .      | .         | .  | folds                 | .      | .          | .     | .            | . | .
  hands-on-the-thighs          | .              | .             | hinge  | .         | .  | folds                 | .      | reach      | .     | .            | . | .
seated-knee-falling-out
  a-little                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  all-the-way                  | .              | .             | .      | .         | .  | out:w                 | .      | .          | .     | .            | . | .
seated-leg-up-out-and-back
  sliding                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  lifted                       | .              | .             | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
eyes-far-and-near
  far-only                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  near-and-far                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
breath-in-four-equal-parts
  no-waits                     | .              | .             | .      | .         | .  | .                     | .      | .          | .     | counts       | . | .
  equal-parts                  | .              | .             | .      | .         | .  | .                     | .      | .          | .     | counts waits | . | .
front-thigh-reclining-on-the-couch
  upright                      | .              | .             | .      | .         | .  | in:w                  | deep:w | .          | .     | .            | . | .
  reclining                    | lean           | behind        | .      | .         | .  | in:w                  | deep:w | .          | .     | .            | . | .
seated-heel-draw-back
  toes-gliding                 | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  heel-pressing                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-knee-to-elbow
  hands-on-the-seat            | .              | .             | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
  elbow-to-knee                | .              | .             | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
seated-step-back-and-turn
  foot-only                    | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-the-turn                | .              | .             | .      | turns     | .  | .                     | .      | .          | .     | .            | . | .
seated-step-tap
  sliding                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  lifting                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
seated-knee-lift-with-press
  arms-to-the-eyes             | .              | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  arms-overhead                | .              | off over      | .      | .         | .  | folds:w               | .      | .          | .     | .            | . | .
thigh-squeeze
  lying                        | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  sitting                      | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
triceps-kick-back
  empty-hands                  | .              | behind        | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-bottles                 | grip carry     | behind        | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
triceps-stretch
  elbow-forward                | pull:w         | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  elbow-up                     | pull:w         | over:w        | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
pull-down-in-front
  empty-hands                  | .              | off over      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  with-a-band                  | grip pull      | off over      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
back-of-the-forearm-stretch
  elbow-bent                   | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  elbow-straight               | stretch:w      | off           | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
prayer-wrist-stretch
  palms-resting                | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hands-lower                  | stretch        | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
pressure-lift
  growing-light                | bear           | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  hips-lifted                  | bear           | .             | .      | .         | .  | .                     | .      | .          | belly | .            | . | .
seated-mountain
  arms-by-your-sides           | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  arms-overhead                | .              | off over      | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
eagle-arms
  hands-on-the-shoulders       | .              | cross         | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  forearms-wrapped             | .              | off cross     | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
alternate-nostril-breath
  hands-in-your-lap            | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
  a-hand-at-the-nose           | .              | .             | .      | .         | .  | .                     | .      | .          | .     | .            | . | .
neck-half-circles
  small                        | .              | .             | .      | turns     | .  | .                     | .      | .          | .     | .            | . | .
  shoulder-to-shoulder         | .              | .             | .      | turns chin end | .  | .                     | .      | .          | .     | .            | . | .
`);
