#include "core/cutout/rough_cut.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/local_colours.h"
#include <opencv2/imgproc.hpp>
#include <queue>

namespace rl::cutout {

namespace {
cv::Mat shrunk(const cv::Mat& m, cv::Size size)
{
    cv::Mat out;
    cv::resize(m, out, size, 0, 0, cv::INTER_AREA);
    return out;
}

/// Strokes on a smaller picture; a stroke thinner than a pixel there still counts.
cv::Mat shrunkMarks(const Marks& marks, cv::Size size)
{
    const cv::Mat m = marks.mat();
    const cv::Mat in = shrunk(m == 255, size), out = shrunk(m == 0, size);
    cv::Mat result(size, CV_8UC1, cv::Scalar(128));
    result.setTo(0, (out > 60) & (out >= in));
    result.setTo(255, (in > 60) & (in > out));
    return result;
}

/// How far each pixel is from the marked ones of one kind, counting change of colour along the way.
cv::Mat geodesic(const cv::Mat& lab, const cv::Mat& marks, int kind)
{
    cv::Mat distance(marks.size(), CV_32FC1, cv::Scalar(1e9));
    using Entry = std::pair<float, int>;
    std::priority_queue<Entry, std::vector<Entry>, std::greater<>> open;
    for (int y = 0; y < marks.rows; ++y)
        for (int x = 0; x < marks.cols; ++x)
            if (marks.at<std::uint8_t>(y, x) == kind) {
                distance.at<float>(y, x) = 0;
                open.emplace(0.f, y * marks.cols + x);
            }
    while (!open.empty()) {
        const auto [d, at] = open.top();
        open.pop();
        const int x = at % marks.cols, y = at / marks.cols;
        if (d > distance.at<float>(y, x))
            continue;
        constexpr int kStep[4][2] = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};
        for (const auto& step : kStep) {
            const int nx = x + step[0], ny = y + step[1];
            if (nx < 0 || ny < 0 || nx >= marks.cols || ny >= marks.rows)
                continue;
            const cv::Vec3f change = lab.at<cv::Vec3f>(ny, nx) - lab.at<cv::Vec3f>(y, x);
            const float next = d + 0.15f + std::sqrt(change.dot(change));
            if (next < distance.at<float>(ny, nx)) {
                distance.at<float>(ny, nx) = next;
                open.emplace(next, ny * marks.cols + nx);
            }
        }
    }
    return distance;
}

/// Where only "out" is marked, as by a frame: the distance beyond which something is not what lies outside, by the
/// split with the least spread inside both (Otsu 1979). However loose the frame, its sky begins as sky.
float farFrom(const cv::Mat& toOut, const cv::Mat& marks)
{
    std::vector<float> all;
    for (int y = 0; y < marks.rows; ++y)
        for (int x = 0; x < marks.cols; ++x)
            if (marks.at<std::uint8_t>(y, x) == 128)
                all.push_back(toOut.at<float>(y, x));
    if (all.size() < 100)
        return 0;
    std::sort(all.begin(), all.end());
    std::vector<double> sums{0};
    for (const float d : all)
        sums.push_back(sums.back() + double(d));
    double best = -1;
    std::size_t split = 0;
    for (std::size_t i = all.size() / 50; i < all.size() - all.size() / 50; ++i) {
        const double n = double(i), m = double(all.size() - i), d = sums[i] / n - (sums.back() - sums[i]) / m;
        if (n * m * d * d > best)
            best = n * m * d * d, split = i;
    }
    return all[split];
}

cv::Mat startLabels(const cv::Mat& rgb, const cv::Mat& marks)
{
    cv::Mat lab, floating;
    rgb.convertTo(floating, CV_32FC3, 1 / 255.0);
    cv::cvtColor(floating, lab, cv::COLOR_RGB2Lab);
    cv::Mat labels(marks.size(), CV_8UC1);
    const bool haveIn = cv::countNonZero(marks == 255) > 0;
    const cv::Mat toOut = geodesic(lab, marks, 0);
    const cv::Mat toIn = haveIn ? geodesic(lab, marks, 255) : cv::Mat(marks.size(), CV_32FC1, cv::Scalar(0));
    const float far = haveIn ? 0 : farFrom(toOut, marks);
    for (int y = 0; y < marks.rows; ++y)
        for (int x = 0; x < marks.cols; ++x) {
            const int mark = marks.at<std::uint8_t>(y, x);
            const bool nearerIn = haveIn ? toIn.at<float>(y, x) < toOut.at<float>(y, x) : toOut.at<float>(y, x) > far;
            labels.at<std::uint8_t>(y, x) = std::uint8_t(mark == 255 ? cv::GC_FGD
                    : mark == 0                                      ? cv::GC_BGD
                    : nearerIn                                       ? cv::GC_PR_FGD
                                                                     : cv::GC_PR_BGD);
        }
    return labels;
}
/// Sides where the long one is at most `longest`.
cv::Size within(cv::Size size, int longest)
{
    const double scale = std::min(1.0, double(longest) / std::max(size.width, size.height));
    return {std::max(2, int(std::lround(size.width * scale))), std::max(2, int(std::lround(size.height * scale)))};
}

cv::Mat grown(const cv::Mat& hard, cv::Size size)
{
    if (hard.size() == size)
        return hard;
    cv::Mat soft;
    cv::GaussianBlur(hard, soft, cv::Size(), 0.7);
    cv::resize(soft, soft, size, 0, 0, cv::INTER_CUBIC);
    return soft > 127;
}

/// Log density of a colour under one of grabCut's models: five Gaussians, laid out as 5 weights, 15 means, 45
/// covariances.
class Mixture {
public:
    explicit Mixture(const cv::Mat& model)
    {
        const double* m = model.ptr<double>();
        for (int k = 0; k < 5; ++k) {
            Part p{m[k], cv::Vec3d(m + 5 + 3 * k), cv::Matx33d(m + 20 + 9 * k)};
            if (p.weight <= 0)
                continue;
            const double det = std::max(1e-12, cv::determinant(p.inverse));
            p.weight /= std::sqrt(det);
            p.inverse = p.inverse.inv();
            m_parts.push_back(p);
        }
    }
    double density(const cv::Vec3d& colour) const
    {
        double sum = 0;
        for (const Part& p : m_parts) {
            const cv::Vec3d d = colour - p.mean;
            sum += p.weight * std::exp(-0.5 * d.dot(p.inverse * d));
        }
        return sum;
    }

private:
    struct Part {
        double weight;
        cv::Vec3d mean;
        cv::Matx33d inverse;
    };
    std::vector<Part> m_parts;
};

cv::Mat likelier(const cv::Mat& rgb, const cv::Mat& foreModel, const cv::Mat& backModel)
{
    const Mixture in(foreModel), out(backModel);
    cv::Mat ratio(rgb.size(), CV_32FC1);
    parallelRows(rgb.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < rgb.cols; ++x) {
                const cv::Vec3d c = rgb.at<cv::Vec3b>(y, x);
                ratio.at<float>(y, x)
                    = float(std::clamp(std::log((in.density(c) + 1e-9) / (out.density(c) + 1e-9)), -5.0, 5.0));
            }
    });
    return ratio;
}

