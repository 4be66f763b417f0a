#!/bin/sh
# Installs what building, running and testing need, where it is missing. Debian 12 or later.
set -e
packages="g++ cmake ninja-build pkg-config ccache ca-certificates qt6-base-dev libqt6svg6-dev qt6-image-formats-plugins
 libgl1-mesa-dev libopencv-dev libeigen3-dev libglpk-dev liblcms2-dev libsqlite3-dev libexiv2-dev libssl-dev nlohmann-json3-dev libcli11-dev libheif-dev libraw-dev librsvg2-dev
 dpkg-dev libzip-dev libtbb-dev libtiff-dev libvips-tools lld opencv-data xvfb xauth poppler-utils"
missing=""
for p in $packages; do
    dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q 'install ok installed' || missing="$missing $p"
done
[ -z "$missing" ] && exit 0
run=""
[ "$(id -u)" -eq 0 ] || run=sudo
echo "installing:$missing"
$run apt-get update -qq
DEBIAN_FRONTEND=noninteractive $run apt-get install -y -qq --no-install-recommends $missing </dev/null
