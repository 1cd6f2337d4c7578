// Every pattern's notes, in the order in which they are shown.
import { dialogNotes, disclosureNotes, type Notes } from 'elastic-shell/core';

export const contracts: readonly Notes[] = [dialogNotes, disclosureNotes];
