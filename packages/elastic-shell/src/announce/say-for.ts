// Announces the waiting messages of a wired pattern, from its first message on.
import { type Speaker, speaker } from './speaker.js';

/** The running pattern of a message. */
export interface Sayer {
  readonly root: HTMLElement;
  readonly isOver: boolean;
  readonly releases: (() => void)[];
  /** Returns the text of the message. */
  readonly words?: string;
  speaker?: Speaker;
}

/**
 * Announces the message of `sayer` in the dialog that contains its root, because a screen reader does not
 * read what is outside a modal dialog, or else at the end of its tree. Next to the root the text could become
 * part of a label. `mark` marks the region as created by the library.
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
