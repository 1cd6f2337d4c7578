// The style sheet of the inspector, for its shadow tree. It follows the page's colour scheme.

/** The style sheet. */
export const look = `
:host {
  all: initial !important;
  position: fixed !important;
  inset: 0 !important;
  display: block !important;
  inline-size: 100vw !important;
  block-size: 100dvh !important;
  max-inline-size: none !important;
  max-block-size: none !important;
  overflow: clip !important;
  pointer-events: none !important;
  background: none !important;
  border: 0 !important;
  margin: 0 !important;
  padding: 0 !important;
  color-scheme: light dark !important;
  outline: none !important;
}
:host::backdrop { display: none !important; }
* { box-sizing: border-box; }
[hidden] { display: none !important; }
.all {
  --surface: light-dark(#fcfbf8, #1d1f24);
  --sunken: light-dark(#f2f0ea, #15171b);
  --text: light-dark(#23211c, #e9e7e1);
  --soft: light-dark(#5d594f, #aaa79e);
  --line: light-dark(#d9d5ca, #383b43);
  --edge: light-dark(#8d887b, #747885);
  --accent: light-dark(#6a3fa0, #c4a6f2);
  --on-accent: light-dark(#ffffff, #1b1028);
  --bad: light-dark(#a3271a, #ff9c8c);
  --mark: light-dark(#eae1f6, #3a2f4d);
  font: 400 13px/1.45 system-ui, sans-serif;
  color: var(--text);
}
.call, .panel { pointer-events: auto; }
.call {
  position: fixed;
  inset-block-end: 0.75rem;
  inset-inline-end: 0.75rem;
  inline-size: 2.25rem;
  block-size: 2.25rem;
  border: 1px solid var(--edge);
  border-radius: 50%;
  background: var(--surface);
  color: var(--accent);
  font: 700 1.05rem/1 system-ui, sans-serif;
  box-shadow: 0 2px 8px rgb(0 0 0 / 25%);
  cursor: pointer;
  padding: 0;
}
.all[data-side='start'] .call { inset-inline: 0.75rem auto; }
.panel {
  position: fixed;
  inset-block: 0;
  inset-inline: auto 0;
  inline-size: min(27rem, 100vw);
  background: var(--surface);
  border-inline-start: 1px solid var(--edge);
  box-shadow: 0 0 1.5rem rgb(0 0 0 / 22%);
}
.all[data-side='start'] .panel { inset-inline: 0 auto; border-inline: 0 1px solid var(--edge); }
.all[data-side='below'] .panel { inset: auto 0 0; inline-size: 100vw; block-size: min(22rem, 45dvh); border-inline: 0; border-block-start: 1px solid var(--edge); }
.all[data-side='float'] .panel { inset: auto; inset-block-end: 0.75rem; inset-inline-end: 0.75rem; inline-size: min(25rem, 100vw - 1.5rem); block-size: min(34rem, 70dvh); border: 1px solid var(--edge); border-radius: 0.5rem; box-shadow: 0 1rem 2.5rem rgb(0 0 0 / 30%); overflow: clip; }
.all[data-side='below'] .split { flex-direction: row; }
.all[data-side='below'] .split > .tree { border-block-end: 0; border-inline-end: 1px solid var(--line); }
.inside { display: flex; flex-direction: column; block-size: 100%; }
@media (pointer: coarse) { footer { display: none; } }
@media (max-width: 40rem) {
  .panel, .all[data-side='start'] .panel {
    inset: auto 0 0;
    inline-size: 100vw;
    block-size: 62dvh;
    border-inline: 0;
    border-block-start: 1px solid var(--edge);
  }
}
header { display: flex; align-items: center; gap: 0.375rem; padding: 0.5rem 0.75rem 0.25rem; }
h2 { font: 600 0.95rem/1.2 system-ui, sans-serif; margin: 0; margin-inline-end: auto; }
h3 { font: 600 0.8125rem/1.3 system-ui, sans-serif; margin: 0.85rem 0 0.3rem; }
h3:first-child { margin-block-start: 0.15rem; }
p { margin: 0.25rem 0; }
button, select, input {
  font: inherit;
  color: inherit;
  background: var(--surface);
  border: 1px solid var(--edge);
  border-radius: 0.25rem;
  padding: 0.15rem 0.5rem;
  min-block-size: 1.75rem;
}
button { cursor: pointer; }
button:hover { background: var(--sunken); }
button[aria-pressed='true'] { background: var(--accent); color: var(--on-accent); border-color: var(--accent); }
button.quiet { border-color: transparent; background: none; color: var(--accent); text-decoration: underline; padding-inline: 0.2rem; }
button.icon { inline-size: 1.75rem; padding: 0; display: inline-grid; place-items: center; }
:focus-visible { outline: 2px solid var(--accent); outline-offset: 1px; }
a { color: var(--accent); }
code { font: 0.8125rem/1.4 ui-monospace, monospace; }
.views { flex: 1; min-block-size: 0; display: flex; flex-direction: column; }
[role='tablist'] { display: flex; gap: 0.1rem; padding-inline: 0.5rem; border-block-end: 1px solid var(--line); overflow-x: auto; scrollbar-width: none; flex: none; }
[role='tab'] { border: 0; border-block-end: 2px solid transparent; border-radius: 0; background: none; padding: 0.3rem 0.55rem; white-space: nowrap; color: var(--soft); outline-offset: -2px !important; }
[role='tab'][aria-selected='true'] { color: var(--text); font-weight: 600; border-block-end-color: var(--accent); }
[role='tab'] .count { font-size: 0.75rem; color: var(--bad); font-weight: 600; margin-inline-start: 0.2rem; }
[role='tabpanel'] { flex: 1; min-block-size: 0; overflow: auto; padding: 0.6rem 0.75rem 1.25rem; overscroll-behavior: contain; }
[role='tabpanel']:has(> .split) { overflow: hidden; padding: 0; }
footer { padding: 0.3rem 0.75rem; color: var(--soft); font-size: 0.75rem; border-block-start: 1px solid var(--line); }
kbd { font: 600 0.75rem/1.3 ui-monospace, monospace; background: var(--sunken); border: 1px solid var(--line); border-radius: 0.2rem; padding: 0 0.3rem; white-space: nowrap; }
.soft { color: var(--soft); }
.bad { color: var(--bad); }
.row { display: flex; flex-wrap: wrap; gap: 0.375rem; align-items: center; }
.split { display: flex; flex-direction: column; block-size: 100%; }
.split > .tree { flex: 0 1 45%; min-block-size: 6rem; overflow: hidden; border-block-end: 1px solid var(--line); }
.split > .about { flex: 1 1 55%; overflow: auto; padding: 0.5rem 0.75rem 1rem; }
[role='tree'] { block-size: 100%; max-block-size: none; overflow: auto; position: relative; overflow-anchor: none; outline-offset: -2px; }
[data-rows] { position: relative; block-size: var(--shell-size, auto); }
[data-windowed] [data-row], [data-away] { position: absolute; inset-block-start: var(--shell-top); inset-inline: 0; }
[role='treeitem'] { display: flex; gap: 0.4rem; align-items: baseline; padding: 0.15rem 0.75rem; padding-inline-start: calc(0.75rem + (var(--shell-level, 1) - 1) * 1rem); white-space: nowrap; overflow: hidden; text-overflow: ellipsis; cursor: default; outline-offset: -2px; }
[role='treeitem']:not([aria-expanded]) { padding-inline-start: calc(1.85rem + (var(--shell-level, 1) - 1) * 0.5rem); }
[role='treeitem']:hover { background: var(--sunken); }
[role='treeitem'][aria-selected='true'] { background: var(--mark); }
[role='treeitem'][aria-expanded]::before { content: '▸'; inline-size: 0.7rem; color: var(--soft); }
[role='treeitem'][aria-expanded='true']::before { content: '▾'; }
table { border-collapse: collapse; inline-size: 100%; }
th, td { text-align: start; vertical-align: top; padding: 0.15rem 0.5rem 0.15rem 0; border-block-end: 1px solid var(--line); font-weight: 400; overflow-wrap: anywhere; }
th { color: var(--soft); inline-size: 8.5rem; }
td:last-child { padding-inline-end: 0; }
tr[data-idle] td { color: var(--soft); }
ol, ul { list-style: none; margin: 0; padding: 0; }
li { padding-block: 0.4rem; border-block-end: 1px solid var(--line); }
li > .facts { color: var(--soft); }
li.page-order { padding-block: 0.15rem; display: flex; gap: 0.5rem; align-items: baseline; }
.number { flex: none; inline-size: 1.75rem; text-align: end; font: 600 0.75rem/1.4 ui-monospace, monospace; color: var(--accent); }
details > summary { cursor: pointer; color: var(--soft); }
.said { font-size: 1rem; background: var(--sunken); border-inline-start: 3px solid var(--accent); padding: 0.5rem 0.65rem; margin-block: 0.35rem; overflow-wrap: anywhere; }
textarea { inline-size: 100%; min-block-size: 8rem; font: 0.75rem/1.4 ui-monospace, monospace; color: inherit; background: var(--sunken); border: 1px solid var(--edge); }
.marks { position: fixed; inset: 0; overflow: clip; pointer-events: none; }
.marks svg { position: absolute; inset: 0; inline-size: 100%; block-size: 100%; overflow: visible; }
.box { fill: light-dark(rgb(106 63 160 / 12%), rgb(196 166 242 / 18%)); stroke: var(--accent); stroke-width: 2; }
.box[data-part] { fill: none; stroke-dasharray: 4 3; stroke-width: 1.5; }
.way { fill: none; stroke: var(--accent); stroke-width: 1.5; stroke-opacity: 0.75; }
.dot { fill: var(--accent); stroke: var(--on-accent); }
.dot[data-bad] { fill: var(--bad); }
.dot + text, .tag { fill: var(--on-accent); font: 700 11px/1 ui-monospace, monospace; }
.dot + text { text-anchor: middle; dominant-baseline: central; }
.under { fill: var(--accent); }
@media (forced-colors: active) {
  .box, .way { stroke: Highlight; }
  [role='tab'][aria-selected='true'] { border-block-end-color: Highlight; }
  [role='treeitem'][aria-selected='true'] { background: Highlight; color: HighlightText; forced-color-adjust: none; }
}
@media (prefers-reduced-motion: no-preference) {
  .panel { animation: come 140ms ease-out; }
  @keyframes come { from { opacity: 0; } }
}
`;
