// The steps of its test. `elastic-shell new --test` writes the rest.
named('Edit order').click();
await until(() => document.querySelector('dialog')?.open === true);
named('Cancel').click();
await until(() => document.querySelector('dialog')?.open === false);
