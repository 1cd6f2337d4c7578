// The steps of its test. `elastic-shell new --test` writes the rest.
globalThis.fetch = async () => new Response(JSON.stringify([{ key: 'keel', label: 'Keel' }]));
const hull = () => document.querySelector('[role=treeitem]');
await until(() => hull() !== null);
press(hull(), 'ArrowRight');
await until(() => document.querySelectorAll('[role=treeitem]').length === 3);
