// The simulated office of the yard: it responds to the requests of recipes, without a network. With `?fails`
// in the address the first request fails.

const boats = [
  { key: 'curlew', label: 'Curlew', description: 'cutter' },
  { key: 'plover', label: 'Plover', description: 'sloop' },
  { key: 'dunlin', label: 'Dunlin', description: 'ketch' },
];
const pennants = ['red', 'white', 'blue', 'green', 'ochre', 'black'].map((key) => ({ key, label: key }));
const parts = [
  { key: 'planks', label: 'Planks' },
  { key: 'keel', label: 'Keel' },
];

let fails = new URLSearchParams(location.search).has('fails');

/** Responds to a request for an address that begins with `/yard/`. */
function answer(address: URL, method: string): Response {
  if (fails) {
    fails = false;
    return new Response(null, { status: 503 });
  }
  const [, , kind] = address.pathname.split('/');
  const query = (address.searchParams.get('q') ?? '').toLowerCase();
  if (kind === 'boats')
    return Response.json(boats.filter(({ label }) => label.toLowerCase().includes(query)));
  if (kind === 'pennants') return Response.json(pennants);
  if (kind === 'parts') return Response.json(parts);
  if (kind === 'papers') return new Response('The survey of last spring, and the bill of sale.');
  return new Response(null, { status: method === 'GET' ? 404 : 204 });
}

const real = window.fetch.bind(window);
window.fetch = async (input, init) => {
  const address = new URL(input instanceof Request ? input.url : input, location.href);
  if (!address.pathname.startsWith('/yard/')) return real(input, init);
  await new Promise((done) => setTimeout(done, 60));
  init?.signal?.throwIfAborted();
  return answer(address, init?.method ?? 'GET');
};
