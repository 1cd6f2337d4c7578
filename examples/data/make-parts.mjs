// Creates the parts of a boat as a tree of any size, from a seed: the same tree every time.
import { seeded } from './seeded.mjs';

const regions = ['Hull', 'Deck', 'Rig', 'Machinery', 'Electrics', 'Below'];
const systems = ['Frame', 'Skin', 'Fastenings', 'Fittings', 'Drainage', 'Controls', 'Spares'];
const sides = ['Forward', 'Amidships', 'Aft', 'Port side', 'Starboard side'];
const things = ['bracket', 'bolt', 'plank', 'hinge', 'valve', 'strap', 'cleat', 'bearing', 'gasket', 'pin'];
const stuffs = ['bronze', 'oak', 'larch', 'steel', 'brass', 'ash'];

/**
 * Returns a tree of `count` nodes in five levels: boat, regions, systems, sides, parts. Each node has a key,
 * a label and, except for parts, children.
 */
export function makeParts(count, seed = 7) {
  const random = seeded(seed);
  const pick = (list) => list[Math.floor(random() * list.length)];
  const sums = Math.max(1, Math.round(count / 90));
  const perRegion = Math.min(systems.length, Math.max(2, sums));
  const boat = { key: 'boat', label: 'The boat', children: [] };
  const places = [];
  let made = 1;
  regions.forEach((region, r) => {
    const one = { key: `p${r}`, label: region, children: [] };
    boat.children.push(one);
    made++;
    for (let s = 0; s < perRegion; s++) {
      const system = { key: `p${r}.${s}`, label: systems[(r + s) % systems.length], children: [] };
      one.children.push(system);
      made++;
      sides.slice(0, 2 + ((r + s) % 3)).forEach((side, at) => {
        const place = { key: `p${r}.${s}.${at}`, label: side, children: [] };
        system.children.push(place);
        places.push(place);
        made++;
      });
    }
  });
  for (let at = 0; made < count; at++, made++) {
    const place = places[at % places.length];
    const number = place.children.length + 1;
    const stuff = pick(stuffs);
    place.children.push({
      key: `${place.key}.${number}`,
      label: `${stuff[0].toUpperCase()}${stuff.slice(1)} ${pick(things)} ${number}`,
    });
  }
  return [boat];
}
