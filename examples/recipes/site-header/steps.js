// What its test does; `elastic-shell new --test` writes the rest around it.
named('Menu').click();
await until(() => document.querySelector('dialog')?.open === true);
find('dialog a').click();
await until(() => document.querySelector('dialog')?.open === false);