/// Weights of what the colours of the whole picture say, and of what the marked ones near by say, against what the
/// present cut's near colours say (1). Settled on made-up cases: anything from half to twice does nearly as well.
constexpr double kWholePicture = 0.8, kStrokes = 1.2;
constexpr int kStatistics = 380; ///< px on the long side: enough to learn which colours are in and out
constexpr int kNear = 480; ///< and to draw the edge anew by the colours near it
} // namespace

Marks marksOf(const Rect& rect, int width, int height)
{
    cv::Mat m(height, width, CV_8UC1, cv::Scalar(0));
    // A frame drawn nearly to the lower side means down to it: what is cut off there goes on beyond, as a bust does.
    const double bottom = rect.bottom() > 0.97 * height ? height : rect.bottom();
    const cv::Rect inside = cv::Rect(cv::Point(int(std::lround(rect.x)), int(std::lround(rect.y))),
                                cv::Point(int(std::lround(rect.right())), int(std::lround(bottom))))
        & cv::Rect(0, 0, width, height);
    m(inside).setTo(128);
    return Marks::fromMat(m);
}

Rough roughCut(const Photo& picture, const Marks& strokes, int longest, Progress& progress)
{
    if (picture.empty() || cv::countNonZero((strokes.mat() == 0) | (strokes.mat() == 255)) == 0)
        return {};
    progress.report(0, tr("telling in from out"));
    const cv::Size whole(picture.width(), picture.height()),
        small = within(whole, std::min(longest, kNear)), tiny = within(whole, std::min(longest * 5 / 8, kStatistics));
    cv::Mat marks = shrunkMarks(strokes, tiny);
    const cv::Mat working = shrunk(picture.mat(), within(whole, std::max(longest, kNear)));
    cv::Mat rgb = shrunk(working, tiny), prior;
    cv::Mat labels = startLabels(rgb, marks);
    const int inside = cv::countNonZero((labels == cv::GC_FGD) | (labels == cv::GC_PR_FGD));
    if (progress.cancelled())
        return {};
    // Too few pixels of either kind cannot be told apart by colour statistics; the distances alone decide then.
    cv::Mat backModel, foreModel;
    if (inside > 40 && inside < tiny.area() - 40) {
        cv::theRNG().state = 4711; // the same picture, the same cut
        cv::grabCut(rgb, labels, cv::Rect(), backModel, foreModel, 3, cv::GC_INIT_WITH_MASK);
    }
    cv::Mat hard = grown((labels == cv::GC_FGD) | (labels == cv::GC_PR_FGD), small);
    marks = shrunkMarks(strokes, small);
    rgb = shrunk(working, small);
    if (!foreModel.empty())
        prior = likelier(rgb, foreModel, backModel);
    const cv::Mat lab = labOf(rgb);
    if (!prior.empty())
        prior *= kWholePicture;
    if (cv::countNonZero(marks == 255) > 20 && cv::countNonZero(marks == 0) > 20) {
        const cv::Mat evidence = strokeEvidence(lab, marks) * kStrokes;
        prior = prior.empty() ? evidence : cv::Mat(prior + evidence);
    }
    for (const int reach : {24, 14}) {
        if (progress.cancelled())
            return {};
        hard = locallyRecut(lab, hard, marks, reach, prior);
    }
    if (const cv::Size fine = within(whole, longest); fine != small) {
        hard = grown(hard, fine);
        marks = shrunkMarks(strokes, fine);
        if (!prior.empty())
            cv::resize(prior, prior, fine, 0, 0, cv::INTER_LINEAR);
        hard = locallyRecut(labOf(working), hard, marks, 6, prior);
    }
    if (progress.cancelled())
        return {};
    hard = grown(hard, whole);
    hard.setTo(255, strokes.mat() == 255);
    hard.setTo(0, strokes.mat() == 0);
    return {Mask::fromMat(hard), prior.empty() ? Plane() : Plane::fromMat(prior)};
}

