#!/bin/sh
# ./run.sh [FILE] [--shots DIR]: installs what is missing, builds, and opens the demo (or FILE). The demo is a fresh work
# in your folder of works; one you have painted in is never written over. Without a display it runs under a virtual
# one and leaves a picture of every station in shots/.
set -e
cd "$(dirname "$0")"
./setup.sh
cmake -S . -B build -G Ninja >/dev/null
cmake --build build --target roving-lantern lantern
if [ -n "$DISPLAY$WAYLAND_DISPLAY" ]; then
    case "$1" in ""|--*) set -- --demo "$@" ;; esac
    exec build/bin/roving-lantern "$@"
fi
case "$1" in
    ""|--*)
        own=$(mktemp -d)
        trap 'rm -rf "$own"' EXIT
        build/bin/lantern demo "$own" >/dev/null
        work="$own/low-tide-caravan.lantern" ;;
    *) work=$1; shift ;;
esac
[ $# -gt 0 ] || set -- --shots shots
xvfb-run -a -s "-screen 0 1280x800x24" build/bin/roving-lantern "$work" "$@"
