// What docs/guides/forms.md shows.
import { wireCombobox } from 'elastic-shell/combobox';
import { wireListbox } from 'elastic-shell/listbox';
import { wireSwitch } from 'elastic-shell/switch';

wireListbox(document.getElementById('rig-list'), { name: 'rig' });
wireSwitch(document.getElementById('alerts')); // <button id="alerts" name="alerts">
wireCombobox(document.getElementById('berth-field'), {
  name: 'berth',
  required: true,
  messages: { required: () => 'Choose a berth.' },
});
