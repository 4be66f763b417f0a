#!/bin/sh
# ./package.sh: installs what is missing, builds, and makes a Debian package in build/. Says where it lies.
set -e
cd "$(dirname "$0")"
./setup.sh
cmake -S . -B build -G Ninja >/dev/null
cmake --build build --target roving-lantern lantern lantern-icons
cmake --build build --target package_pages
cd build
cpack -G DEB >cpack.log 2>&1 || { cat cpack.log; exit 1; }
ls "$PWD"/roving-lantern_*.deb
