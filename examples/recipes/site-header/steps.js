// The steps of its test. `elastic-shell new --test` writes the rest.
named('Menu').click();
await until(() => document.querySelector('dialog')?.open === true);
find('dialog a').click();
await until(() => document.querySelector('dialog')?.open === false);
