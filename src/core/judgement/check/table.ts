import type { Finding, Rule } from './finding';
import { armsLong } from './rules/arms-long';
import { balanceAfterRise } from './rules/balance-after-rise';
import { balanceJump } from './rules/balance-jump';
import { balanceSupport } from './rules/balance-support';
import { balanceTired } from './rules/balance-tired';
import { breathSchool } from './rules/breath-school';
import { cantSee } from './rules/cant-see';
import { chairWheels } from './rules/chair-wheels';
import { coldHold } from './rules/cold-hold';
import { cueLong } from './rules/cue-long';
import { curlSchool } from './rules/curl-school';
import { daysApart } from './rules/days-apart';
import { directionMissing } from './rules/direction-missing';
import { doseRange } from './rules/dose-range';
import { exitTired } from './rules/exit-tired';
import { floorTrips } from './rules/floor-trips';
import { footing } from './rules/footing';
import { holdStrain } from './rules/hold-strain';
import { kneelLong } from './rules/kneel-long';
import { laneGap } from './rules/lane-gap';
import { limitLoad } from './rules/limit-load';
import { limitsUnknown } from './rules/limits-unknown';
import { noSettle } from './rules/no-settle';
import { notForGroup } from './rules/not-for-group';
import { noWayThere } from './rules/no-way-there';
import { oneLegLong } from './rules/one-leg-long';
import { ownWordsAsk } from './rules/own-words-ask';
import { propChurn } from './rules/prop-churn';
import { propInHand } from './rules/prop-in-hand';
import { propMissing } from './rules/prop-missing';
import { restShort } from './rules/rest-short';
import { risePause } from './rules/rise-pause';
import { seatLong } from './rules/seat-long';
import { sideMissing } from './rules/side-missing';
import { sideUneven } from './rules/side-uneven';
import { slot } from './rules/slot';
import { standLong } from './rules/stand-long';
import { stretchTotal } from './rules/stretch-total';
import { supportBusy } from './rules/support-busy';
import { supportCount } from './rules/support-count';
import { tooNew } from './rules/too-new';
import { warmShort } from './rules/warm-short';
import { wayMissing } from './rules/way-missing';
import { wayOut } from './rules/way-out';
import { wristLong } from './rules/wrist-long';

/** Every check, by the name that findings and `accept` use. */
export const RULES = {
  'side-missing': sideMissing,
  'side-uneven': sideUneven,
  'direction-missing': directionMissing,
  'cold-hold': coldHold,
  'warm-short': warmShort,
  'floor-trips': floorTrips,
  'rise-pause': risePause,
  'balance-after-rise': balanceAfterRise,
  'exit-tired': exitTired,
  'no-way-there': noWayThere,
  'way-missing': wayMissing,
  'lane-gap': laneGap,
  'not-for-group': notForGroup,
  'limit-load': limitLoad,
  'limits-unknown': limitsUnknown,
  'balance-jump': balanceJump,
  'balance-support': balanceSupport,
  'balance-tired': balanceTired,
  'support-busy': supportBusy,
  'support-count': supportCount,
  'chair-wheels': chairWheels,
  'kneel-long': kneelLong,
  'wrist-long': wristLong,
  'one-leg-long': oneLegLong,
  'arms-long': armsLong,
  'stand-long': standLong,
  'seat-long': seatLong,
  'dose-range': doseRange,
  'rest-short': restShort,
  'stretch-total': stretchTotal,
  'hold-strain': holdStrain,
  'cue-long': cueLong,
  'cant-see': cantSee,
  'way-out': wayOut,
  'prop-missing': propMissing,
  'prop-churn': propChurn,
  'prop-in-hand': propInHand,
  footing: footing,
  'too-new': tooNew,
  slot: slot,
  'no-settle': noSettle,
  'breath-school': breathSchool,
  'own-words-ask': ownWordsAsk,
  'curl-school': curlSchool,
  'days-apart': daysApart,
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;
export const RULE_IDS = Object.keys(RULES) as RuleId[];

/** What a rule finds, with its own numbers and names. */
export type FindingOf<Id extends RuleId> =
  (typeof RULES)[Id] extends Rule<infer N, infer A> ? Finding<N, A> & { readonly id: Id } : never;
