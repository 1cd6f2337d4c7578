// Creates the yard's data from one seed: `npm run data` writes the same files every time. All of it is
// invented.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { makeParts } from './make-parts.mjs';
import { seeded } from './seeded.mjs';

const random = seeded(20261);
const pick = (list) => list[Math.floor(random() * list.length)];
const between = (low, high) => low + random() * (high - low);
const round = (value, places = 1) => Number(value.toFixed(places));

const colours = ['ochre', 'teal', 'brick', 'slate', 'bone', 'plum'];
const shapes = ['swallowtail', 'triangle', 'square', 'burgee'];

const boatNames = [
  'Marsh Lark',
  'Patient Tern',
  'Second Wind of Ebb',
  'Copper Kettle',
  'Little Tithe',
  'Sandpiper’s Debt',
  'Grey Hester',
  'Nine Lamps',
  'Wherrygate',
  'Slow Thursday',
  'Bramble Jack',
  'Old Penance',
  'Heron’s Ledger',
  'Thimblewick',
  'Reedmace',
  'Low Lantern',
  'Quiet Argument',
  'Withy Ann',
  'Spindrift Annie',
  'Mudlark II',
  'Kestrel Mere',
  'Tuppenny Blue',
  'Eelpie Jane',
  'Saltmarsh Rose',
];
const kinds = ['smack', 'yawl', 'motor launch', 'barge', 'day sailer', 'ketch', 'workboat'];

const berths = Array.from({ length: 10 }, (_, at) => ({
  id: at < 7 ? `B${at + 1}` : `S${at - 6}`,
  name: at < 7 ? `Berth ${at + 1}` : `Slip ${at - 6}`,
  depth: round(between(0.4, 3.2)),
  state: ['free', 'taken', 'taken', 'taken', 'closed'][Math.floor(random() * 5)],
  sentence: [
    'Lies along the old quay wall; dries to mud at springs.',
    'The deep one, kept for boats that cannot take the ground.',
    'Nearest the crane and loudest when it works.',
    'Sheltered from the west by the sail loft.',
    'Good holding, poor ladder.',
    'Power and water; the tap is slow in August.',
    'Outermost; feels the wash of everything that passes.',
    'Timber cradle, up to nine tonnes.',
    'Long slip with a winch, for barges.',
    'Concrete ramp, for trailers and launches.',
  ][at],
}));

const boats = boatNames.map((name, at) => ({
  id: `boat-${at + 1}`,
  name,
  kind: pick(kinds),
  length: round(between(4.6, 18.4)),
  draught: round(between(0.5, 2.4)),
  owner: `${pick([...'ABCDEFGHJKLM'])}. ${pick([...'NPRSTVW'])}.`,
  berth: berths[at % berths.length].id,
  pennant: { shape: shapes[at % shapes.length], field: colours[at % 6], mark: colours[(at * 2 + 1) % 6] },
}));

const groups = {
  Hull: ['shipwright', 'caulker', 'laminator', 'painter'],
  Rig: ['rigger', 'sailmaker', 'splicer'],
  Machinery: ['engine fitter', 'electrician', 'plumber', 'welder'],
  Yard: ['crane hand', 'launch hand', 'surveyor'],
};
const trades = Object.entries(groups).flatMap(([group, names]) => names.map((name) => ({ name, group })));

const crew = [
  'Odile Farrow',
  'Bram Tansley',
  'Ines Quarrie',
  'Tobit Marl',
  'Wen Halloway',
  'Petra Sedge',
  'Cosmo Ridd',
  'Hanne Vole',
  'Jory Pellow',
  'Mabel Strand',
  'Ewan Thrift',
  'Lupe Garrod',
].map((name, at) => ({
  id: `crew-${at + 1}`,
  name,
  trades: [trades[at % trades.length].name, trades[(at * 5 + 3) % trades.length].name],
}));

const jobs = [
  ['Recaulk the garboard seams', ['caulker', 'shipwright']],
  ['Replace the stern gland', ['engine fitter']],
  ['Strip and repaint the topsides', ['painter']],
  ['Renew the forestay', ['rigger', 'splicer']],
  ['Rewire the cabin lights', ['electrician']],
  ['Scarf a new length into the rail', ['shipwright']],
  ['Osmosis treatment below the waterline', ['laminator', 'painter']],
  ['Service the diesel before launch', ['engine fitter']],
  ['Recut the mainsail leech', ['sailmaker']],
  ['Free the seized seacocks', ['plumber']],
  ['Weld a patch on the rudder cheek', ['welder']],
  ['Survey after grounding', ['surveyor']],
  ['Lift out and block off', ['crane hand', 'launch hand']],
  ['Antifoul and anodes', ['painter', 'launch hand']],
  ['Re-bed the leaking portlights', ['shipwright']],
];
const remarks = [
  'Owner asks to be rung before any timber is cut.',
  'Wait for two dry days in a row; the cover leaks at the mast.',
  'Parts are on the shelf behind the compressor, marked with the boat’s name.',
  'Do not move the cradle: the keel sits on the after block only.',
  'The last yard used the wrong sealant. Take it all out, photograph what is under it, and only then decide how far to go.',
  'Half a day lost to the tide last week. Book the slip before starting.',
  'Two of the fastenings sheared. Order the longer ones and charge them to this order.',
];
const states = ['waiting', 'in hand', 'in hand', 'held', 'done'];

