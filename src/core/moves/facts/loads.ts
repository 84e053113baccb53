import type { Load } from '@/core/body';
import type { LevelLoad } from '../catalogue/shape';
import type { Fact, Told } from './form';

/** Told by where it is done, and by how long: no answer of the form speaks of it. */
type Elsewhere = 'by place' | 'by time';

/**
 * Which facts make each load. There is no load without a row: one that no fact makes says where it comes
 * from. Source: practice, reviewed as a physiotherapist and a master instructor would.
 */
export const LOAD_FACTS: Readonly<Record<Load, readonly Fact[] | Elsewhere>> = {
  'spine-flex-loaded': ['spine curl'],
  'spine-flex-end': ['spine round'],
  'spine-extend-end': ['spine arch'],
  'twist-end': ['spine twist'],
  'twist-loaded': ['spine torque'],
  'side-bend-end': ['spine side'],
  'trunk-lowered': ['spine hinge'],
  'neck-extend': ['neck back'],
  'neck-flex-end': ['neck chin'],
  'neck-end-range': ['neck end'],
  'hand-on-head': ['neck held'],
  'look-up': ['eyes up'],
  'head-turn': ['neck turns', 'neck quick'],
  'head-turn-fast': ['neck quick'],
  'head-below-heart': ['neck low'],
  'eyes-closed': ['eyes shut'],
  kneel: ['legs kneel'],
  'deep-knee': ['legs deep'],
  'low-seat': 'by place',
  'calf-stretch': ['legs calf'],
  'calf-work': ['legs raise'],
  'heel-toe-walk': ['legs tiptoe'],
  'hip-flex-past-90': ['hips folds'],
  'hip-extend-end': ['hips back'],
  'hip-cross-midline': ['hips cross'],
  'hip-rotate-in': ['hips in'],
  'hip-rotate-out': ['hips out'],
  'wide-adduct-stretch': ['hips wide'],
  'shoulder-overhead': ['arms over'],
  'arms-high-long': 'by time',
  'arms-off': ['arms off'],
  'shoulder-cross': ['arms cross'],
  'shoulder-behind': ['arms behind'],
  'shoulder-open-end': ['arms open'],
  'shoulder-weight': ['hands bear', 'hands fore'],
  'arm-pull': ['hands pull'],
  'wrist-weight': ['hands bear', 'hands lean'],
  'wrist-finger-stretch': ['hands stretch'],
  grip: ['hands grip', 'hands carry'],
  lift: ['hands carry'],
  standing: 'by place',
  'one-leg': ['base one'],
  'narrow-base': ['base narrow'],
  'moving-feet': ['base steps', 'base backs', 'base turns', 'base up'],
  'step-back': ['base backs'],
  'step-up': ['base up'],
  'turn-fast': ['base turns'],
  'weight-shift': ['base rocks'],
  'rise-or-lower': ['base rises', 'base dips'],
  'stand-still': 'by time',
  'hands-busy': ['hands busy'],
  'lean-out': ['base reach', 'base edge'],
  'half-off-seat': ['base edge'],
  'lie-back': 'by place',
  'lie-back-long': 'by time',
  'lie-front': 'by place',
  'lie-side': ['base onside'],
  'roll-over': ['base rolls'],
  'floor-transfer': ['base floor'],
  impact: ['work springs'],
  vigorous: ['work hard'],
  'isometric-long': ['work squeeze'],
  'much-work': 'by time',
  'breath-hold': ['breath waits'],
  'breath-counted': ['breath counts'],
  'two-tasks': ['mind two'],
  'abdominal-pressure': ['work belly'],
  'bare-foot': ['skin bare'],
  'skin-pressure': ['skin press'],
  'seat-shear': ['skin shear'],
  'band-tight': ['skin strap'],
};

const MADE: ReadonlyMap<Fact, readonly Load[]> = (() => {
  const made = new Map<Fact, Load[]>();
  for (const [load, facts] of Object.entries(LOAD_FACTS) as [Load, readonly Fact[] | Elsewhere][]) {
    if (typeof facts === 'string') continue;
    for (const fact of facts) made.set(fact, [...(made.get(fact) ?? []), load]);
  }
  return made;
})();

/** The loads that answers make, each once on each side that it is on. */
export function loadsMadeOf(told: readonly Told[]): readonly LevelLoad[] {
  const loads: LevelLoad[] = [];
  for (const { fact, on } of told) {
    for (const load of MADE.get(fact) ?? []) {
      if (!loads.some((one) => one.load === load && one.on === on)) loads.push({ load, on });
    }
  }
  return loads;
}
