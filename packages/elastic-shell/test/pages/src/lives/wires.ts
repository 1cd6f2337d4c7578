// Every wire function by the name of its pattern.
import * as library from '../../../../src/index';

export const wires = {
  accordion: library.wireAccordion,
  carousel: library.wireCarousel,
  combobox: library.wireCombobox,
  dialog: library.wireDialog,
  disclosure: library.wireDisclosure,
  drawer: library.wireDrawer,
  listbox: library.wireListbox,
  menu: library.wireMenu,
  menubar: library.wireMenubar,
  popover: library.wirePopover,
  switch: library.wireSwitch,
  tabs: library.wireTabs,
  toolbar: library.wireToolbar,
  tooltip: library.wireTooltip,
  tree: library.wireTree,
};
