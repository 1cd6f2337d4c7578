// A page for each diagnostic: the finding, why it matters, failing and fixed code, and the standard.
import { commentRules } from '../../packages/cli/dist/check/allowed.js';
import { codeBlock, escaped } from './markdown.mjs';
import { textOf } from './read.mjs';

/** The explanation and the code of each diagnostic, by its code: `{ why, blocks: [{ language, kind, text }] }`. */
function examplesIn(path) {
  const parts = textOf(path).split(/^## /m).slice(1);
  return new Map(
    parts.map((part) => {
      const [code, ...rest] = part.split('\n');
      const text = rest.join('\n');
      return [
        code,
        {
          why: text.split('```')[0].trim(),
          blocks: [...text.matchAll(/^```(\w+) (\w+)\n([\s\S]*?)^```$/gm)].map(
            ([, language, kind, block]) => ({ language, kind, text: block }),
          ),
        },
      ];
    }),
  );
}

/** The pages of all rules, and of all codes that the journal writes at run time. */
export function diagnosticPages({ rules, runtimeCodes }) {
  const examples = new Map([
    ...examplesIn('examples/diagnostics/rules.md'),
    ...examplesIn('examples/diagnostics/events.md'),
  ]);
  const all = [...rules, ...Object.values(commentRules), ...runtimeCodes];
  const index = {
    route: 'diagnostics/',
    title: 'All diagnostics',
    at: (to) => ({
      route: 'diagnostics/',
      title: 'All diagnostics',
      description: 'Everything that the journal and check report, with examples and remedies.',
      html: `<h1>All diagnostics</h1>
<p>The same rules run in the journal, in <code>elastic-shell check</code>, in ESLint and in tests.</p>
<div class="table" tabindex="0"><table><thead><tr><th>code</th><th>severity</th><th>finding</th></tr></thead><tbody>${all
        .map(
          ({ code, severity, summary }) =>
            `<tr><td><a href="${to(`diagnostics/${code}/`)}"><code>${code}</code></a></td><td>${severity}</td><td>${escaped(summary)}</td></tr>`,
        )
        .join('')}</tbody></table></div>`,
    }),
  };
  const twice = all.find(({ code }, at) => all.findIndex((other) => other.code === code) < at);
  if (twice) throw new Error(`two diagnostics have the code ${twice.code}, and so one address`);
  return [index, ...all.map((each) => pageOf(each, examples.get(each.code)))];
}

const kinds = { failing: 'Failing', fixed: 'Fixed', causes: 'Causes the entry', avoids: 'Avoids it' };
const section = (id, title, html) => (html ? `<h2 id="${id}">${title}</h2>${html}` : '');
const plain = (text) => escaped(text).replaceAll(/`([^`]+)`/g, '<code>$1</code>');

function pageOf({ code, severity, summary, clause, remedy }, example) {
  if (!example) throw new Error(`examples/diagnostics has no section “${code}”`);
  const route = `diagnostics/${code}/`;
  const blocks = example.blocks
    .map(({ kind, language, text }) => `<h3>${kinds[kind]}</h3>${codeBlock(text, language)}`)
    .join('');
  return {
    route,
    title: code,
    at: (to) => ({
      route,
      title: code,
      description: summary,
      headings: [],
      html: `<h1><code>${code}</code></h1>
<p class="lead">${escaped(summary)}</p>
<p class="soft">Severity: ${severity}. <a href="${to('diagnostics/')}">All diagnostics</a></p>
${section('why', 'Why', `<p>${plain(example.why)}</p>`)}
${section('what-to-do', 'What to do', remedy && `<p>${escaped(remedy)}</p>`)}
${section('example', 'Example', blocks)}
${section('standard', 'Standard', clause && `<p>${escaped(clause)}</p>`)}`,
    }),
  };
}
