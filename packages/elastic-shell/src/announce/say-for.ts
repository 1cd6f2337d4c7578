// Announces for something wired what waits to be said of it, from the first time on.
import { type Speaker, speaker } from './speaker.js';

/** For whom something is said: a pattern that runs. */
export interface Sayer {
  readonly root: HTMLElement;
  readonly isOver: boolean;
  readonly releases: (() => void)[];
  /** The words to be said. */
  readonly words?: string;
  speaker?: Speaker;
}

/**
 * Says the words of `sayer`: in the dialog that its root is or is in, since what is outside a modal one is not read out, else at the end of
 * its tree. Beside the root they could become part of a label. `mark`: marks the region as made by the library.
 */
export function sayFor(sayer: Sayer, mark: <N extends Node>(node: N) => N): void {
  const { root, isOver, releases } = sayer;
  if (isOver) return;
  const document = root.ownerDocument;
  if (!sayer.speaker) {
    sayer.speaker = speaker(document, (region) => {
      const tree = root.getRootNode();
      (root.closest('dialog') ?? (tree === document ? document.body : tree)).appendChild(mark(region));
    });
    releases.push(sayer.speaker.release);
  }
  sayer.speaker.say(sayer.words ?? '');
}
