import type { Region } from '@/core/body';
import { foldName, propNamed, type Catalogue, type Move, type MoveKind } from '@/core/moves';
import { limitsNamed, type LaneName, type LimitName } from '@/core/people';
import { findMoves, type Wanted, type Where } from './find-moves';
import { movesOfOwnWords, type OwnWordsKnown } from '../plain-line/own-words';
import { namesHold } from './search';

/** What a search says of bodies, places, things and people, besides words that name a move. */
export interface SaidWanted {
  readonly regions: readonly Region[];
  readonly where: Where | undefined;
  readonly kind: MoveKind | undefined;
  readonly prop: Wanted['prop'];
  readonly limits: readonly LimitName[];
  readonly lane: LaneName | undefined;
  /** What is left to be found in names. */
  readonly words: string;
}

const FILLERS = new Set(
  'a an the for with without in on at of to and or who whom is are be can somebody someone people person those moves move exercise exercises stretches work something good stiff tight tense weak easy gentle best any that not my your'.split(
    ' ',
  ),
);

const BODY: readonly (readonly [RegExp, readonly Region[]])[] = [
  [/^necks?$/u, ['neck']],
  [/^jaws?$/u, ['jaw']],
  [/^shoulders?$/u, ['shoulders']],
  [/^chests?$/u, ['chest']],
  [/^arms?$/u, ['arms']],
  [/^(?:wrists?|hands?|fingers?|thumbs?)$/u, ['wrists-hands']],
  [/^(?:backs?|spine)$/u, ['upper-back', 'low-back']],
  [/^(?:upper backs?|thoracic)$/u, ['upper-back']],
  [/^(?:low(?:er)? backs?|lumbar)$/u, ['low-back']],
  [/^(?:ribs?|sides?|waist)$/u, ['ribs-sides']],
  [/^(?:bell(?:y|ies)|tummy|abs|abdomen|core|stomach)$/u, ['abdomen']],
  [/^(?:buttocks?|bottoms?|bums?|glutes?)$/u, ['buttocks']],
  [/^hips?$/u, ['hip-front', 'hip-outer', 'buttocks']],
  [/^hip flexors?$/u, ['hip-front']],
  [/^(?:inner thighs?|groins?|adductors?)$/u, ['inner-thigh']],
  [/^(?:quads?|front thighs?|knees?)$/u, ['front-thigh']],
  [/^(?:hamstrings?|hams|hammies|back thighs?)$/u, ['back-thigh']],
  [/^thighs?$/u, ['inner-thigh', 'front-thigh', 'back-thigh']],
  [/^(?:calf|calves|achilles)$/u, ['calf']],
  [/^(?:ankles?|foot|feet|toes?)$/u, ['ankles-feet']],
  [/^legs?$/u, ['front-thigh', 'back-thigh', 'calf', 'ankles-feet']],
];
const PLACES: readonly (readonly [RegExp, Where])[] = [
  [/^(?:seated|sitting|sit|chairs?|desk)$/u, 'seated'],
  [/^(?:standing|stand|upright)$/u, 'standing'],
  [/^(?:floor|mat|lying|supine|prone)$/u, 'floor'],
  [/^(?:kneeling|all fours)$/u, 'kneeling'],
];
const LANES: readonly (readonly [RegExp, LaneName])[] = [
  [/^wheelchairs?$/u, 'wheelchair'],
  [/^(?:holds on|hold on|holding on)$/u, 'stand-held'],
  [/^(?:walkers?|frames?)$/u, 'walker'],
  [/^beds?$/u, 'bed'],
  [/^(?:couch|sofa|settee)$/u, 'couch'],
];
const KINDS: readonly (readonly [RegExp, MoveKind])[] = [
  [/^(?:balance|steady|falls?)$/u, 'balance'],
  [/^(?:strength|strengthening|strong)$/u, 'strength'],
  [/^(?:stretch|stretching)$/u, 'stretch'],
  [/^(?:mobility|loosen|loosening)$/u, 'mobility'],
  [/^(?:breath|breathing)$/u, 'breath'],
  [/^(?:transfers?|getting up)$/u, 'transfer'],
];
/** Things by everyday names that are nothing else. */
const THINGS: ReadonlyMap<string, string> = new Map([
  ['towel', 'strap'],
  ['belt', 'strap'],
  ['armrests', 'armrest'],
]);