const orders = Array.from({ length: 60 }, (_, at) => {
  const [title, needed] = jobs[(at * 7 + Math.floor(at / 15)) % jobs.length];
  const hours = Math.round(between(2, 46));
  const due = new Date(Date.UTC(2027, 2, 1 + Math.floor(between(0, 88))));
  const notes = Array.from(
    { length: 1 + Math.floor(random() * 3) },
    (_unused, note) => remarks[(at + note * 3) % remarks.length],
  );
  return {
    id: `W${1041 + at}`,
    title,
    boat: boats[(at * 11) % boats.length].id,
    trades: needed,
    state: pick(states),
    due: due.toISOString().slice(0, 10),
    hours,
    cost: hours * 48 + Math.round(between(0, 900)),
    notes,
  };
});

/**
 * Every pennant of a small grammar: five shapes, eight fields, eight marks. A mark in the colour of the field
 * is not a mark.
 */
const cloths = [...colours, 'moss', 'night'];
const cuts = [...shapes, 'streamer'];
const pennants = cuts.flatMap((shape) =>
  cloths.flatMap((field) =>
    cloths.map((mark) => ({
      id: `${shape}-${field}-${mark}`,
      name:
        field === mark
          ? `Plain ${field} ${shape}`
          : `${field} ${shape}, ${mark} disc`.replace(/^./, (first) => first.toUpperCase()),
      shape,
      field,
      mark,
    })),
  ),
);

const stepTexts = [
  [
    'Book the tide',
    'Pick a high water with half a metre to spare over the boat’s draught, and write it on the board.',
  ],
  ['Clear the slip', 'Nothing on the rails, nobody below them, the gate shut.'],
  [
    'Grease the cradle',
    'Both wheels and the keel blocks; the old grease goes into the drum, not into the river.',
  ],
  [
    'Read the lift plan',
    'Where the slings go is written in the boat’s own record. If it is not, measure before anything is touched.',
  ],
  ['Bring her in', 'Slow ahead, lines from both bows, one hand on the boathook and none on the rail.'],
  ['Set the slings', 'At the marks, never at the shaft, and never under a through-hull.'],
  ['Take the strain', 'A hand’s breadth, then stop and look.'],
  ['Winch her up', 'One person speaks, one person winches, everyone else stands clear of the wire.'],
  ['Chock and prop', 'Keel first. Props in pairs, chained, with a pad under each.'],
  ['Pull the bilge plug', 'Last, and into the tray.'],
  ['Wash down', 'While she is wet: in an hour it takes a chisel.'],
  ['Sign her in', 'Name, time, who winched, what was seen. Then the kettle.'],
];
const advice = [
  'If the wind gets up past the loft roof, stop and make fast.',
  'A wire that sings is about to part: everyone knows where to stand.',
  'The tide does not wait for the winch; begin early or not at all.',
  'Look at the strops before they are under the boat, not after.',
  'When in doubt lower away; nothing was ever broken by going back.',
];
/** Some have one line, some have forty. */
const steps = stepTexts.map(([title, short], at) => ({
  id: `step-${at + 1}`,
  title,
  short,
  long: Array.from(
    { length: [1, 3, 0, 12, 40, 2, 0, 24, 6, 0, 1, 8][at] },
    (_unused, line) => advice[(at + line) % advice.length],
  ),
}));

/**
 * Drawings of a hull, with the places where something was found (0 to 100, from the bow and from the keel
 * up).
 */
const plates = [
  ['Stem and forefoot', [['Soft timber behind the bobstay plate', 8, 34]]],
  [
    'Garboards, port',
    [
      ['Caulking out over a hand’s length', 38, 16],
      ['Weeping fastening', 52, 20],
    ],
  ],
  ['Garboards, starboard', [['Sound throughout', 45, 18]]],
  [
    'Keel and bolts',
    [
      ['Bolt three wasted by a third', 46, 6],
      ['Bolt seven renewed last year', 66, 6],
    ],
  ],
  [
    'Topsides',
    [
      ['Hairline in the sheer strake', 30, 78],
      ['Old repair, fair', 70, 74],
    ],
  ],
  ['Rudder and shaft', [['Play of four millimetres in the lower bearing', 92, 22]]],
].map(([title, findings], at) => ({
  id: `plate-${at + 1}`,
  title,
  findings: findings.map(([says, along, up]) => ({ says, along, up })),
}));

/** Metres above the sill, every hour for 7 days: two tides a day, springs and neaps. */
const tides = Array.from({ length: 7 * 24 }, (_, hour) => ({
  at: new Date(Date.UTC(2027, 2, 1, hour)).toISOString(),
  height: round(
    2.4 + (1.5 + 0.5 * Math.cos((2 * Math.PI * hour) / 354)) * Math.cos((2 * Math.PI * (hour - 6.2)) / 12.42),
    2,
  ),
}));

if (process.argv[1] === import.meta.filename) {
  for (const [name, rows] of Object.entries({
    boats,
    berths,
    trades,
    crew,
    orders,
    tides,
    pennants,
    steps,
    plates,
    parts: makeParts(400),
  })) {
    const file = new URL(`${name}.json`, import.meta.url);
    const text = `${JSON.stringify(rows, null, 1)}\n`;
    if (!existsSync(file) || readFileSync(file, 'utf8') !== text) writeFileSync(file, text);
  }
}