namespace {
/// What is known of the edge before the soft alpha is solved.
struct Edge {
    cv::Mat marks; ///< 255, 0, or 128 within the band
    cv::Mat alpha, trust; ///< guess and its weight
};

/// Pixels near the edge whose colour the near colours of their own side do not account for, though a mixture of both
/// sides does: hair, blur, thin things. Everything else keeps to the hard edge, the more so the farther away from it.
Edge measuredEdge(const cv::Mat& lab, const LinearPicture& linear, const cv::Mat& hard, const cv::Mat& strokes,
    const cv::Mat& evidence, double bandPx, int tile)
{
    cv::Mat in, out;
    cv::distanceTransform(hard > 127, in, cv::DIST_L2, 5);
    cv::distanceTransform(hard <= 127, out, cv::DIST_L2, 5);
    const double narrow = std::max(1.6, bandPx / 4), wide = 2.5 * bandPx;
    cv::Mat certain(hard.size(), CV_8UC1, cv::Scalar(128));
    const double apart = std::max(3.0, bandPx / 2);
    certain.setTo(255, in > apart);
    certain.setTo(0, out > apart);
    if (!evidence.empty()) {
        certain.setTo(128, (in > apart) & (evidence < -0.3));
        certain.setTo(128, (out > apart) & (evidence > 0.3));
    }
    if (!strokes.empty()) {
        certain.setTo(255, strokes == 255);
        certain.setTo(0, strokes == 0);
    }
    const LocalColours colours(lab, certain, tile);
    Edge edge{cv::Mat(hard.size(), CV_8UC1, cv::Scalar(0)), cv::Mat(hard.size(), CV_32FC1, cv::Scalar(0)),
        cv::Mat(hard.size(), CV_32FC1, cv::Scalar(0))};
    cv::Mat odd(hard.size(), CV_8UC1, cv::Scalar(0));
    parallelRows(hard.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < hard.cols; ++x) {
                const bool inside = hard.at<std::uint8_t>(y, x) > 127;
                edge.marks.at<std::uint8_t>(y, x) = inside ? 255 : 0;
                edge.alpha.at<float>(y, x) = inside ? 1.f : 0.f;
                const std::uint8_t stroke = strokes.empty() ? 128 : strokes.at<std::uint8_t>(y, x);
                const double d = double(inside ? in.at<float>(y, x) : out.at<float>(y, x)) - 0.5;
                if (stroke == 0 || stroke == 255 || d > wide)
                    continue;
                const auto account = colours.of(x, y);
                const float own = inside ? account.nearestIn : account.nearestOut;
                const float strange = std::clamp((own - 3) / 6, 0.f, 1.f);
                // Accounted for by its own side, and not at the edge: nothing to ask.
                if (strange <= 0 && d > narrow)
                    continue;
                const auto mixture = colours.mixture(linear, x, y);
                const float off = inside ? 1 - mixture.alpha : mixture.alpha;
                const float fits
                    = std::exp(-mixture.miss * mixture.miss / 18) * std::exp(-mixture.spread * mixture.spread / 0.03f);
                const float evidence = strange * fits;
                if (d > narrow && evidence * off > 0.1f)
                    odd.at<std::uint8_t>(y, x) = 255;
                const float geometric = float(std::clamp(0.5 + (inside ? d : -d) / 1.4, 0.0, 1.0));
                const float hold = 0.02f + 0.5f * float(std::min(1.0, d / std::max(2.0, bandPx / 2)));
                const float lean = 0.6f * fits * std::max(strange, d < narrow ? 0.3f : 0.f);
                edge.trust.at<float>(y, x) = hold * (1 - evidence) + lean;
                edge.alpha.at<float>(y, x) = (geometric * hold * (1 - evidence) + mixture.alpha * lean)
                    / std::max(1e-6f, hold * (1 - evidence) + lean);
            }
    });
    // One odd pixel is grain; a group of them is something.
    cv::Mat dense;
    cv::blur(odd, dense, cv::Size(5, 5));
    cv::dilate(dense > 45, dense, cv::getStructuringElement(cv::MORPH_ELLIPSE, cv::Size(5, 5)));
    cv::Mat band = ((in > 0) & (in <= narrow + 0.5)) | ((out > 0) & (out <= narrow + 0.5)) | dense;
    if (!strokes.empty())
        band.setTo(0, (strokes == 0) | (strokes == 255));
    edge.marks.setTo(128, band);
    return edge;
}

