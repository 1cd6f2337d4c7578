// With `?inspect` in the address the inspector is there, as in a build for development. Its messages lead to the pages of the site that
// is served beside the desk.
if (new URLSearchParams(location.search).has('inspect'))
  void import('elastic-shell/inspector').then(({ setDocuments }) => setDocuments('/'));

export {};
