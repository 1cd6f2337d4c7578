// What its test does; `elastic-shell new --test` writes the rest around it.
named('Edit order').click();
await until(() => document.querySelector('dialog')?.open === true);
named('Cancel').click();
await until(() => document.querySelector('dialog')?.open === false);
