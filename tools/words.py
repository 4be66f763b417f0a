#!/usr/bin/env python3
"""Gathers the words of the program, in order, once: every tr("…"), said("…") and translatable("…") of it, and the words of its tables.

words.py list                 one a line, as JSON strings
words.py update TS [EXTRA]    brings a .ts file up to date: new ones unfinished, those gone taken out; EXTRA: JSON {source: translation}
words.py check TS             says what has no translation, or one whose places (%1, %2, …) are others
"""
import csv
import glob
import json
import os
import re
import sys
import xml.etree.ElementTree as xml

FOLDERS = ("app", "core", "store", "devices", "output", "cli")
# columns of tables that are shown
TABLES = (("core/paint/tables/pigments.csv", ("generic_name", "hazard_note")), ("core/paint/tables/layers.csv", ("reason",)))
# tr("…"), said("…"), translatable("…"), QT_TR_NOOP("…"), translate("where", "…"), QT_TRANSLATE_NOOP("where", "…")
CALL = r'(?:\b(?:tr|trn|said|translatable|QT_TR_NOOP)\(\s*|\b(?:translate|QT_TRANSLATE_NOOP)\(\s*"[^"]*",\s*)'
LITERAL = r'"((?:[^"\\]|\\.)*)"'


def sources():
    found = {}
    paths = [p for f in FOLDERS for kind in ("cpp", "h") for p in glob.glob(f"{f}/**/*.{kind}", recursive=True)]
    for path in sorted(paths, key=lambda p: (FOLDERS.index(p.split("/")[0]), p)):
        text = open(path, encoding="utf-8").read()
        for m in re.finditer(CALL + r"((?:" + LITERAL + r"\s*)+)[,)]", text):
            words = "".join(re.findall(LITERAL, m.group(1)))
            words = re.sub(r"\\u([0-9a-f]{4})", lambda u: chr(int(u.group(1), 16)), words)
            words = words.replace('\\"', '"').replace("\\n", "\n").replace("\\t", "\t").replace("\\\\", "\\")
            if words:
                found.setdefault(words, path)
    for path, columns in TABLES:
        with open(path, encoding="utf-8") as table:
            for row in csv.DictReader(line for line in table if not line.startswith("#")):
                for column in columns:
                    if row[column]:
                        found.setdefault(row[column], path)
    return found


def read(path):
    try:
        root = xml.parse(path).getroot()
    except (OSError, xml.ParseError):
        return {}
    out = {}
    for m in root.iter("message"):
        t = m.find("translation")
        if t is None or t.get("type") == "unfinished":
            continue
        forms = [f.text for f in t.iter("numerusform")]
        if forms or t.text:
            out[m.find("source").text] = forms or t.text
    return out


def own(path):
    """What a language says of itself: its name, its decimal mark, how it counts (core/base/words.cpp)."""
    try:
        root = xml.parse(path).getroot()
    except (OSError, xml.ParseError):
        return {}
    return {k: v for k, v in ((e.tag, e.text) for e in root) if k.startswith("extra-")}


def write(path, known):
    language = os.path.splitext(os.path.basename(path))[0]
    root = xml.Element("TS", version="2.1", language=language, sourcelanguage="en")
    for tag, text in own(path).items():
        xml.SubElement(root, tag).text = text
    context = xml.SubElement(root, "context")
    xml.SubElement(context, "name").text = "words"
    for words in wanted(path):
        m = xml.SubElement(context, "message", {"numerus": "yes"} if "%n" in words else {})
        xml.SubElement(m, "source").text = words
        t = xml.SubElement(m, "translation")
        if isinstance(known.get(words), list):
            for form in known[words]:
                xml.SubElement(t, "numerusform").text = form
        elif words in known:
            t.text = known[words]
        else:
            t.set("type", "unfinished")
    xml.indent(root)
    xml.ElementTree(root).write(path, encoding="utf-8", xml_declaration=True)


def wanted(path):
    """English needs no more than its plurals."""
    return [w for w in sources() if "%n" in w or not path.endswith("en.ts")]


def check(path):
    known, bad = read(path), 0
    places = lambda s: sorted(set(re.findall(r"%\d", s)))
    for words in wanted(path):
        forms = known.get(words)
        if forms is None or ("%n" in words) != isinstance(forms, list):
            print("no translation:" if forms is None else "no plural forms:", words)
            bad += 1
        elif any(places(words) != places(f) for f in (forms if isinstance(forms, list) else [forms])):
            print("other places:", words, "|", forms)
            bad += 1
    return bad


def main():
    if sys.argv[1:2] == ["list"]:
        for words in sources():
            print(json.dumps(words, ensure_ascii=False))
    elif sys.argv[1:2] == ["update"]:
        known = read(sys.argv[2])
        if len(sys.argv) > 3:
            known.update(json.load(open(sys.argv[3], encoding="utf-8")))
        write(sys.argv[2], known)
    elif sys.argv[1:2] == ["check"]:
        sys.exit(1 if check(sys.argv[2]) else 0)
    else:
        print(__doc__)
        sys.exit(2)


main()