cv::Rect roomFor(const cv::Mat& hard, const cv::Mat& strokes, int margin)
{
    cv::Mat any = hard > 127;
    if (!strokes.empty())
        any |= strokes == 255;
    const cv::Rect box = cv::boundingRect(any);
    return cv::Rect(box.x - margin, box.y - margin, box.width + 2 * margin, box.height + 2 * margin)
        & cv::Rect(0, 0, hard.cols, hard.rows);
}
} // namespace

Mask refined(const Photo& picture, const Rough& rough, const Marks& strokes, double bandPx, Progress& progress)
{
    const Mask& hard = rough.hard;
    const int margin = int(bandPx * 4) + 24;
    const cv::Rect box = roomFor(hard.mat(), strokes.empty() ? cv::Mat() : strokes.mat(), margin);
    if (box.width < 3 || box.height < 3)
        return hard;
    progress.report(0.1, tr("measuring the edge"));
    const LinearPicture linear = colour::linearOf(Photo::fromMat(picture.mat()(box)));
    const cv::Mat fixed = strokes.empty() ? cv::Mat() : strokes.mat()(box);
    cv::Mat evidence;
    if (!rough.evidence.empty()) {
        cv::resize(rough.evidence.mat(), evidence, cv::Size(hard.width(), hard.height()), 0, 0, cv::INTER_LINEAR);
        evidence = evidence(box);
    }
    const Edge edge = measuredEdge(
        labOf(picture.mat()(box)), linear, hard.mat()(box), fixed, evidence, bandPx, std::max(8, picture.width() / 60));
    progress.report(0.4, tr("solving the soft edge"));
    if (progress.cancelled())
        return {};
    const ColourGuess guess{Plane::fromMat(edge.alpha), Plane::fromMat(edge.trust)};
    const Plane alpha = closedForm(linear, Marks::fromMat(edge.marks), guess, guess.alpha, progress);
    if (progress.cancelled())
        return {};
    cv::Mat whole(hard.height(), hard.width(), CV_8UC1, cv::Scalar(0)), part;
    alpha.mat().convertTo(part, CV_8U, 255);
    part.copyTo(whole(box));
    progress.report(1, "cut");
    return Mask::fromMat(whole);
}

