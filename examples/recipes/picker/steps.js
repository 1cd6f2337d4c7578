// The steps of its test. `elastic-shell new --test` writes the rest.
globalThis.fetch = async () => new Response(JSON.stringify([{ key: 'red', label: 'red' }]));
const fields = document.querySelectorAll('button');
fields[0]?.click();
await until(() => document.querySelector('[role=option]') !== null);
find('[role=option]').click();
await until(() => fields[0]?.textContent?.includes('red') === true);
expect(fields[1]?.textContent).toContain('red');
