// The steps of its test. `elastic-shell new --test` writes the rest.
named('Sections').click();
await until(() => document.querySelector('dialog')?.open === true);
named('Close').click();
await until(() => document.querySelector('dialog')?.open === false);
expect(document.activeElement).toBe(named('Sections'));
