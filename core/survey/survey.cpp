#include "core/survey/survey.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/survey/corner_tags.h"
#include "core/survey/sides.h"
#include "core/survey/starts.h"
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
constexpr int kWorkingPx = 2000; ///< the long side in which corners are looked for
constexpr int kLongPx = 900; ///< of the squared-up picture in which drift and values are measured

cv::Mat shrunk(const cv::Mat& m, int longest)
{
    const double k = double(longest) / std::max(m.cols, m.rows);
    cv::Mat out = m;
    if (k < 1)
        cv::resize(m, out, {}, k, k, cv::INTER_AREA);
    return out;
}

Result<Done> checked(const Photo& plan, const Photo& photo, const Asked& a)
{
    if (plan.empty() || photo.empty() || std::min(photo.width(), photo.height()) < 64
        || std::min(plan.width(), plan.height()) < 16)
        return Error{ErrorKind::Invalid, tr("There is too little of a picture to compare."), {}};
    if (!(a.widthCm > 0.5 && a.heightCm > 0.5 && a.widthCm < 5000 && a.heightCm < 5000))
        return Error{ErrorKind::Invalid, tr("A canvas is between 5 mm and 50 m wide and high."), {}};
    if (a.corners)
        for (const Vec2 c : *a.corners)
            if (!(std::abs(c.x) < 1e6 && std::abs(c.y) < 1e6))
                return Error{ErrorKind::Invalid, tr("A corner lies nowhere near the photograph."), {}};
    return Done{};
}

void take(const cv::Mat& photoRgb, const CanvasView& view, Vec2 p, std::vector<Known>& all)
{
    const int px = int(std::lround(p.x)), py = int(std::lround(p.y));
    if (px < 1 || py < 1 || px + 1 >= photoRgb.cols || py + 1 >= photoRgb.rows)
        return;
    const cv::Scalar mean = cv::mean(linearOf(photoRgb(cv::Rect(px - 1, py - 1, 3, 3))));
    all.push_back({view.cmAt(p), {float(mean[0]), float(mean[1]), float(mean[2])}});
}

/// The paper of printed tags.
KnownGrey tagPaper(double w, double h)
{
    constexpr double a = kTagMarginCm, b = kTagMarginCm + kTagCm, whole = kTagCm + 2 * kTagMarginCm;
    KnownGrey g;
    g.lightness = kTagPaperL;
    for (const double x : {-whole, w})
        for (const double y : {-whole, h})
            g.places.insert(g.places.end(),
                {{x + a, y, kTagCm, a}, {x + a, y + b, kTagCm, a}, {x, y + a, a, kTagCm}, {x + b, y + a, a, kTagCm}});
    return g;
}

/// Colours of what is known, where it lies.
std::vector<Known> knownIn(const cv::Mat& photoRgb, const CanvasView& view, const KnownGrey& g)
{
    std::vector<Rect> places = g.places;
    if (const double b = g.borderCm; b > 0) {
        const double w = view.widthCm(), h = view.heightCm();
        places.insert(places.end(), {{0, -b, w, b}, {0, h, w, b}, {-b, 0, b, h}, {w, 0, b, h}});
    }
    std::vector<Known> all;
    if (g.inPhoto)
        for (int y = 1; y < 20; ++y)
            for (int x = 1; x < 20; ++x)
                take(photoRgb, view,
                    {g.inPhoto->x + g.inPhoto->width * (0.2 + 0.6 * x / 20),
                        g.inPhoto->y + g.inPhoto->height * (0.2 + 0.6 * y / 20)},
                    all);
    for (const Rect& r : places)
        for (int y = 1; y < 20; ++y)
            for (int x = 1; x < 20; ++x)
                take(photoRgb, view,
                    view.photoAt({r.x + r.width * (0.2 + 0.6 * y / 20), r.y + r.height * (0.2 + 0.6 * x / 20)}), all);
    return all;
}
} // namespace

