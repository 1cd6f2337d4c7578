// `npm run prose`: lists sentences of documents, docstrings and messages with phrases that CONTRIBUTING.md advises against.
// `npm run prose -- --sample [COUNT] [--seed N]`: prints a random sample of sentences to read one by one. The default is 120 sentences.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { drawer } from './random.mjs';
import { root } from './setup.mjs';

/** Phrases that readers stumble over, by the rule that advises against them. */
const rules = {
  'a clause with "what" as a noun':
    /(^|[.;:,(] *|\b(of|for|by|to|with|and|from|in|on) )what (is|was|stands|opens|shows|has|comes|goes|it|others|may|must)\b/i,
  '"nobody", "somebody" or "whoever"': /\b(nobody|no one|somebody|whoever|whatever)\b/i,
  '"stand" for "be"': /\b(stands|stood)\b/i,
  '"hear" or "tell" for programs': /\b(is|are|was|be) (told|heard)\b|\bhears\b/i,
  '"answer" for "return"': /\banswers with\b/i,
  '"is no" with a noun': /\b(is|are|was) no [a-z]/i,
  '"else" in prose': /,? \belse\b(?! *[({:])/i,
  '"press outside"': /\bpress(es|ed)? outside\b/i,
};

/** The files with prose for users and contributors. Recorded output and generated files are left out. */
const files = () =>
  execFileSync('git', ['ls-files', '*.md', '*.ts', '*.tsx', '*.mjs', '*.svelte', '*.vue'], {
    cwd: root,
    encoding: 'utf8',
  })
    .split('\n')
    .filter(
      (file) => file && !/(^|\/)(test|CHANGELOG|LICENSE)|^docs\/(api|transcripts|conformance)/.test(file),
    );

/** The prose of a file: Markdown without code, or the comments and messages of a script. */
function proseOf(file, text) {
  if (file.endsWith('.md')) return text.replace(/^```[\s\S]*?^```/gm, '').replace(/^[|:\s-]+$/gm, '');
  const comments = [...text.matchAll(/\/\*\*?([\s\S]*?)\*\/|((?:^[ \t]*\/\/.*\n?)+)/gm)].map(
    ([, block, lines]) =>
      block !== undefined
        ? block.replace(/^[ \t]*\* ?/gm, '').replace(/^@(param|returns|throws) /gm, '\n$&')
        : lines.replace(/^[ \t]*\/\/ ?/gm, ''),
  );
  const messages = [...text.matchAll(/'((?:[^'\\\n]|\\.)*)'|`([^`]*)`/g)]
    .map(([, plain, template]) => plain ?? template)
    .filter((words) => /^[A-Z][^<>]* [^<>]*[.:]$/.test(words));
  return [...comments, ...messages].join('\n\n');
}

/** The sentences of a file with at least four words. */
function sentencesOf(file) {
  return proseOf(file, readFileSync(join(root, file), 'utf8'))
    .replace(/\n(?![\n@#|*-])/g, ' ')
    .split(/(?<=[.!?:])\s+|\n+|\s\|\s/)
    .map((sentence) => sentence.trim().replace(/^[#*|-]+\s*/, ''))
    .filter((sentence) => sentence.split(/\s+/).length > 3 && /[a-z]{3}/.test(sentence));
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { sample: { type: 'boolean' }, seed: { type: 'string', default: '1' } },
});
const all = files().flatMap((file) => sentencesOf(file).map((sentence) => ({ file, sentence })));
if (values.sample) {
  const next = drawer(Number(values.seed));
  const left = [...all];
  for (let count = 1; count <= Number(positionals[0] ?? 120) && left.length; count++) {
    const [{ file, sentence }] = left.splice(Math.floor(next() * left.length), 1);
    console.log(`${count}. ${file}: ${sentence}`);
  }
} else {
  const found = Object.fromEntries(Object.keys(rules).map((rule) => [rule, 0]));
  for (const { file, sentence } of all)
    for (const [rule, phrase] of Object.entries(rules))
      if (phrase.test(sentence.replace(/`[^`]*`/g, '`x`'))) {
        found[rule]++;
        console.log(`${file}: ${rule}: ${sentence}`);
      }
  console.log(`\n${all.length} sentences`);
  for (const [rule, count] of Object.entries(found)) console.log(`${String(count).padStart(5)} with ${rule}`);
}
