// The steps of its test. `elastic-shell new --test` writes the rest.
let answer = new Response(null, { status: 503 });
globalThis.fetch = async () => answer;
named('Strike order…').click();
await until(() => document.querySelector('dialog')?.open === true);
find('footer button:last-child').click();
await until(() => document.querySelector('[role=alert]')?.textContent?.includes('still stands') === true);
answer = new Response(null, { status: 204 });
find('footer button:last-child').click();
await until(() => document.querySelector('output')?.textContent === 'Struck.');
expect(document.querySelector('dialog')?.open).toBe(false);
