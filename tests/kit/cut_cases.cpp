#include "tests/kit/cut_cases.h"
#include "core/base/geometry.h"
#include "core/colour/srgb.h"
#include "store/picture_reader.h"
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::kit {

namespace {
constexpr int kWidth = 640, kHeight = 480, kFine = 4; // shapes are drawn four times as large and averaged

using Random = std::mt19937;
double between(Random& random, double low, double high)
{
    return low + (high - low) * double(random() >> 5) / double(1U << 27);
}

std::vector<cv::Point> lobedOutline(Random& random, double cx, double cy, double radius, int lobes, double depth)
{
    std::vector<double> phase, size;
    for (int k = 0; k < lobes; ++k) {
        phase.push_back(between(random, 0, 2 * kPi));
        size.push_back(depth * between(random, 0.3, 1) / (k + 1));
    }
    std::vector<cv::Point> line;
    for (int i = 0; i < 720; ++i) {
        const double t = i * kPi / 360;
        double r = 1;
        for (int k = 0; k < lobes; ++k)
            r += size[std::size_t(k)] * std::cos((k + 1) * t + phase[std::size_t(k)]);
        line.emplace_back(
            int(kFine * (cx + radius * r * 1.25 * std::cos(t))), int(kFine * (cy + radius * r * std::sin(t))));
    }
    return line;
}

void strand(cv::Mat& m, Random& random, cv::Point2d from, double angle, double length, double width)
{
    double bend = between(random, -0.05, 0.05);
    cv::Point2d at = from;
    const int steps = 24;
    for (int i = 0; i < steps; ++i) {
        const cv::Point2d next = at + cv::Point2d(std::cos(angle), std::sin(angle)) * (length / steps);
        const int thick = std::max(1, int(std::lround(width * kFine * (1 - 0.8 * i / steps))));
        cv::line(m, at * kFine, next * kFine, 255, thick, cv::LINE_8);
        angle += bend + between(random, -0.06, 0.06);
        at = next;
    }
}

void branch(cv::Mat& m, Random& random, cv::Point2d from, double angle, double length, double width, int depth)
{
    const cv::Point2d to = from + cv::Point2d(std::cos(angle), std::sin(angle)) * length;
    cv::line(m, from * kFine, to * kFine, 255, std::max(2, int(width * kFine)), cv::LINE_8);
    cv::circle(m, to * kFine, std::max(1, int(width * kFine / 2)), 255, cv::FILLED);
    if (depth == 0)
        return;
    for (const double turn : {-0.5, 0.05, 0.55})
        branch(m, random, to, angle + turn + between(random, -0.2, 0.2), length * between(random, 0.6, 0.8),
            width * 0.62, depth - 1);
}

/// Coverage of one thing, 0…1.
cv::Mat shapeOf(const std::string& kind, Random& random)
{
    cv::Mat m(kHeight * kFine, kWidth * kFine, CV_8UC1, cv::Scalar(0));
    const double cx = kWidth * between(random, 0.42, 0.58), cy = kHeight * between(random, 0.45, 0.55),
                 r = kHeight * between(random, 0.22, 0.30);
    const auto fill = [&](const std::vector<cv::Point>& line, int value) {
        cv::fillPoly(m, std::vector<std::vector<cv::Point>>{line}, value);
    };
    if (kind == "thin-limbed")
        branch(m, random, {cx, kHeight * 0.93}, -kPi / 2, 95, 17, 4);
    else if (kind == "jagged") {
        auto line = lobedOutline(random, cx, cy, r, 4, 0.22);
        for (std::size_t i = 0; i < line.size(); i += 9)
            for (std::size_t k = i; k < std::min(i + 9, line.size()); ++k)
                line[k] += cv::Point(int(between(random, -5, 5) * kFine), int(between(random, -5, 5) * kFine))
                    * (k == i || k == i + 4 ? 1 : 0);
        fill(line, 255);
    } else
        fill(lobedOutline(random, cx, cy, r, 4, 0.25), 255);
    if (kind == "holed")
        for (int i = 0; i < 5; ++i)
            fill(lobedOutline(random, cx + between(random, -0.8, 0.8) * r, cy + between(random, -0.55, 0.55) * r,
                     r * between(random, 0.10, 0.2), 3, 0.2),
                0);
    if (kind == "hairy")
        for (int i = 0; i < 520; ++i) {
            const double t = between(random, 0, 2 * kPi);
            strand(m, random, {cx + r * 1.05 * std::cos(t), cy + r * 0.85 * std::sin(t)},
                t + between(random, -0.5, 0.5), r * between(random, 0.25, 0.6), between(random, 0.7, 1.6));
        }
    cv::Mat small, alpha;
    cv::resize(m, small, cv::Size(kWidth, kHeight), 0, 0, cv::INTER_AREA);
    small.convertTo(alpha, CV_32F, 1 / 255.0);
    cv::GaussianBlur(alpha, alpha, cv::Size(), kind == "out of focus" ? between(random, 3, 5) : 0.6);
    return alpha;
}

/// A piece of a photograph, perhaps turned about, linear.
cv::Mat pieceOf(const std::vector<Photo>& grounds, std::size_t which, Random& random)
{
    const cv::Mat whole = grounds[which % grounds.size()].mat();
    const double scale = std::max(double(kWidth) / whole.cols, double(kHeight) / whole.rows) * between(random, 1, 1.6);
    cv::Mat scaled;
    cv::resize(whole, scaled, cv::Size(), scale, scale, cv::INTER_AREA);
    const int x = int(between(random, 0, scaled.cols - kWidth)), y = int(between(random, 0, scaled.rows - kHeight));
    cv::Mat part = scaled(cv::Rect(x, y, kWidth, kHeight)).clone();
    if (random() & 1)
        cv::flip(part, part, 1);
    return colour::linearOf(Photo::fromMat(part)).mat().clone();
}

/// Leaves or stones: many small blots of a few colours, some near, some out of focus.
cv::Mat busyGround(Random& random, const cv::Scalar& about)
{
    cv::Mat m(kHeight, kWidth, CV_32FC3, about * 0.5);
    for (int i = 0; i < 1800; ++i) {
        const double k = between(random, 0.25, 1.6);
        const cv::Scalar c(about[0] * k * between(random, 0.7, 1.3), about[1] * k * between(random, 0.7, 1.3),
            about[2] * k * between(random, 0.7, 1.3));
        cv::ellipse(m, cv::Point(int(between(random, 0, kWidth)), int(between(random, 0, kHeight))),
            cv::Size(int(between(random, 3, 22)), int(between(random, 2, 9))), between(random, 0, 180), 0, 360, c,
            cv::FILLED, cv::LINE_AA);
    }
    cv::GaussianBlur(m, m, cv::Size(), between(random, 0.6, 2.5));
    return m;
}

/// A surface: a photograph's texture brought to a colour, with light falling from one side.
cv::Mat surfaceOf(const cv::Mat& piece, const cv::Scalar& colour, Random& random)
{
    cv::Mat grey, out(kHeight, kWidth, CV_32FC3);
    cv::cvtColor(piece, grey, cv::COLOR_RGB2GRAY);
    const double mean = std::max(1e-3, cv::mean(grey)[0]), slope = between(random, -0.7, 0.7);
    for (int y = 0; y < kHeight; ++y)
        for (int x = 0; x < kWidth; ++x) {
            const double texture = std::pow(std::clamp(double(grey.at<float>(y, x)) / mean, 0.2, 3.0), 0.7);
            const double light = texture * (1 + slope * (double(x) / kWidth - 0.5) - 0.6 * (double(y) / kHeight - 0.5));
            for (int c = 0; c < 3; ++c)
                out.at<cv::Vec3f>(y, x)[c] = float(std::clamp(colour[c] * light, 0.0, 1.0));
        }
    return out;
}

void scribble(cv::Mat& strokes, const cv::Mat& room, int value, int count, Random& random)
{
    std::vector<cv::Point> free;
    cv::findNonZero(room, free);
    if (free.size() < 20)
        return;
    for (int i = 0; i < count; ++i) {
        cv::Point at = free[random() % free.size()];
        double angle = between(random, 0, 2 * kPi);
        for (int step = 0; step < 60; ++step) {
            const cv::Point next
                = at + cv::Point(int(std::lround(6 * std::cos(angle))), int(std::lround(6 * std::sin(angle))));
            if (next.x < 0 || next.y < 0 || next.x >= kWidth || next.y >= kHeight || !room.at<std::uint8_t>(next)) {
                angle += between(random, 1, 3);
                continue;
            }
            cv::line(strokes, at, next, value, 5);
            at = next;
            angle += between(random, -0.3, 0.3);
        }
    }
}

/// Rough strokes: a few scribbles well inside and around, or a generous band left between two certain areas.
cv::Mat strokesOf(const cv::Mat& alpha, bool scribbles, Random& random)
{
    cv::Mat strokes(kHeight, kWidth, CV_8UC1, cv::Scalar(128));
    cv::Mat in, out;
    cv::distanceTransform(alpha > 0.98, in, cv::DIST_L2, 5);
    cv::distanceTransform(alpha < 0.02, out, cv::DIST_L2, 5);
    if (scribbles) {
        scribble(strokes, out > 14, 0, 14, random);
        scribble(strokes, in > 4, 255, 8, random);
        // A wobbly frame far out, as a hand would draw it first.
        cv::rectangle(strokes, cv::Rect(6, 6, kWidth - 12, kHeight - 12), 0, 5);
        strokes.setTo(128, (alpha > 0.02) & (strokes == 0));
        strokes.setTo(128, (alpha < 0.98) & (strokes == 255));
    } else {
        strokes.setTo(0, out > between(random, 10, 18));
        strokes.setTo(255, in > between(random, 3, 7));
    }
    return strokes;
}

Photo developed(const cv::Mat& linear, Random& random)
{
    cv::Mat grain(linear.size(), CV_32FC3);
    cv::RNG noise(random());
    noise.fill(grain, cv::RNG::NORMAL, 0, 2.0);
    cv::Mat coded, rgb;
    colour::codeOf(LinearPicture::fromMat(linear)).mat().convertTo(coded, CV_32FC3);
    coded += grain;
    coded.convertTo(rgb, CV_8UC3);
    std::vector<unsigned char> file;
    cv::imencode(".jpg", rgb, file, {cv::IMWRITE_JPEG_QUALITY, int(between(random, 84, 94))});
    return Photo::fromMat(cv::imdecode(file, cv::IMREAD_COLOR));
}
} // namespace

std::vector<CutCase> cutCases(const std::vector<Photo>& grounds, unsigned seed, int count)
{
    const char* kinds[] = {"smooth", "jagged", "holed", "thin-limbed", "hairy", "out of focus"};
    std::vector<CutCase> all;
    Random random(seed);
    for (int i = 0; i < count; ++i) {
        const std::string kind = kinds[i % 6];
        const bool busy = (i / 6) % 2 == 1, scribbles = (i / 12 + i) % 2 == 1;
        const cv::Mat alpha = shapeOf(kind, random);
        const cv::Mat texture = pieceOf(grounds, random(), random);
        const cv::Scalar about(between(random, 0.05, 0.5), between(random, 0.05, 0.5), between(random, 0.05, 0.4));
        const cv::Mat ground = busy ? busyGround(random, about) : pieceOf(grounds, random(), random);
        cv::Scalar colour = cv::mean(ground);
        const double apart = between(random, 0.5, 1.6); // in stops, either way, and turned in hue
        for (int c = 0; c < 3; ++c)
            colour[c] = std::clamp(
                colour[c] * std::pow(2.0, (i % 4 < 2 ? apart : -apart) * between(random, 0.4, 1.2)), 0.01, 0.9);
        const cv::Mat surface = surfaceOf(texture, colour, random);
        cv::Mat three, mixed;
        cv::merge(std::vector<cv::Mat>{alpha, alpha, alpha}, three);
        mixed = surface.mul(three) + ground.mul(cv::Scalar::all(1) - three);
        CutCase one;
        one.name = kind + (busy ? ", busy ground" : ", photograph") + (scribbles ? ", scribbles" : ", wide band");
        one.strokes = Mask::fromMat(strokesOf(alpha, scribbles, random));
        one.photo = developed(mixed, random);
        one.alpha = Plane::fromMat(alpha);
        one.foreground = LinearPicture::fromMat(surface);
        all.push_back(std::move(one));
    }
    return all;
}

std::vector<Photo> photographs()
{
    std::vector<Photo> all;
    for (const char* name : {"flat_dusk", "flat_grey", "tortoise", "tea_house", "lamplighter", "salt_heap"}) {
        auto read = store::readPicture(std::filesystem::path(RL_DEMO_PICTURES) / (std::string(name) + ".jpg"));
        if (read)
            all.push_back(read.take().pixels);
    }
    return all;
}

} // namespace rl::kit
