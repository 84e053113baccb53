import { answersIn } from '../form';

/**
 * What is done lying, kneeling or sitting on the floor. The columns are the questions of the form:
 *
 * hands · arms · spine · neck · eyes · hips · legs · base · work · breath · mind · skin
 */
export const FLOOR = answersIn(`
lying-rest-breath
  head-on-a-cushion                  | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  knees-bent                         | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
bridge
  small                              | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  feet-wide                          | .         | .             | .            | chin low      | . | back                  | .      | .            | .          | . | . | .
  full                               | .         | .             | .            | chin low      | . | back                  | .      | .            | .          | . | . | .
  feet-together                      | .         | .             | .            | chin low      | . | back                  | .      | .            | .          | . | . | .
  arms-crossed                       | .         | .             | .            | chin low      | . | back                  | .      | .            | .          | . | . | .
open-book
  hand-on-the-ribs                   | .         | .             | .            | turns         | . | .                     | .      | .            | .          | . | . | .
  arm-open                           | .         | open:o        | twist        | turns end     | . | .                     | .      | .            | .          | . | . | .
leg-lowering
  heel-sliding                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  foot-lifting                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  from-knees-over-hips               | .         | .             | .            | .             | . | folds:w               | .      | .            | belly      | . | . | .
small-curl-up
  head-alone                         | .         | .             | .            | chin          | . | .                     | .      | .            | belly      | . | . | .
  head-and-shoulders                 | .         | .             | curl         | chin          | . | .                     | .      | .            | belly      | . | . | .
  over-a-pillow                      | .         | .             | curl         | chin          | . | .                     | .      | .            | belly      | . | . | .
prone-chest-lift
  forearms-down                      | .         | .             | arch         | .             | . | .                     | .      | .            | .          | . | . | .
  hands-light                        | .         | .             | arch         | .             | . | .                     | .      | .            | .          | . | . | .
lying-along-a-roller
  rolled-towel                       | .         | open          | .            | .             | . | .                     | .      | .            | .          | . | . | press
  along-the-roll                     | .         | open          | .            | .             | . | .                     | .      | .            | .          | . | . | press
all-fours-cat
  small                              | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  full                               | .         | .             | round arch   | low           | . | .                     | .      | .            | .          | . | . | .
childs-pose
  head-on-a-cushion                  | .         | .             | round        | .             | . | folds                 | .      | .            | .          | . | . | .
  arms-long                          | .         | over          | round        | .             | . | folds                 | .      | .            | .          | . | . | .
  hips-walked-back                   | .         | over          | round        | .             | . | folds                 | .      | .            | .          | . | . | .
half-kneel-hip-flexor
  hand-on-the-chair                  | .         | .             | .            | .             | . | back:w                | .      | .            | .          | . | . | .
  hands-on-the-thigh                 | .         | .             | .            | .             | . | back:w                | .      | .            | .          | . | . | .
  arm-up                             | .         | over:w        | .            | .             | . | back:w                | .      | .            | .          | . | . | .
side-lying-arm-circle
  elbow-bent                         | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  arm-long                           | .         | over:o open:o | .            | .             | . | .                     | .      | .            | .          | . | . | .
cross-legged-round-and-lift
  on-a-block                         | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  on-the-floor                       | .         | .             | round        | .             | . | out                   | .      | .            | .          | . | . | .
all-fours-wave-bone-by-bone
  forearms-on-the-seat               | .         | .             | round        | .             | . | .                     | .      | .            | .          | . | . | .
  hands-down                         | .         | .             | round        | low           | . | .                     | .      | .            | .          | . | . | .
cross-legged-side-bend
  hand-on-a-block                    | .         | .             | side         | .             | . | .                     | .      | .            | .          | . | . | .
  forearm-down                       | fore:w    | over:o        | side         | .             | . | out                   | .      | .            | .          | . | . | .
side-bend-in-childs-pose
  head-on-a-cushion                  | .         | over          | round side   | .             | . | folds                 | .      | .            | .          | . | . | .
  arms-long                          | .         | over          | round side   | .             | . | folds                 | .      | .            | .          | . | . | .
all-fours-look-to-the-heels
  forearms-on-the-seat               | .         | .             | side         | turns end     | . | .                     | .      | .            | .          | . | . | .
  hands-down                         | .         | .             | side         | turns end     | . | .                     | .      | .            | .          | . | . | .
thread-the-needle
  half-way                           | fore:w    | .             | .            | turns end low | . | .                     | .      | .            | .          | . | . | .
  shoulder-down                      | fore:w    | cross:w       | twist        | turns end low | . | .                     | .      | .            | .          | . | . | .
all-fours-elbow-opening
  forearm-on-the-seat                | .         | .             | .            | turns         | . | .                     | .      | .            | .          | . | . | .
  elbow-up                           | .         | .             | twist        | turns         | . | .                     | .      | .            | .          | . | . | .
  arm-to-the-ceiling                 | .         | open:w        | twist        | turns         | . | .                     | .      | .            | .          | . | . | .
  hand-behind-the-head               | .         | open:w        | twist        | turns held    | . | .                     | .      | .            | .          | . | . | .
side-lying-propped-turn
  big-cushion                        | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  flat-cushion                       | .         | .             | twist        | .             | . | .                     | .      | .            | .          | . | . | .
prone-press-up
  on-the-forearms                    | fore      | .             | arch         | back          | . | .                     | .      | .            | .          | . | . | .
  arms-long                          | bear      | .             | arch         | back          | . | back                  | .      | .            | .          | . | . | .
prone-arm-lift
  elbow-bent                         | .         | open:w        | .            | .             | . | .                     | .      | .            | .          | . | . | .
  arm-straight                       | .         | open:w        | .            | .             | . | .                     | .      | .            | .          | . | . | .
rock-back-hands-together
  at-the-seat                        | .         | over          | .            | .             | . | .                     | .      | .            | .          | . | . | .
  on-all-fours                       | .         | over          | round        | low           | . | folds                 | deep   | .            | .          | . | . | .
round-lengthen-and-dip
  no-dip                             | .         | .             | round        | low           | . | folds                 | deep   | .            | .          | . | . | .
  with-the-dip                       | fore      | .             | round        | low           | . | folds                 | deep   | .            | .          | . | . | .
knee-hug
  other-knee-bent                    | .         | .             | .            | .             | . | folds:w               | .      | .            | .          | . | . | .
  other-leg-long                     | .         | .             | .            | .             | . | folds:w back:o        | .      | .            | .          | . | . | .
both-knees-hug
  one-after-the-other-half-way       | .         | .             | .            | .             | . | folds                 | .      | .            | .          | . | . | .
  both-in                            | .         | .             | round        | .             | . | folds                 | .      | .            | .          | . | . | .
rocking-on-the-back
  feet-down                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  knees-held                         | .         | .             | round curl   | turns quick   | . | folds                 | .      | rolls        | .          | . | . | press
knee-drops
  feet-down-and-small                | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  feet-down-and-full                 | .         | .             | twist        | .             | . | .                     | .      | .            | .          | . | . | .
  knees-over-the-hips                | .         | .             | twist torque | .             | . | folds                 | .      | .            | belly      | . | . | .
wide-foot-knee-drops
  half-way                           | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  easy-range                         | .         | .             | .            | .             | . | in:o out:w            | .      | .            | .          | . | . | .
lying-twist
  high-cushion                       | .         | .             | .            | .             | . | cross:o in:o          | .      | .            | .          | . | . | .
  no-cushion                         | .         | .             | twist        | turns         | . | cross:o in:o          | .      | .            | .          | . | . | .
pelvic-tilt
  small                              | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  easy-range                         | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
pelvic-tilt-one-knee-out
  knee-on-a-cushion                  | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  knee-free                          | .         | .             | .            | .             | . | out:w                 | .      | .            | .          | . | . | .
roll-down-bridge
  pelvis-only                        | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  bone-by-bone                       | .         | .             | curl         | chin low      | . | .                     | .      | .            | .          | . | . | .
held-bridge
  low                                | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  hips-high                          | .         | .             | .            | chin low      | . | back                  | .      | .            | .          | . | . | .
bridge-ankle-over
  both-feet-down                     | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  ankle-over                         | .         | .             | .            | chin low      | . | back:w out:o          | .      | .            | .          | . | . | .
propped-bridge
  rolled-towel                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  on-a-roller                        | .         | .             | arch         | chin low      | . | .                     | .      | .            | .          | . | . | press
rolling-from-side-to-side
  half-way                           | .         | .             | .            | turns         | . | .                     | .      | rolls        | .          | . | . | .
  on-to-the-side                     | .         | .             | .            | turns         | . | .                     | .      | rolls onside | .          | . | . | .
lying-figure-four
  ankle-on-the-shin                  | .         | .             | .            | .             | . | out:w                 | .      | .            | .          | . | . | .
  thigh-drawn-in                     | .         | .             | .            | .             | . | folds:o folds:w out:w | .      | .            | .          | . | . | .
lying-butterfly
  knees-a-hand-apart                 | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  on-cushions                        | .         | .             | .            | .             | . | out                   | .      | .            | .          | . | . | .
  free                               | .         | .             | .            | .             | . | out wide              | .      | .            | .          | . | . | .
full-length-reach
  knees-bent-and-arms-to-the-ceiling | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  long                               | .         | over          | .            | .             | . | .                     | .      | .            | .          | . | . | .
strap-leg-reach-lying
  hands-behind-the-thigh             | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  with-a-strap                       | grip pull | .             | .            | .             | . | folds:w               | calf:w | .            | .          | . | . | .
floor-butterfly
  high-seat-and-feet-away            | .         | .             | .            | .             | . | out                   | .      | .            | .          | . | . | .
  feet-close                         | .         | .             | .            | .             | . | out wide              | deep   | .            | .          | . | . | .
  rounded-over                       | .         | .             | round        | .             | . | out wide              | deep   | .            | .          | . | . | .
floor-seated-figure-four
  ankle-on-the-shin                  | lean      | behind        | .            | .             | . | out:w                 | .      | .            | .          | . | . | .
  ankle-on-the-thigh                 | lean      | behind        | .            | .             | . | folds:w out:w         | .      | .            | .          | . | . | .
floor-seated-twist
  foot-beside-the-knee               | lean      | .             | twist        | turns         | . | folds:w               | .      | .            | .          | . | . | .
  foot-over                          | lean      | .             | twist        | turns         | . | folds:w cross:w       | .      | .            | .          | . | . | .
one-leg-long-reach
  knee-soft                          | .         | .             | .            | .             | . | folds out:o           | .      | .            | .          | . | . | .
  leg-long                           | .         | .             | round        | .             | . | folds out:o           | .      | .            | .          | . | . | .
wide-leg-reach
  sitting-tall                       | .         | .             | .            | .             | . | wide                  | .      | .            | .          | . | . | .
  tipping-forward                    | .         | .             | .            | .             | . | folds wide            | .      | .            | .          | . | . | .
both-legs-strap-reach-by-thirds
  long-spine                         | grip pull | .             | .            | .             | . | folds                 | calf   | .            | .          | . | . | .
  rounding                           | grip pull | .             | round curl   | .             | . | folds                 | calf   | .            | .          | . | . | .
knee-falling-outward
  half-way                           | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  easy-range                         | .         | .             | .            | .             | . | out:w                 | .      | .            | .          | . | . | .
both-knees-to-one-side-hip-lifted
  small                              | lean      | behind        | .            | .             | . | in:o out:w            | .      | .            | .          | . | . | .
  hip-lifted                         | lean      | behind        | .            | .             | . | in:o out:w            | .      | .            | .          | . | . | .
ninety-ninety-rock
  small-lean                         | lean      | .             | .            | .             | . | in:o out:w            | .      | .            | .          | . | . | .
  full                               | lean      | .             | .            | .             | . | folds in:o out:w      | .      | .            | .          | . | . | .
half-kneel-hip-flexor-with-reach
  hand-on-the-chair                  | .         | over:w        | .            | .             | . | back:w                | .      | .            | .          | . | . | .
  arm-up                             | .         | over:w        | .            | .             | . | back:w                | .      | .            | .          | . | . | .
bed-edge-hip-stretch
  heel-on-a-box                      | .         | .             | .            | .             | . | folds:o back:w        | .      | .            | .          | . | . | .
  leg-hanging                        | .         | .             | .            | .             | . | folds:o back:w        | .      | .            | .          | . | . | .
side-lying-front-thigh-stretch
  with-a-strap                       | grip pull | .             | .            | .             | . | back:o                | .      | .            | .          | . | . | .
  hand-on-the-foot                   | grip pull | .             | .            | .             | . | back:o                | deep:o | .            | .          | . | . | .
pelvic-floor-squeeze-and-let-go
  lying                              | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  seated                             | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
heel-slides
  half-way                           | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  full                               | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
leg-lifts-one-at-a-time
  heel-only                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  feet-down                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  from-table-top                     | .         | .             | .            | .             | . | folds                 | .      | .            | belly      | . | . | .
bird-dog
  leg-only                           | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  arm-only                           | .         | over          | .            | .             | . | .                     | .      | .            | .          | . | . | .
  arm-and-leg                        | .         | over          | .            | .             | . | .                     | .      | .            | .          | . | . | .
  with-a-stick                       | .         | over          | .            | .             | . | .                     | .      | .            | .          | . | . | .
leg-press-back-on-all-fours
  toes-sliding                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  heel-up                            | .         | .             | .            | .             | . | back:w                | .      | .            | .          | . | . | .
floor-dip-chest-lifted
  weight-shift                       | bear      | behind        | .            | .             | . | .                     | .      | .            | .          | . | . | .
  bending                            | bear      | behind open   | .            | .             | . | .                     | .      | .            | .          | . | . | .
roll-down-legs-held
  small-lean-with-a-long-spine       | .         | .             | .            | .             | . | .                     | .      | .            | belly      | . | . | .
  rolling                            | .         | .             | round curl   | .             | . | .                     | .      | .            | belly      | . | . | press
clamshell
  small                              | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  full                               | .         | .             | .            | .             | . | out:o                 | .      | .            | .          | . | . | .
side-lying-leg-raise
  knee-bent                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  leg-long                           | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
curl-up-to-sitting-hands-helping
  half-way                           | .         | .             | round curl   | chin          | . | .                     | .      | .            | belly      | . | . | .
  to-sitting                         | pull      | .             | round curl   | chin          | . | folds                 | .      | .            | belly      | . | . | .
straight-leg-lowering-small
  knee-bent                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  leg-straight                       | .         | .             | .            | .             | . | folds:w               | .      | .            | belly      | . | . | .
breath-sitting-on-the-floor
  on-a-cushion                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  on-the-floor                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
slanting-lean-back-from-kneeling
  a-little                           | .         | .             | .            | .             | . | .                     | .      | .            | belly      | . | . | .
  further                            | .         | .             | hinge        | .             | . | .                     | deep   | .            | belly      | . | . | .
front-lying-press-up-and-round
  chest-down                         | .         | cross:w       | .            | .             | . | .                     | .      | .            | .          | . | . | .
  pressing-up                        | lean:o    | cross:w       | arch twist   | .             | . | .                     | .      | .            | .          | . | . | .
slow-lowering-knees-down
  half-way                           | .         | .             | .            | .             | . | .                     | .      | .            | belly      | . | . | .
  to-the-floor                       | .         | .             | .            | .             | . | .                     | .      | .            | belly hard | . | . | .
both-legs-reach
  long-back                          | .         | .             | .            | .             | . | folds                 | .      | .            | .          | . | . | .
  rounding-at-the-end                | .         | .             | round        | .             | . | folds                 | .      | .            | .          | . | . | .
cross-legged-fold-long-back
  a-little                           | lean      | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  hands-walking                      | lean      | .             | .            | .             | . | folds                 | .      | .            | .          | . | . | .
all-fours-hand-walk-to-each-side
  forearms-on-a-seat                 | .         | .             | side         | .             | . | .                     | .      | .            | .          | . | . | .
  hands-down                         | .         | .             | side         | .             | . | .                     | .      | .            | .          | . | . | .
knee-straighten-over-a-cushion
  knee-pressed-down                  | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  heel-lifting                       | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
straight-leg-raise-lying
  a-hand-high                        | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  to-the-other-knee                  | .         | .             | .            | .             | . | .                     | .      | .            | belly      | . | . | .
dead-bug
  heels-sliding                      | .         | over          | .            | .             | . | .                     | .      | .            | .          | . | . | .
  knees-over-the-hips                | .         | over          | .            | .             | . | folds                 | .      | .            | belly      | . | . | .
single-leg-circles-small
  knee-bent                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  leg-long                           | .         | .             | .            | .             | . | folds:w               | .      | .            | belly      | . | . | .
happy-baby-held-easy
  hands-behind-the-thighs            | .         | .             | .            | .             | . | folds wide            | .      | .            | .          | . | . | .
  hands-on-the-shins                 | .         | .             | round        | .             | . | folds out wide        | .      | .            | .          | . | . | .
legs-up-rest
  calves-on-a-seat                   | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  legs-up-the-wall                   | .         | .             | .            | low           | . | folds                 | .      | rolls        | .          | . | . | .
front-lying-leg-lift
  toes-down                          | .         | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  leg-lifted                         | .         | .             | .            | .             | . | back                  | .      | .            | .          | . | . | .
side-plank-from-the-knees
  hips-down                          | fore:w    | .             | .            | .             | . | .                     | .      | .            | .          | . | . | .
  hips-lifted                        | fore:w    | .             | .            | .             | . | .                     | kneel:w | .            | belly      | . | . | .
`);
