// The types of the yard's data.

export interface Pennant {
  shape: 'swallowtail' | 'triangle' | 'square' | 'burgee' | 'streamer';
  field: string;
  mark: string;
}

/** A pennant of the picker. */
export interface NamedPennant extends Pennant {
  id: string;
  name: string;
}

export interface Boat {
  id: string;
  name: string;
  kind: string;
  /** Metres. */
  length: number;
  /** Metres. */
  draught: number;
  /** The owner's initials. */
  owner: string;
  /** The id of a berth. */
  berth: string;
  pennant: Pennant;
}

export interface Berth {
  id: string;
  name: string;
  /** Metres at low water. */
  depth: number;
  state: 'free' | 'taken' | 'closed';
  sentence: string;
}

export interface Trade {
  name: string;
  group: string;
}

export interface Crew {
  id: string;
  name: string;
  trades: string[];
}

export type OrderState = 'waiting' | 'in hand' | 'held' | 'done';

export interface Order {
  id: string;
  title: string;
  /** The id of a boat. */
  boat: string;
  trades: string[];
  state: OrderState;
  /** A day, as YYYY-MM-DD. */
  due: string;
  hours: number;
  /** Whole pounds. */
  cost: number;
  notes: string[];
}

export interface Tide {
  /** An hour, as an ISO time. */
  at: string;
  /** Metres above the sill. */
  height: number;
}

/** A step of hauling a boat out. */
export interface Step {
  id: string;
  title: string;
  short: string;
  /** More about it, one line each. Some steps have none. */
  long: string[];
}

/** A drawing of a hull with the findings. */
export interface Plate {
  id: string;
  title: string;
  /** The position, from the bow and from the keel up, 0 to 100. */
  findings: { says: string; along: number; up: number }[];
}

/** A part of a boat, with its material. */
export interface Part {
  key: string;
  label: string;
  children?: Part[];
}
