"""Prints what assistive technology is told by AT-SPI 2: every accessible of each application, depth first, one JSON object a line.

Read by packages/elastic-shell/test/drive/at-spi.ts. Needs Debian's python3-gi and gir1.2-atspi-2.0, and an accessibility bus.
"""

import json

import gi

gi.require_version("Atspi", "2.0")
from gi.repository import Atspi  # noqa: E402


def text_of(node):
    """What its text interface says, where it has one."""
    try:
        return node.get_text_iface() and Atspi.Text.get_text(node, 0, -1) or ""
    except Exception:
        return ""


def show(node, depth):
    """Prints one accessible, and then its children. One that has gone meanwhile is passed over."""
    try:
        line = {
            "depth": depth,
            "role": node.get_role_name(),
            "name": node.get_name() or "",
            "description": node.get_description() or "",
            "states": [state.value_nick for state in node.get_state_set().get_states()],
            "attributes": dict(node.get_attributes() or {}),
            "text": text_of(node),
        }
        children = [node.get_child_at_index(at) for at in range(node.get_child_count())]
    except Exception:
        return
    print(json.dumps(line))
    for child in children:
        if child:
            show(child, depth + 1)


desktop = Atspi.get_desktop(0)
for at in range(desktop.get_child_count()):
    show(desktop.get_child_at_index(at), 0)
