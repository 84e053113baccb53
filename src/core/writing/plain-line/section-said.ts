import type { SectionName } from '@/core/routine';

/** What people head the parts of a class with. */
const HEADS: readonly (readonly [SectionName, RegExp])[] = [
  [
    'warm-up',
    /^(?:the )?(?:warm(?:ing)?[ -]?ups?|start(?:ing)?(?: up)?|opening|arriv(?:al|e|ing)|welcome|wake[ -]?up|mobili[sz]ation|loosen(?:ing)?(?:[ -]up)?)$/u,
  ],
  [
    'settle',
    /^(?:the )?(?:settl(?:e|ing)(?:[ -]down)?|(?:cool(?:ing)?|warm(?:ing)?|wind(?:ing)?|calm(?:ing)?)[ -]?downs?|clos(?:e|ing)|finish(?:ing)?|relax(?:ation|ing)?|ending?|the end)$/u,
  ],
  [
    'main',
    /^(?:the )?(?:main(?: (?:part|section|set|bit|class|work))?|middle|exercises?|work(?:out)?|body|class|strength(?: work)?|standing(?: (?:part|section|work|exercises))?|seated(?: (?:part|section|work|exercises))?|floor(?: (?:part|section|work|exercises))?|balance(?: (?:part|section|work|exercises))?|stretch(?:es|ing)?(?: (?:part|section))?|cardio|legs|arms|upper body|lower body|part (?:one|two|three|\d))$/u,
  ],
];

/** Only words that are no part of a plan's heading otherwise put people there by themselves. */
const PLAIN = /^(?:warm-?up|main|settle|cool-?down)$/u;

/**
 * The section that a heading names, without its time; undefined where it is none.
 */
export function sectionHeaded(line: string): SectionName | undefined {
  const words = line
    .toLowerCase()
    .replace(/^[\s#*_=\-•\d.)]+/u, '')
    .replace(/[([]?\s*\d+(?:\s*[-–]\s*\d+)?\s*(?:min(?:ute)?s?|m|')\s*[)\]]?/gu, ' ')
    .replace(/\b\d+:\d\d\b/gu, ' ')
    .replace(/[^\p{L}\d -]+/gu, ' ')
    .replace(/\s+/gu, ' ')
    .replace(/^[ -]+|[ -]+$/gu, '');
  return HEADS.find(([, head]) => head.test(words))?.[0];
}

/** A section typed into the line for adding, alone or before what goes into it. */
export interface SectionSaid {
  readonly section: SectionName;
  readonly rest: string;
}

/**
 * Takes `settle` or `warm-up: march 1 min` apart; undefined where a line names no section.
 */
export function sectionSaid(typed: string): SectionSaid | undefined {
  const [, word = '', colon = '', rest = ''] =
    /^\s*([\p{L}]+(?:[ -][\p{L}]+)?)\s*(:?)\s*(.*)$/u.exec(typed) ?? [];
  const plain = word.toLowerCase().replace(' ', '-');
  if (!PLAIN.test(plain) || (rest !== '' && colon === '')) return undefined;
  const section = sectionHeaded(word);
  return section && { section, rest: rest.trim() };
}