Mask touchCut(const Photo& picture, const Marks& strokes, double bandPx, Progress& progress)
{
    const Rough rough = roughCut(picture, strokes, 900, progress);
    return rough.hard.empty() ? Mask() : refined(picture, rough, strokes, bandPx, progress);
}

Mask unlike(const Photo& picture, Vec2 ground, double tolerance)
{
    const int gx = std::clamp(int(ground.x), 0, picture.width() - 1),
              gy = std::clamp(int(ground.y), 0, picture.height() - 1);
    const cv::Rect around = cv::Rect(gx - 4, gy - 4, 9, 9) & cv::Rect(0, 0, picture.width(), picture.height());
    const LinearPicture patch = colour::linearOf(Photo::fromMat(picture.mat()(around)));
    const cv::Scalar mean = cv::mean(patch.mat());
    const colour::Lab plain = colour::toLab({float(mean[0]), float(mean[1]), float(mean[2])});
    std::vector<std::uint8_t> out(std::size_t(picture.width()) * std::size_t(picture.height()));
    parallelRows(picture.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < picture.width(); ++x)
                out[std::size_t(y) * std::size_t(picture.width()) + std::size_t(x)]
                    = colour::deltaE2000(colour::toLab(colour::linearOf(picture.at(x, y))), plain) > tolerance ? 255
                                                                                                               : 0;
    });
    cv::Mat hard(picture.height(), picture.width(), CV_8UC1, out.data()), clean;
    cv::medianBlur(hard, clean, 5);
    return Mask::fromMat(clean);
}

} // namespace rl::cutout
