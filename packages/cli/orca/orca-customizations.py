"""Loaded by Orca at its start. Writes what Orca says to a file, in place of a voice.

Each line of $ELASTIC_SHELL_SPEECH is one JSON object with the time in milliseconds (`t`) and a `kind`:
  speak  an utterance (`text`)
  stop   Orca cuts short what it is saying
  key    a key has reached Orca (`name`, `down`); `consumed` if Orca keeps it from the page
  idle   Orca has handled every event so far; `mode` is `focus` or `browse`
Read by src/speech/record.ts. Written for Orca 43 to 46.
"""

import json
import os
import sys
import time
import types

from gi.repository import GLib
from orca import event_manager, orca_state, settings, speechserver

_file = open(os.environ["ELASTIC_SHELL_SPEECH"], "a", buffering=1, encoding="utf-8")
_counts = {"seen": 0, "reported": -1}


def put(kind, **more):
    """Writes one line. Everything but `idle` means that there is something to report again."""
    if kind != "idle":
        _counts["seen"] += 1
    _file.write(json.dumps({"t": round(time.time() * 1000), "kind": kind, **more}, ensure_ascii=False) + "\n")


class SpeechServer(speechserver.SpeechServer):
    """A speech server that writes. Only what Orca calls is there."""

    _only = None

    @staticmethod
    def getFactoryName():
        return "File"

    @staticmethod
    def getSpeechServers():
        return [SpeechServer.getSpeechServer()]

    @staticmethod
    def getSpeechServer(info=None):
        SpeechServer._only = SpeechServer._only or SpeechServer()
        return SpeechServer._only

    @staticmethod
    def shutdownActiveServers():
        SpeechServer._only = None

    def getInfo(self):
        return ["File", "file"]

    def getVoiceFamilies(self):
        return []

    def speak(self, text=None, acss=None, interrupt=True):
        if text:
            put("speak", text=text)

    def speakCharacter(self, character, acss=None):
        put("speak", text=character)

    def speakKeyEvent(self, event, acss=None):
        pass

    def sayAll(self, utterances, progress):
        for context, acss in utterances:
            put("speak", text=context.utterance)

    def stop(self):
        put("stop")

    def updateCapitalizationStyle(self):
        pass

    def updatePunctuationLevel(self):
        pass

    def increaseSpeechRate(self, step=5):
        pass

    def decreaseSpeechRate(self, step=5):
        pass

    def increaseSpeechPitch(self, step=0.5):
        pass

    def decreaseSpeechPitch(self, step=0.5):
        pass

    def shutdown(self):
        pass

    def reset(self, text=None, acss=None):
        pass


# Orca loads the speech server as a module of its own package.
_module = types.ModuleType("orca.to_file")
_module.SpeechServer = SpeechServer
sys.modules["orca.to_file"] = _module
settings.speechServerFactory = "to_file"
settings.speechFactoryModules = ["to_file"]

# Orca ends itself if its start takes ten seconds, which it does on a busy machine.
settings.timeoutTime = 0
settings.enableSound = False
settings.enableBraille = False
# The names of pressed keys, and the whole page and its counts at load, are not what a transcript is about.
settings.enableKeyEcho = False
settings.sayAllOnLoad = False
settings.pageSummaryOnLoad = False
# "2 of 4". Orca's own default is off.
settings.enablePositionSpeaking = True
settings.enableTutorialMessages = False


def wrap(cls, name, around):
    """Has `around` called in place of a method, with the method first."""
    before = getattr(cls, name)

    def method(self, *args):
        return around(before, self, *args)

    setattr(cls, name, method)


def key(before, self, event):
    consumed = before(self, event)
    down = "PRESSED" in str(event.type) or getattr(event.type, "value_nick", "") == "pressed"
    put("key", name=getattr(event, "event_string", ""), down=down, consumed=bool(consumed))
    return consumed


def event(before, self, what):
    _counts["seen"] += 1
    return before(self, what)


wrap(event_manager.EventManager, "_processKeyboardEvent", key)
wrap(event_manager.EventManager, "_enqueue", event)


def beat():
    """Reports that Orca is idle, once after each time that it was busy."""
    script = orca_state.activeScript
    live = getattr(script, "liveRegionManager", None)
    waiting = event_manager.getManager()._eventQueue.qsize() + (len(live.msg_queue) if live else 0)
    if not waiting and _counts["reported"] != _counts["seen"]:
        _counts["reported"] = _counts["seen"]
        try:
            mode = "focus" if script.inFocusMode() else "browse"
        except Exception:
            mode = None
        put("idle", mode=mode)
    return True


GLib.timeout_add(40, beat, priority=GLib.PRIORITY_LOW)
