// With `?inspect` in the address the inspector is loaded, as in a development build. Its messages link to the
// pages of the site that is served beside the desk.
if (new URLSearchParams(location.search).has('inspect'))
  void import('elastic-shell/inspector').then(({ setDocuments }) => setDocuments('/'));

export {};
