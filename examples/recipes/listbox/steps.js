// The steps of its test. `elastic-shell new --test` writes the rest.
await until(() => document.querySelector('[role=option]') !== null);
named('Ketch').click();
await until(() => document.querySelector('output')?.textContent === 'ketch');
