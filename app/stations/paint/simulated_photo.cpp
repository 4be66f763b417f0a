#include "app/stations/paint/simulated_photo.h"
#include "core/colour/srgb.h"
#include "devices/camera.h"
#include "store/picture_reader.h"
#include "store/stored_picture.h"

namespace rl::app {

Result<Reference> simulatedPhoto(const survey::PaintedWork& work, int seed, const std::string& name)
{
    const auto canvas = transfer::canvasPlanOf(work.project);
    light::Picture stage = work.picture;
    stage.colour = work.looks->now(work.tasks);
    const auto face = survey::onCanvasFace(work.project, stage, work.tone, 1400);
    devices::SimulatedEasel::Room room;
    room.seed = unsigned(seed), room.longPx = 1800;
    devices::SimulatedEasel easel(canvas.widthCm, canvas.heightCm, room);
    std::vector<devices::Strayed> strayed;
    if (work.facts.parts.size() > 1) {
        const Rect& r = work.facts.parts.back().box; // the nearest thing has wandered
        strayed.push_back({canvas.toCanvas(r.centre()), std::max(r.width, r.height) * canvas.scale, {4, 2.5}, 0});
    }
    easel.setCanvas(colour::codeOf(face.colour), strayed);
    const auto photo = easel.photograph();
    if (!photo)
        return photo.error();
    return store::referenceOf(name, store::pictureFile(*photo), photo->width(), photo->height());
}

} // namespace rl::app
