// Repeatable random numbers: a generator with a seed.

/** Returns a function that returns numbers from 0 to below 1, the same ones for the same seed. */
export function drawer(seed) {
  let state = seed || 1;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}
