#!/usr/bin/env python3
"""Figures of the layer of windows: longest functions, largest class, long files, lines, and what a number field and a
station cost. `tools/house.py [FOLDER]`; the folder is another tree to be measured, this one without."""
import pathlib
import re
import sys

ROOT = pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else pathlib.Path(__file__).resolve().parent.parent)


def sources(folder, *endings):
    return sorted(p for p in (ROOT / folder).rglob("*") if p.suffix in endings)


def bare(text):
    """Without strings and comments, so that braces can be counted; line breaks stay."""
    keep = lambda m: re.sub(r"[^\n]", " ", m.group(0))
    return re.sub(r'"(?:\\.|[^"\\\n])*"|\'(?:\\.|[^\'\\\n])\'|//[^\n]*|/\*.*?\*/', keep, text, flags=re.S)


def functions(path):
    """Name and lines of each function defined at the outermost level."""
    lines = bare(path.read_text()).split("\n")
    head, start, depth, name = "", 0, 0, None
    for i, line in enumerate(lines):
        if name is None:
            if line.startswith("{") and head:
                name, start, depth = head, i, 0
            elif re.match(r"[A-Za-z].*\(", line):
                head = line.strip()
            elif line.strip() == "" or line.startswith("}"):
                head = ""
        if name is not None:
            depth += line.count("{") - line.count("}")
            if depth == 0:
                yield name, i - start + 1
                name, head = None, ""


def classes(path):
    """Name of each class and how many functions and values it declares itself."""
    text = bare(path.read_text())
    for m in re.finditer(r"\b(?:class|struct) (\w+)[^;{}()]*\{", text):
        depth, count, i, words = 1, 0, m.end(), ""
        while depth and i < len(text):
            c = text[i]
            if c == "{":
                depth += 1
            elif c == "}":
                depth -= 1
                if depth == 1 and "(" in words:
                    count, words = count + 1, ""
            elif depth == 1 and c == ";":
                count += 1 + (0 if "(" in words else words.count(",") - words.count("<") if "," in words else 0)
                words = ""
            if depth == 1 and c not in "{};":
                words += c
            i += 1
        yield m.group(1), count


def lines(path):
    return sum(1 for line in path.read_text().split("\n") if line.strip())


def main():
    app = sources("app", ".cpp", ".h")
    longest = sorted(((n, name, p) for p in app for name, n in functions(p)), key=lambda x: -x[0])[:5]
    print("longest functions of app/:")
    for n, name, p in longest:
        print(f"  {n:4} lines  {name}  ({p.relative_to(ROOT)})")
    biggest = sorted(((n, name) for p in app if p.suffix == ".h" for name, n in classes(p)), key=lambda x: -x[0])[:5]
    print("largest classes of app/: " + ", ".join(f"{name} {n}" for n, name in biggest) + " members")
    long = [p for p in app if len(p.read_text().split("\n")) > 251]
    print(f"files of app/ over 250 lines: {len(long)}" + "".join(f"\n  {p.relative_to(ROOT)}" for p in long))
    print(f"lines of app/ that are not empty: {sum(map(lines, app))} in {len(app)} files")
    for word in ("halfContrastM", "wetness", "glow"):
        files = [p for f in ("core", "store", "cli", "app") for p in sources(f, ".cpp", ".h")
                 if re.search(rf"\bAir::{word}\b|\"{word}\"|air\.{word}\b", p.read_text())]
        said = sum(len(re.findall(rf"&Air::{word}\b|\"{word}\"", p.read_text())) for p in files)
        print(f"places that declare the number Air::{word}: {said}")
    stations = sources("app/stations", ".cpp")
    lists = [p for p in app if len(set(re.findall(r"(?:Brief|Gather|Cut|Stage|Light|Read|Carry)Station\b|"
                                                 r"(?:brief|gather|cut|stage|light|read|carry)Station\(", p.read_text()))) > 3]
    print(f"files of app/ that list all stations: {len(lists)} ({', '.join(p.name for p in lists)})")


main()