const meant = <T>(table: readonly (readonly [RegExp, T])[], run: string): T | undefined =>
  table.find(([said]) => said.test(run))?.[1];

/** Reads a search in any order of words; the longest runs first. */
export function readSearch(words: string): SaidWanted {
  const tokens = foldName(words)
    .split(/[^\p{L}\p{N}’'-]+/u)
    .filter(Boolean);
  const said: { -readonly [K in keyof SaidWanted]: SaidWanted[K] } = {
    ...{ regions: [], where: undefined, kind: undefined, prop: undefined },
    ...{ limits: [], lane: undefined, words: '' },
  };
  const left: string[] = [];
  for (let i = 0; i < tokens.length;) {
    const taken = [3, 2, 1].find(
      (count) => i + count <= tokens.length && takes(said, tokens.slice(i, i + count)),
    );
    const token = tokens[i] ?? '';
    if (!taken && !FILLERS.has(token)) left.push(token);
    i += taken ?? 1;
  }
  return { ...said, words: left.join(' ') };
}

function takes(
  said: { -readonly [K in keyof SaidWanted]: SaidWanted[K] },
  tokens: readonly string[],
): boolean {
  const run = tokens.join(' ');
  const lane = meant(LANES, run);
  if (lane) {
    said.lane = lane;
    return true;
  }
  const regions = meant(BODY, run);
  if (regions) {
    said.regions = [...new Set([...said.regions, ...regions])];
    return true;
  }
  const where = meant(PLACES, run);
  const kind = meant(KINDS, run);
  const prop = propNamed(THINGS.get(run) ?? run);
  if (where) said.where = where;
  else if (kind) said.kind = kind;
  else if (prop) said.prop = prop;
  if (where || kind || prop) return true;
  // A part of the body alone is where it is wanted; with its trouble it is what to keep clear of.
  const isTrouble = !FILLERS.has(tokens[0] ?? '') && !tokens.every((one) => meant(BODY, one));
  const limits = isTrouble ? limitsNamed(run) : [];
  said.limits = [...new Set([...said.limits, ...limits.map(({ limit }) => limit)])];
  return limits.length > 0;
}

export interface Search {
  readonly moves: readonly Move[];
  /** What the words were taken for, where they name no move by themselves. */
  readonly said: SaidWanted | undefined;
}

/**
 * The moves that a search finds: by name where its words stand in one, else by the regions, places,
 * things, limits and ways of taking part that it speaks of.
 */
export function searchSaid(catalogue: Catalogue, wanted: Wanted, own: OwnWordsKnown = {}): Search {
  const found = searchWithoutOwn(catalogue, wanted);
  const mine = movesOfOwnWords(own, wanted.words ?? '');
  if (mine.length === 0) return found;
  const fits = findMoves(catalogue, { ...wanted, words: '' }).filter(({ id }) => mine.includes(id));
  fits.sort((a, b) => mine.indexOf(a.id) - mine.indexOf(b.id));
  return { ...found, moves: [...fits, ...found.moves.filter((move) => !fits.includes(move))] };
}

function searchWithoutOwn(catalogue: Catalogue, wanted: Wanted): Search {
  const words = wanted.words ?? '';
  const byName = findMoves(catalogue, wanted);
  if (words.trim() === '' || byName.some((move) => namesHold(move, words))) {
    return { moves: byName, said: undefined };
  }
  const said = readSearch(words);
  const { regions, words: left, limits, ...more } = said;
  const isSaid = Object.values(more).some(Boolean) || regions.length + limits.length > 0;
  if (!isSaid) return { moves: byName, said: undefined };
  const given = Object.fromEntries(Object.entries(more).filter(([, value]) => value !== undefined));
  const moves = findMoves(catalogue, {
    ...wanted,
    ...given,
    words: left,
    limits: [...(wanted.limits ?? []), ...limits],
  }).filter((move) => regions.length === 0 || regions.some((one) => move.regions.includes(one)));
  return { moves: moves.length > 0 ? moves : byName, said: moves.length > 0 ? said : undefined };
}
