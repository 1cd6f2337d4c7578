// The steps of its test. `elastic-shell new --test` writes the rest.
named('Tide times').click();
await until(() => document.querySelector('dialog')?.open === true);
press(document.activeElement, 'Escape');
await until(() => document.querySelector('dialog')?.open === false);
expect(document.activeElement).toBe(named('Tide times'));