Result<CanvasFound> cornersOf(const Photo& plan, const Photo& photo, const Asked& asked, Progress& progress)
{
    if (const auto ok = checked(plan, photo, asked); !ok)
        return ok.error();
    const cv::Size whole(photo.width(), photo.height());
    CanvasFound f;
    if (!asked.corners && asked.tags) { // at full size: every tenth of a pixel counts
        cv::Mat grey;
        cv::cvtColor(photo.mat(), grey, cv::COLOR_RGB2GRAY);
        if (const auto view = taggedView(grey, asked.widthCm, asked.heightCm)) {
            f.found = f.byTags = true, f.confidence = 1, f.view = *view;
            if (asked.first)
                asked.first(f.view);
            return f;
        }
    }
    const cv::Mat small = shrunk(photo.mat(), kWorkingPx);
    const double scale = double(small.cols) / photo.width();
    const cv::Mat lab = labOf(linearOf(small));
    if (asked.corners) {
        CanvasView v = CanvasView(asked.widthCm, asked.heightCm, whole, *asked.corners, 0).scaled(scale);
        v = CanvasView(asked.widthCm, asked.heightCm, small.size(), v.corners(), 0);
        f.found = true, f.confidence = 1, f.view = withRadialTerm(lab, v);
        if (asked.first)
            asked.first(f.view.scaled(1 / scale));
    } else {
        f = canvasIn(labOf(linearOf(shrunk(plan.mat(), kLongPx))), lab, asked.widthCm, asked.heightCm,
            asked.grey ? asked.grey->borderCm : 0, progress, [&](const CanvasView& v) {
                if (asked.first)
                    asked.first(CanvasView(asked.widthCm, asked.heightCm, whole, v.scaled(1 / scale).corners(), 0));
            });
    }
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("The photograph was not squared up."), {}};
    if (f.view.photo().width > 1) {
        const double k1 = f.view.k1();
        const Corners c = f.view.scaled(1 / scale).corners();
        f.view = CanvasView(asked.widthCm, asked.heightCm, whole, asked.corners ? *asked.corners : c, k1);
    }
    return f;
}

Photo squaredUp(const Photo& photo, const CanvasView& view, int widthPx)
{
    return Photo::fromMat(squared(photo.mat(), view, widthPx));
}

Result<Surveyed> surveyed(const Photo& plan, const Photo& photo, const Asked& asked, Progress& progress)
{
    const auto corners = cornersOf(plan, photo, asked, progress);
    if (!corners)
        return corners.error();
    Surveyed s;
    s.found = corners->found, s.why = corners->why, s.view = corners->view, s.confidence = corners->confidence,
    s.byTags = corners->byTags;
    if (s.view.photo().width <= 1)
        return s;
    progress.report(0.6, "Comparing");
    s.perCm = kLongPx / std::max(asked.widthCm, asked.heightCm);
    const int wide = std::max(16, int(std::lround(asked.widthCm * s.perCm)));
    const cv::Mat flat = squared(photo.mat(), s.view, wide);
    cv::Mat planRgb;
    cv::resize(plan.mat(), planRgb, flat.size(), 0, 0, plan.width() > wide ? cv::INTER_AREA : cv::INTER_CUBIC);
    const cv::Mat planLinear = linearOf(planRgb), flatLinear = linearOf(flat);
    s.planLab = labOf(planLinear);
    Registration reg(s.planLab, labOf(flatLinear), s.view.longCm());
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("The photograph was not compared."), {}};
    KnownGrey grey;
    if (asked.grey)
        grey = *asked.grey;
    else if (s.byTags)
        grey = tagPaper(asked.widthCm, asked.heightCm);
    const std::vector<Known> known = knownIn(photo.mat(), s.view, grey);
    s.light = evened(
        planLinear, flatLinear, reg.flow(), reg.agreement(), seen(s.view, flat.size()), s.perCm, known, grey.lightness);
    s.painted = s.light.share;
    progress.report(0.8, "Comparing");
    const std::vector<Vec2> landmarks = asked.landmarksLater ? asked.landmarksLater() : asked.landmarks;
    s.landmarks.resize(landmarks.size());
    parallelRanges(int(landmarks.size()), [&](int from, int to) {
        for (int i = from; i < to; ++i) {
            const Vec2 at = landmarks[std::size_t(i)];
            Drift d = reg.at(at);
            d.painted = paintedAt(s.light, at, s.perCm);
            const Vec2 p = s.view.photoAt(at);
            d.seen = p.x >= 0 && p.y >= 0 && p.x < photo.width() && p.y < photo.height();
            s.landmarks[std::size_t(i)] = d;
        }
    });
    for (const Rect& z : asked.zones)
        s.zones.push_back(zoneOf(s.light, s.planLab, z, s.perCm));
    return s;
}

} // namespace rl::survey
