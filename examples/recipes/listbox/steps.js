// What its test does; `elastic-shell new --test` writes the rest around it.
await until(() => document.querySelector('[role=option]') !== null);
named('Ketch').click();
await until(() => document.querySelector('output')?.textContent === 'ketch');
