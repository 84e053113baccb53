import { printDuration } from '@/core/common';
import { RULES, RULE_IDS, RULE_SOURCES, type Rule } from '@/core/judgement';
import { LEAST_CONTACT } from '@/core/people';
import { RULE_FINDS, SEVERITY_NAMES, SOURCE_NAMES, ruleName } from '@/words/findings';
import { table } from './tables';

/** "mostOnceMs: 90000" as "most once 1:30". */
function valueWords(key: string, value: number): string {
  const [, name = key, unit] = /^(.*?)(Ms|Percent)?$/.exec(key) ?? [];
  const words = name.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  if (unit === 'Ms') return `${words} ${printDuration(value)}`;
  return `${words} ${value}${unit === 'Percent' ? ' %' : ''}`;
}

function ruleRow(id: (typeof RULE_IDS)[number]): readonly string[] {
  const rule: Rule = RULES[id];
  const values = Object.entries(rule.values).map(([key, value]) => valueWords(key, value));
  return [
    `\`${id}\``,
    ruleName(id),
    SEVERITY_NAMES[rule.severity].toLowerCase(),
    RULE_FINDS[id],
    values.join(' · ') || '–',
    rule.source,
    rule.mends ? 'yes' : 'no',
  ];
}

/** The page of docs/ that lists every check with its source and its working values. */
export function checksPage(): string {
  return `# Checks and least contact

This page is written by \`npm run docs\` from the code that does the work; a test sees that it is current.

The checks name what to look at. They diagnose nothing and clear nobody: a clinician, local rules and licensed practice have the last word.

## Checks
A *stop* says: do not lead it like this. A *caution* asks for a look, a *note* is worth knowing. The severity is the usual one; the last words of a rule say where it differs. A caution that the instructor accepts on its line (\`accept ID "why"\`) stands as a note with their reason; a stop stays a stop. A mend is only offered where it silences the finding and adds no stop and no caution.

${table(['id', 'check', 'severity', 'finds', 'working values', 'source', 'mend'], RULE_IDS.map(ruleRow))}

Sources:
${RULE_SOURCES.map((source) => `- \`${source}\`: ${SOURCE_NAMES[source]}`).join('\n')}

## Limits
What each limit rules out or asks care for, for every load, stands in [limits](limits.md), read both ways.

## Least contact in balance
Hover is no contact. A chair, wall or counter stays in reach always. With eyes closed or looking up, older groups do not stand in tandem.

${table(
  ['', 'apart, together', 'semi-tandem', 'tandem', 'one leg'],
  Object.entries(LEAST_CONTACT).map(([challenge, contacts]) => [
    challenge,
    ...contacts.map((contact) => (contact === 'not-used' ? 'not used' : contact)),
  ]),
)}
`;
}
