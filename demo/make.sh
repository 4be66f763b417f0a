#!/bin/sh
# Remakes the demo pictures from their scene descriptions (needs povray and a build of lantern-develop; an hour on two cores).
set -e
here=$(cd "$(dirname "$0")" && pwd)
work=${1:-$here/../build/demo-renders}
develop=${LANTERN_DEVELOP:-$here/../build/bin/lantern-develop}
mkdir -p "$work" "$here/pictures" "$here/outlines"
seed=1
for scene in flat_dusk:1920:1280:0.5:93 lamplighter:1350:1800:0.6:90 tea_house:1800:1350:0.6:86 flat_grey:1920:1280:0.6:90 \
             kite:104:104:0.4:88 salt_heap:1600:1200:0.6:90 pylon:1200:1600:0.6:88 tortoise:1680:1260:0.6:88 \
             moth_hall:1440:1440:0.5:90 listener:960:1200:0.5:90 moth_cloak:1050:1400:0.5:90 orrery:1050:1400:0.5:90; do
    IFS=: read -r name w h lens quality <<X
$scene
X
    cd "$here/scenes"
    [ -s "$work/$name.png" ] || povray "+I$name.pov" "+O$work/$name.png" "+W$w" "+H$h" -D +A0.15 +R2
    "$develop" picture "$work/$name.png" "$here/pictures/$name.jpg" $seed "$lens" "$quality"
    case $name in
    flat* | moth_hall) ;;
    *)
        [ -s "$work/${name}_mask.png" ] || povray "+I$name.pov" "+O$work/${name}_mask.png" "+W$w" "+H$h" -D +A0.1 +R3 +UA Declare=Silhouette=1
        "$develop" outline "$work/${name}_mask.png" "$here/outlines/$name.json"
        ;;
    esac
    case $name in
    tortoise | tea_house | lamplighter | pylon) # for tests of line art; kept at half the size
        povray "+I$name.pov" "+O$work/none.png" +W16 +H12 -D Declare=Silhouette=1 Declare=Edges=1
        "$develop" edges edges.txt $((w > h ? 840 : 600)) $((w > h ? 630 : 800)) "$here/../tests/data/lines/$name.png"
        rm edges.txt
        ;;
    esac
    seed=$((seed + 1))
done
