// Notes for the yard: a form whose action React awaits, and which React resets afterwards. The switch is
// controlled by React, and keeps its state.
import { useDisclosure, useSwitch } from 'elastic-shell/react';
import { useState } from 'react';

export function Notes() {
  const [notes, setNotes] = useState<readonly string[]>([]);
  const [isUrgent, setUrgent] = useState(false);
  const urgent = useSwitch({ checked: [isUrgent, setUrgent] });
  const help = useDisclosure();
  async function add(data: FormData) {
    const note = `${data.get('note')}`;
    setNotes((now) => [...now, isUrgent ? `Urgent: ${note}` : note]);
  }
  return (
    <>
      <form action={add} className="note">
        <label>
          Note <input name="note" required maxLength={80} autoComplete="off" />
        </label>
        <span>
          <button {...urgent.root} aria-labelledby="urgent" /> <span id="urgent">Urgent</span>
        </span>
        <button data-button="primary">Add note</button>
      </form>
      <button {...help.opener()}>{help.open ? 'Hide help' : 'Who reads this?'}</button>
      <p {...help.root}>Everybody in the yard, on the board beside the slip.</p>
      <ul aria-label="Notes">
        {notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </ul>
    </>
  );
}
