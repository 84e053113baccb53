import { answersIn } from '../form';

/**
 * Ways from one place to another, part by part. The columns are the questions of the form:
 *
 * hands · arms · spine · neck · eyes · hips · legs · base · work · breath · mind · skin
 */
export const RISING = answersIn(`
lift-off-the-backrest
  hands-helping           | bear          | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | .
  arms-crossed            | .             | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | .
scoot-to-the-front
  hands-pushing           | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
  arms-crossed            | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
lean-over-the-feet
  hands-on-thighs         | .             | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | .
  arms-forward            | .             | off      | .    | .     | . | folds   | .                     | .                 | . | . | . | .
seated-weight-shift
  hands-pressing          | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
  arms-crossed            | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
hand-sweep-behind
  looking                 | .             | .        | .    | turns | . | .       | .                     | .                 | . | . | . | .
  sweeping                | .             | behind:w | .    | turns | . | .       | .                     | reach             | . | . | . | .
feet-wider
  hands-on-the-seat       | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
  no-hands                | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
press-without-rising
  hands-on-the-thighs     | .             | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | .
  arms-crossed            | .             | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | .
hover
  hands-pushing           | bear          | .        | .    | .     | . | .       | .                     | rises             | . | . | . | .
  hands-on-thighs         | .             | .        | .    | .     | . | folds   | .                     | rises             | . | . | . | .
hover-and-hold
  hands-pushing           | bear          | .        | .    | .     | . | .       | .                     | rises             | . | . | . | .
  hands-on-thighs         | .             | .        | .    | .     | . | folds   | .                     | rises             | . | . | . | .
squeeze-and-look-for-the-chair
  one-hand-on-the-armrest | .             | .        | .    | turns | . | .       | .                     | .                 | . | . | . | .
  free                    | .             | .        | .    | turns | . | .       | .                     | .                 | . | . | . | .
reach-back-and-lower-slowly
  hands-on-arms           | bear          | .        | .    | .     | . | .       | .                     | rises             | . | . | . | .
  reaching-back           | .             | .        | .    | .     | . | folds   | .                     | rises             | . | . | . | .
foot-forward-weight-rock
  two-hands               | .             | .        | .    | .     | . | .       | .                     | rocks             | . | . | . | .
  fingertips              | .             | .        | .    | .     | . | .       | .                     | rocks             | . | . | . | .
step-to-the-side-and-look
  two-hands               | .             | .        | .    | turns | . | .       | .                     | steps             | . | . | . | .
  one-hand                | .             | .        | .    | turns | . | .       | .                     | steps             | . | . | . | .
car-turn
  small-steps             | .             | .        | .    | turns | . | .       | .                     | .                 | . | . | . | .
  large-steps             | .             | .        | .    | turns | . | out:w   | .                     | .                 | . | . | . | .
chair-to-half-kneel-and-back
  bending-only            | bear          | .        | .    | .     | . | .       | .                     | dips              | . | . | . | .
  to-the-cushion          | bear          | .        | .    | .     | . | .       | kneel:w deep:w        | rises dips floor  | . | . | . | .
side-lying-to-sitting
  to-the-elbow            | bear:o fore:w | .        | side | .     | . | .       | .                     | .                 | . | . | . | .
  to-sitting              | bear          | .        | side | .     | . | .       | .                     | .                 | . | . | . | .
all-fours-to-standing-at-a-chair
  to-the-kneel            | .             | .        | .    | .     | . | folds:o | .                     | floor             | . | . | . | .
  to-standing             | bear          | .        | .    | .     | . | .       | kneel:w deep:o deep:w | steps rises floor | . | . | . | .
crawl-to-the-chair
  two-steps               | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
  all-the-way             | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
hip-shuffle-on-the-floor
  rocking                 | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
  shuffling               | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | press shear
roll-call-and-keep-warm
  saying-it               | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
  doing-it                | .             | .        | .    | .     | . | .       | .                     | rolls             | . | . | . | .
across-the-bed-and-to-the-edge
  across                  | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
  to-the-edge             | bear          | .        | .    | .     | . | .       | .                     | rolls             | . | . | . | shear
forward-on-the-couch-feet-wide
  hips-forward            | bear          | .        | .    | .     | . | .       | .                     | .                 | . | . | . | shear
  leaning-over            | bear          | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | shear
rise-with-a-walker
  lean-and-push           | bear          | .        | .    | .     | . | folds   | .                     | .                 | . | . | . | .
  to-the-walker           | bear          | .        | .    | .     | . | folds   | .                     | steps rises       | . | . | . | .
brakes-footplates-feet-check
  with-a-helper           | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
  by-yourself             | .             | .        | .    | .     | . | .       | .                     | .                 | . | . | . | .
`);
