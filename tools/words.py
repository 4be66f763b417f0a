#!/usr/bin/env python3
"""Gathers the words of the program, in order, once: every tr("…"), said("…") and later("…") of it, and the words of its tables.

words.py list                 one a line, as JSON strings
words.py update TS [EXTRA]    brings a .ts file up to date: new ones unfinished, those gone taken out; EXTRA: JSON {source: translation}
words.py check TS             says what has no translation, or one whose places (%1, %2, …) are others
"""
import csv
import glob
import json
import re
import sys
import xml.etree.ElementTree as xml

FOLDERS = ("app", "core", "store", "devices", "output", "cli")
# columns of tables that are shown
TABLES = (("core/paint/tables/pigments.csv", ("generic_name", "hazard_note")), ("core/paint/tables/layers.csv", ("reason",)))
# tr("…"), said("…"), later("…"), QT_TR_NOOP("…"), translate("where", "…"), QT_TRANSLATE_NOOP("where", "…")
CALL = r'(?:\b(?:tr|said|later|QT_TR_NOOP)\(\s*|\b(?:translate|QT_TRANSLATE_NOOP)\(\s*"[^"]*",\s*)'
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
        if t is not None and t.get("type") != "unfinished" and t.text:
            out[m.find("source").text] = t.text
    return out


def write(path, known):
    root = xml.Element("TS", version="2.1", language="de_DE", sourcelanguage="en")
    context = xml.SubElement(root, "context")
    xml.SubElement(context, "name").text = "words"
    for words in sources():
        m = xml.SubElement(context, "message")
        xml.SubElement(m, "source").text = words
        t = xml.SubElement(m, "translation")
        if words in known:
            t.text = known[words]
        else:
            t.set("type", "unfinished")
    xml.indent(root)
    xml.ElementTree(root).write(path, encoding="utf-8", xml_declaration=True)


def check(path):
    known, bad = read(path), 0
    for words in sources():
        places = lambda s: sorted(set(re.findall(r"%\d", s)))
        if words not in known:
            print("no translation:", words)
            bad += 1
        elif places(words) != places(known[words]):
            print("other places:", words, "|", known[words])
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
