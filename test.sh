#!/bin/sh
# Installs what is missing, builds everything, runs every test.
set -e
cd "$(dirname "$0")"
./setup.sh
cmake -S . -B build -G Ninja -DRL_WERROR=${CI:+ON} >/dev/null
cmake --build build
cd build
exec ctest --output-on-failure -j 2
