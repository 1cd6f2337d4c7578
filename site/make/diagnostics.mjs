// A page a diagnostic: what it means, by which standard, and what to do.
import { escaped } from './markdown.mjs';

/** The pages of all rules and of all codes that the journal writes at run time. */
export function diagnosticPages({ rules, runtimeCodes }) {
  const all = [
    ...rules.map(({ code, severity, summary: says, clause }) => ({ code, severity, says, clause })),
    ...runtimeCodes.map(({ code, severity, summary: says, remedy }) => ({ code, severity, says, remedy })),
  ];
  const index = {
    route: 'diagnostics/',
    title: 'Every diagnostic',
    at: (to) => ({
      route: 'diagnostics/',
      title: 'Every diagnostic',
      description: 'What the journal and the check find, and what to do.',
      html: `<h1>Every diagnostic</h1>
<p>The same rules speak in the page’s journal, in <code>elastic-shell check</code>, and in tests.</p>
<div class="table" tabindex="0"><table><thead><tr><th>code</th><th>severity</th><th>what it finds</th></tr></thead><tbody>${all
        .map(
          ({ code, severity, says }) =>
            `<tr><td><a href="${to(`diagnostics/${code}/`)}"><code>${code}</code></a></td><td>${severity}</td><td>${escaped(says)}</td></tr>`,
        )
        .join('')}</tbody></table></div>`,
    }),
  };
  const twice = all.find(({ code }, at) => all.findIndex((other) => other.code === code) < at);
  if (twice) throw new Error(`two diagnostics have the code ${twice.code}, and so one address`);
  return [index, ...all.map(pageOf)];
}

function pageOf({ code, severity, says, clause, remedy }) {
  const route = `diagnostics/${code}/`;
  const why = clause ? `<h2 id="standard">Standard</h2><p>${escaped(clause)}</p>` : '';
  const advice =
    remedy ??
    (clause &&
      'The message names the element, what was found there, and the nearest right word if there is one. Correct it there, and the message goes away.');
  const what = advice ? `<h2 id="what-to-do">What to do</h2><p>${escaped(advice)}</p>` : '';
  return {
    route,
    title: code,
    at: (to) => ({
      route,
      title: code,
      description: says,
      headings: [],
      html: `<h1><code>${code}</code></h1>
<p>${escaped(says)}</p>
<p class="soft">Severity: ${severity}. <a href="${to('diagnostics/')}">Every diagnostic</a></p>
${why}
${what}`,
    }),
  };
}
