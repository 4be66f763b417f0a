#include "core/review/cut_free.h"
#include "core/base/words.h"
#include "core/project/edits.h"
#include "core/stage/camera.h"
#include <opencv2/imgproc.hpp>

namespace rl::review {

Result<Project> withPlaceCutFree(Project p, const reading::StrongPlace& place, double pixelsPerCm)
{
    const Reference* r = p.reference(p.backdrop.reference);
    if (!r || r->pixels.missing() || place.inside.empty())
        return Error{ErrorKind::Invalid, tr("Only a place of a photographed backdrop can be cut free."), {}};
    const Rect cm{place.at.x / pixelsPerCm, place.at.y / pixelsPerCm, place.at.width / pixelsPerCm,
        place.at.height / pixelsPerCm};
    const Rect whole = stage::backdropPlace(p);
    const double k = r->pixels.width() / whole.width; // px of the picture in a cm
    const cv::Rect box = cv::Rect(int((cm.x - whole.x) * k), int((cm.y - whole.y) * k), std::max(2, int(cm.width * k)),
        std::max(2, int(cm.height * k)));
    cv::Mat alpha = cv::Mat::zeros(r->pixels.height(), r->pixels.width(), CV_8U), soft, grown;
    cv::GaussianBlur(place.inside.mat(), soft, {}, 0.8, 0.8, cv::BORDER_CONSTANT); // while it is small
    cv::resize(soft, grown, box.size(), 0, 0, cv::INTER_LINEAR);
    const cv::Rect on = box & cv::Rect({}, alpha.size());
    if (on.empty())
        return Error{ErrorKind::Invalid, tr("That place lies beside the backdrop's picture."), {}};
    grown(on - box.tl()).copyTo(alpha(on));
    Cutout cut;
    cut.reference = r->id;
    cut.alpha = Mask::fromMat(alpha);
    const std::string name = tr("Place of %1", r->name);
    p = edits::withCutout(std::move(p), std::move(cut));
    const stage::Eye eye = stage::eyeOf(p);
    Element e;
    e.name = name;
    e.cutout = p.cutouts.back().id;
    e.form = Form::Card, e.delight = 0, e.footShare = 0.5;
    const double bottom = cm.bottom(), horizon = p.camera.horizonCm;
    // What lies over the horizon stands as far off as what touches the ground eight hundredths of the height under it.
    e.baseCm = {cm.centre().x, std::max(bottom, horizon + 0.08 * p.brief.heightCm)};
    const double distance = p.camera.eyeHeightM * eye.focalCm / (e.baseCm.y - horizon);
    e.heightM = cm.height * distance / eye.focalCm;
    e.altitudeM = (e.baseCm.y - bottom) * distance / eye.focalCm;
    p = edits::withElement(std::move(p), std::move(e));
    repair(p);
    return p;
}

} // namespace rl::review
