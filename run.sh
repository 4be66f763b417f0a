#!/bin/sh
# ./run.sh [FILE] [--shots DIR]: installs what is missing, builds, and opens the demo (or FILE). Without a display it
# runs under a virtual one and leaves a picture of every station in shots/.
set -e
cd "$(dirname "$0")"
./setup.sh
cmake -S . -B build -G Ninja >/dev/null
cmake --build build --target roving-lantern lantern
[ -s build/demo/low-tide-caravan.lantern ] && [ build/demo/low-tide-caravan.lantern -nt build/bin/lantern ] || build/bin/lantern demo build/demo >/dev/null
work=build/demo/low-tide-caravan.lantern
case "$1" in ""|--*) ;; *) work=$1; shift ;; esac
if [ -n "$DISPLAY$WAYLAND_DISPLAY" ]; then
    exec build/bin/roving-lantern "$work" "$@"
fi
[ $# -gt 0 ] || set -- --shots shots
exec xvfb-run -a -s "-screen 0 1280x800x24" build/bin/roving-lantern "$work" "$@"
