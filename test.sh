#!/bin/sh
# ./test.sh [--times]: installs what is missing, builds everything, runs every test. --times builds anew without the
# compiler's cache and prints what each layer cost.
set -e
cd "$(dirname "$0")"
./setup.sh
build=build
if [ "$1" = --times ]; then
    build=build-times
    rm -rf $build
    CCACHE_DISABLE=1
    export CCACHE_DISABLE
fi
started=$(date +%s)
cmake -S . -B $build -G Ninja -DRL_WERROR=${CI:+ON} >/dev/null
cmake --build $build --target roving-lantern lantern
programs=$(date +%s)
cmake --build $build
built=$(date +%s)
(cd $build && ctest --output-on-failure -j 2)
if [ "$1" = --times ]; then
    awk '!/^#/ { split($4, part, "/"); layer = part[1]; if ($4 ~ /autogen/) layer = "moc"; else if ($4 !~ /\//) layer = "links"
            seconds[layer] += ($2 - $1) / 1000 }
        END { for (layer in seconds) printf "%8.1f s of compiling and linking in %s\n", seconds[layer], layer }' $build/.ninja_log | sort -rn
    echo "the programs alone: $((programs - started)) s; the tests as well: $((built - programs)) s; running them: $(($(date +%s) - built)) s"
    rm -rf $build
fi
