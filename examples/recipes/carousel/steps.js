// The steps of its test. `elastic-shell new --test` writes the rest.
expect(document.querySelector('section')?.getAttribute('aria-roledescription')).toBe('carousel');
expect(document.querySelectorAll('[aria-roledescription=slide]')).toHaveLength(3);
