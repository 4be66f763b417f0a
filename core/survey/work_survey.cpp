#include "core/survey/work_survey.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/reading/preparing.h"
#include "core/reading/silhouette.h"
#include "core/survey/survey_rules.h"
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::survey {

PaintedWork paintedWork(const Project& project, const light::Picture& picture, const std::vector<int>& farToNear,
    std::shared_ptr<const paint::Mixing> mixing)
{
    PaintedWork w;
    w.project = project, w.picture = picture, w.mixing = std::move(mixing);
    w.facts = schedule::factsOf(project, picture, farToNear);
    w.tone = reading::preparing(project.brief, w.facts.darkest, w.facts.middle, w.facts.mean).tone;
    w.tasks = schedule::workOf(project, w.facts, w.mixing.get());
    if (!picture.colour.empty())
        w.looks = std::make_shared<StageLooks>(project, picture, w.facts, w.tone);
    return w;
}

std::optional<transfer::Landmarks> landmarksOf(const Project& project, stage::SurfaceCache& cache, Progress& progress)
{
    const auto source = transfer::lineSource(project, 900, cache, progress);
    if (!source)
        return {};
    return transfer::landmarksOf(project, transfer::lineArt(*source), transfer::canvasPlanOf(project));
}

light::Picture onCanvasFace(const Project& project, const light::Picture& plan, colour::Lab ground, int longPx)
{
    const auto canvas = transfer::canvasPlanOf(project);
    light::Picture out;
    out.pixelsPerCm = longPx / std::max(canvas.widthCm, canvas.heightCm);
    const int w = std::max(8, int(std::lround(canvas.widthCm * out.pixelsPerCm))),
              h = std::max(8, int(std::lround(canvas.heightCm * out.pixelsPerCm)));
    const double k = canvas.scale * out.pixelsPerCm / plan.pixelsPerCm;
    const cv::Matx23d map(
        k, 0, canvas.offset.x * out.pixelsPerCm + (k - 1) / 2, 0, k, canvas.offset.y * out.pixelsPerCm + (k - 1) / 2);
    const Rgb g = colour::fromLab(ground);
    cv::Mat colour, ids, source = plan.colour.mat();
    if (k < 0.8) // averaged rather than picked from
        cv::GaussianBlur(source, source, {}, 0.45 / k);
    cv::warpAffine(source, colour, map, {w, h}, cv::INTER_LINEAR, cv::BORDER_CONSTANT,
        cv::Scalar(double(g.r), double(g.g), double(g.b)));
    cv::Mat idsFloat;
    plan.ids.mat().convertTo(idsFloat, CV_32F);
    cv::warpAffine(idsFloat, ids, map, {w, h}, cv::INTER_NEAREST, cv::BORDER_CONSTANT, cv::Scalar(0));
    ids.convertTo(ids, CV_32S);
    out.colour = LinearPicture::fromMat(colour), out.ids = IdMap::fromMat(ids);
    return out;
}

namespace {
Photo bytesOf(const cv::Mat& linear)
{
    return colour::codeOf(LinearPicture::fromMat(linear));
}
cv::Mat linearFromLab(const cv::Mat& lab)
{
    cv::Mat rgb;
    cv::cvtColor(lab, rgb, cv::COLOR_Lab2LRGB);
    return rgb;
}

/// Mean lightness of a thing less that of a band about it.
double contrastOf(const cv::Mat& lab, const cv::Mat& inside, const cv::Mat& about)
{
    return cv::mean(lab, inside)[0] - cv::mean(lab, about)[0];
}

std::vector<PartCheck> partsOf(const PaintedWork& work, const Surveyed& s, const IdMap& ids)
{
    std::vector<PartCheck> out;
    const cv::Mat all = ids.mat();
    for (const schedule::PartFacts& part : work.facts.parts) {
        PartCheck c;
        c.element = part.element, c.name = part.name;
        const cv::Mat inside = all == part.element;
        cv::Mat core, wide, about;
        cv::erode(inside, core, cv::Mat::ones(3, 3, CV_8U));
        const int whole = cv::countNonZero(core & s.light.seen);
        if (whole < 30)
            continue;
        const cv::Mat paint = core & s.light.paint;
        const int painted = cv::countNonZero(paint);
        c.painted = double(painted) / whole, c.lightness = cv::mean(s.planLab, core)[0];
        if (painted >= 20) {
            const Zone z = zoneOf(s.light, s.planLab, paint);
            c.dL = z.dL, c.dC = z.dC, c.dHue = z.dHue, c.judged = c.painted >= 0.3;
            const int reach = std::max(3, int(std::lround(1.2 * s.perCm))) | 1;
            cv::dilate(inside, wide, cv::getStructuringElement(cv::MORPH_ELLIPSE, {reach, reach}));
            about = wide & ~inside & s.light.seen;
            if (part.element && cv::countNonZero(about) > 20)
                c.contrast = contrastOf(s.light.lab, core, about), c.planned = contrastOf(s.planLab, core, about);
        }
        out.push_back(c);
    }
    return out;
}
} // namespace

PhotoSaid PhotoSaid::of(const CanvasPhoto& c)
{
    PhotoSaid s;
    if (c.corners.size() == 4)
        s.corners = Corners{c.corners[0], c.corners[1], c.corners[2], c.corners[3]};
    if (c.grey.width >= 3 && c.grey.height >= 3)
        s.grey = c.grey, s.greyLightness = c.greyLightness;
    return s;
}

namespace {
/// What the canvas and the stage's look do to the eye, each read as a picture.
void read(const PaintedWork& work, const cv::Mat& linear, const light::Picture& face, double perCm, WorkSurvey& out)
{
    const auto canvas = transfer::canvasPlanOf(work.project);
    const reading::Viewing viewing{canvas.widthCm, canvas.heightCm, work.project.brief.viewingDistanceCm};
    cv::Mat within;
    cv::max(linear, 0, within), cv::min(within, 1, within);
    light::Picture seen = face;
    seen.colour = LinearPicture::fromMat(within), seen.pixelsPerCm = perCm;
    const light::Picture* const both[]{&seen, &face};
    std::array<reading::Attention, 2> drawn;
    std::array<std::vector<reading::Silhouette>, 2> outlines;
    parallelRanges(2, [&](int from, int to) {
        for (int i = from; i < to; ++i) {
            drawn[std::size_t(i)] = reading::attention(both[i]->colour, face.ids, viewing, 256);
            outlines[std::size_t(i)] = reading::silhouettes(*both[i]);
        }
    });
    out.order = drawn[0].order, out.plannedOrder = drawn[1].order;
    out.leaks = drawn[0].leaks, out.plannedLeaks = drawn[1].leaks;
    for (PartCheck& part : out.parts)
        for (std::size_t i = 0; i < 2; ++i)
            for (const auto& s : outlines[i])
                if (s.element == part.element && part.element) {
                    (i ? part.plannedLost : part.lost) = s.lost;
                    if (!i) {
                        part.lostPlace = canvas.toPlan(Rect{s.lostPlace.x / perCm, s.lostPlace.y / perCm,
                            s.lostPlace.width / perCm, s.lostPlace.height / perCm});
                    }
                }
}
} // namespace

Result<WorkSurvey> surveyOf(const PaintedWork& work, const Landmarks& landmarks, const Photo& photo,
    const PhotoSaid& said, Progress& progress, const std::function<void(const Photo&)>& first)
{
    if (!work.looks)
        return Error{ErrorKind::Missing, tr("There is no plan to hold the canvas against."), {}};
    light::Picture stage = work.picture;
    stage.colour = work.looks->now(work.tasks);
    const light::Picture face = onCanvasFace(work.project, stage, work.tone, 900);
    const auto canvas = transfer::canvasPlanOf(work.project);
    Asked asked;
    asked.widthCm = canvas.widthCm, asked.heightCm = canvas.heightCm, asked.corners = said.corners;
    if (said.grey)
        asked.grey = KnownGrey{{}, said.grey, said.greyLightness, 0};
    WorkSurvey out;
    asked.landmarksLater = [&] {
        std::vector<Vec2> at;
        for (const transfer::Landmark& l : landmarks ? landmarks() : std::vector<transfer::Landmark>{})
            at.push_back(l.at), out.names.push_back(l.name), out.elements.push_back(l.element);
        return at;
    };
    if (first)
        asked.first = [&](const CanvasView& v) { first(squaredUp(photo, v, std::max(200, face.colour.width()))); };
    out.stage = bytesOf(face.colour.mat());
    if (!photo.empty()) {
        cv::Mat small = photo.mat();
        if (const double k = 1600.0 / std::max(small.cols, small.rows); k < 1)
            cv::resize(photo.mat(), small, {}, k, k, cv::INTER_AREA);
        out.small = Photo::fromMat(small);
    }
    auto compared = surveyed(out.stage, photo, asked, progress);
    if (!compared)
        return compared.error();
    out.compared = compared.take();
    for (const auto& t : work.tasks)
        if (t.done)
            out.task = t.key;
    if (out.compared.light.lab.empty())
        return out;
    out.squared = squaredUp(photo, out.compared.view, std::min(1600, std::max(200, face.colour.width() * 2)));
    const cv::Mat linear = linearFromLab(out.compared.light.lab);
    out.even = bytesOf(linear);
    out.parts = partsOf(work, out.compared, face.ids);
    read(work, linear, face, out.compared.perCm, out);
    out.findings = surveyFindings(work, out);
    return out;
}

void holdAgainstEarlier(WorkSurvey& now, const PaintedWork& work, const Photo& before,
    const std::optional<Corners>& corners, Progress& progress)
{
    if (now.squared.empty())
        return;
    const auto canvas = transfer::canvasPlanOf(work.project);
    Asked asked;
    asked.widthCm = canvas.widthCm, asked.heightCm = canvas.heightCm, asked.corners = corners;
    // What is painted now is more like it than the plan.
    const auto found = cornersOf(now.squared, before, asked, progress);
    if (!found || !found->found)
        return;
    const auto c = changedBetween(squaredUp(before, found->view, now.squared.width()), now.squared);
    now.changed = c.share, now.changedWhere = c.where;
}

Changed changedBetween(const Photo& before, const Photo& after)
{
    Changed c;
    if (before.empty() || after.empty())
        return c;
    cv::Mat a, b = after.mat(), la, lb, d;
    cv::resize(before.mat(), a, b.size(), 0, 0, cv::INTER_AREA);
    la = labOf(linearOf(a)), lb = labOf(linearOf(b));
    cv::GaussianBlur(la, la, {}, 2), cv::GaussianBlur(lb, lb, {}, 2);
    // another lamp or exposure changes everything alike
    const cv::Scalar shift = cv::mean(lb) - cv::mean(la);
    d = lb - la - cv::Scalar(shift[0], shift[1], shift[2]);
    cv::Mat ch[3], sum;
    cv::split(d, ch);
    cv::sqrt(ch[0].mul(ch[0]) + ch[1].mul(ch[1]) + ch[2].mul(ch[2]), sum);
    const cv::Mat mask = sum > 8;
    c.share = double(cv::countNonZero(mask)) / double(mask.total());
    c.where = Mask::fromMat(mask);
    return c;
}

} // namespace rl::survey
