import type { RuleId } from '@/core/judgement';

/** What each check looks for, for the page that lists them. */
export const RULE_FINDS: Readonly<Record<RuleId, string>> = {
  'side-missing':
    'a move for each side that is done on one side only, with no reason written and no limit that takes the side away',
  'side-uneven':
    'more work on one side than on the other, over the whole routine or for one region, beyond planned differences',
  'direction-missing':
    'a back or desk routine that leaves out a direction of the spine; what a limit rules out is not asked for',
  'cold-hold':
    'a long hold at end of range before enough movement in all and for that region: a note at mild tension, a caution at strong',
  'warm-short': 'too little movement before main, or too short a settle, in a long class',
  'floor-trips':
    'more trips to the floor than a lane should make; older and chair paces none without a floor lane',
  'rise-pause':
    'coming up from lying with a shorter pause than the pace’s or a limit’s: a stop for older groups',
  'balance-after-rise':
    'balance soon after coming up from lying or from a low head: a stop for older groups',
  'exit-tired': 'the way up from the floor right after long leg work',
  'no-way-there': 'a lane without a way to a position whose loads its people may bear',
  'way-missing':
    'somebody whose way of taking part the routine lacks: they take the nearest that asks less (caution), or rest (stop)',
  'lane-gap': 'a lane with nothing to do for an item',
  'limit-load': 'a load that a limit rules out (stop) or that needs care (caution)',
  'limits-unknown':
    'people whose limits were never asked; older groups are then checked by the first row of the table of limits',
  'balance-jump': 'a balance drill beyond the next rung of somebody in the lane',
  'balance-support': 'less contact than the table of least contact asks for',
  'balance-tired': 'balance after tiring leg work in the same routine',
  'support-busy':
    'arm work that leaves fewer hands than the support needs: a stop for older groups',
  'support-count': 'more chairs, walls, rails or mats needed at once than the room has',
  'chair-wheels': 'rising, scooting or holding on where every chair has wheels',
  'kneel-long': 'long on the knees, in one go or in all',
  'wrist-long': 'long on the hands in all-fours or plank, in one go or in all',
  'one-leg-long': 'long on one leg with no foot down',
  'arms-long': 'hands long above the shoulders; shorter with heart, lung or shoulder limits',
  'stand-long': 'long on the feet without a seat: older groups, and limits that ask for one',
  'seat-long': 'long in a wheelchair without leaning forward or to each side',
  'dose-range': 'a dose outside its move’s range',
  'not-for-group':
    'a level that is not for this group, such as a curl-up or a dip for older adults',
  'own-words-ask':
    'own words that ask for what the level does not, such as closing the eyes or holding the breath',
  'rest-short': 'too little rest between sets of strength, in older and chair groups',
  'stretch-total': 'too little or too much stretch for a muscle group in one class',
  'hold-strain':
    'a long press or effort held; shorter with heart or blood-pressure limits, and then a stop',
  'cue-long': 'a go-cue that can’t be said before the count-down, in its short form either',
  'cant-see':
    'a cue that asks for a look where nobody can look; a caution where somebody hears little',
  'way-out': 'a twist, a propped position or a long hold without a way-out cue',
  'prop-missing': 'a prop that the room does not have, nor anything that does its job',
  'prop-churn': 'a prop that is put away and fetched again',
  'prop-in-hand': 'rising or going down with a weight, a stick or a strap in hand',
  footing: 'socks on a smooth floor, and feet that need closed flat shoes',
  'too-new': 'many new moves at once for an older class',
  slot: 'longer or shorter than the slot',
  'no-settle': 'nothing in settle, or an end on effort',
  'breath-school': 'a cue against the routine’s way of breathing',
  'curl-school': 'curl-ups where the school says never, or where a limit rules them out',
  'days-apart': 'strength for the same muscles too soon after the last class',
};
