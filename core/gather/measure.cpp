#include "core/gather/measure.h"
#include "core/base/parallel.h"
#include "core/colour/srgb.h"
#include "core/cutout/rough_cut.h"
#include "core/gather/figures.h"
#include "core/relief/relief.h"
#include <bit>
#include <opencv2/img_hash.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::gather {

namespace {
cv::Mat smaller(const cv::Mat& m, int longest)
{
    const double scale = std::min(1.0, double(longest) / std::max(m.cols, m.rows));
    cv::Mat out = m;
    if (scale < 1)
        cv::resize(m, out, cv::Size(), scale, scale, cv::INTER_AREA);
    return out;
}

cv::Mat lightnessOf(const Photo& picture)
{
    cv::Mat out(picture.height(), picture.width(), CV_32FC1);
    parallelRows(picture.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < picture.width(); ++x)
                out.at<float>(y, x) = colour::lightness(luminance(colour::linearOf(picture.at(x, y))));
    });
    return out;
}

void measureRange(const cv::Mat& lightness, PictureMeasure& m)
{
    std::array<int, 1001> bins{};
    for (int y = 0; y < lightness.rows; ++y)
        for (int x = 0; x < lightness.cols; ++x)
            ++bins[std::size_t(std::clamp(int(lightness.at<float>(y, x) * 10), 0, 1000))];
    const auto at = [&](double share) {
        double sum = 0;
        for (std::size_t i = 0; i < bins.size(); ++i)
            if ((sum += bins[i]) >= share * double(lightness.total()))
                return double(i) / 10;
        return 100.0;
    };
    m.darkL = at(0.01);
    m.lightL = at(0.99);
}

/// Lit and shaded halves of a thing by the measured direction; softness is the share of light that the shaded rim
/// gets of what the lit rim gets.
void measureTones(const LinearPicture& linear, const Mask& alpha, PictureMeasure& m)
{
    const relief::Relief relief = relief::reliefOf(alpha, relief::Shape::Puffed, 256);
    if (relief.normals.empty())
        return;
    const double az = radians(m.light.azimuth), el = radians(m.light.elevation);
    const Vec3f l{float(std::cos(el) * std::cos(az)), float(std::cos(el) * std::sin(az)), float(std::sin(el))};
    Rgb lit, shaded;
    float litN = 0, shadedN = 0;
    for (int y = 0; y < relief.normals.height(); ++y)
        for (int x = 0; x < relief.normals.width(); ++x) {
            const int px = std::min(int(relief.box.x + (x + 0.5) / relief.scale), linear.width() - 1),
                      py = std::min(int(relief.box.y + (y + 0.5) / relief.scale), linear.height() - 1);
            if (alpha.at(px, py) < 250)
                continue;
            const Vec3f n = relief.normals.at(x, y);
            const float facing = n.x * l.x + n.y * l.y + n.z * l.z;
            if (facing > 0.7f)
                lit = lit + linear.at(px, py), ++litN;
            else if (facing < 0.05f)
                shaded = shaded + linear.at(px, py), ++shadedN;
        }
    if (litN < 20 || shadedN < 20)
        return;
    lit = lit * (1 / litN), shaded = shaded * (1 / shadedN);
    m.softness = std::clamp(double(luminance(shaded)) / std::max(1e-4, double(luminance(lit))), 0.0, 1.0);
    m.lightKelvin = colourTemperature(lit);
    m.shadeKelvin = colourTemperature(shaded);
}

/// Without a figure: the brightest tenth that is not burnt out, against the darkest third that is not black.
void measureTonesWhole(const LinearPicture& linear, const cv::Mat& lightness, PictureMeasure& m)
{
    std::vector<float> all(lightness.begin<float>(), lightness.end<float>());
    const auto at = [&](double share) {
        const auto there = all.begin() + long(share * double(all.size() - 1));
        std::nth_element(all.begin(), there, all.end());
        return *there;
    };
    const float bright = at(0.9), dark = at(0.33);
    Rgb lit, shaded;
    float litN = 0, shadedN = 0;
    for (int y = 0; y < linear.height(); ++y)
        for (int x = 0; x < linear.width(); ++x) {
            const float L = lightness.at<float>(y, x);
            if (L >= bright && L < 97)
                lit = lit + linear.at(x, y), ++litN;
            if (L <= dark && L > 4)
                shaded = shaded + linear.at(x, y), ++shadedN;
        }
    if (litN > 0)
        m.lightKelvin = colourTemperature(lit * (1 / litN));
    if (shadedN > 0)
        m.shadeKelvin = colourTemperature(shaded * (1 / shadedN));
}
Mask sized(const Mask& alpha, const Photo& small)
{
    cv::Mat scaled;
    cv::resize(alpha.mat(), scaled, cv::Size(small.width(), small.height()), 0, 0, cv::INTER_AREA);
    return Mask::fromMat(scaled);
}

/// A figure's light, or the cut-out's: what is looked for and not pointed at is believed as far as its outline is sure.
FigureLight lightOf(const relief::MeasuredLight& light, const Mask& figure, double sure)
{
    const cv::Rect box = cv::boundingRect(figure.mat());
    const double w = figure.width(), h = figure.height();
    return {{box.x / w, box.y / h, box.width / w, box.height / h},
        {light.azimuth, light.elevation, light.confidence * sure}, light.azimuthHalf, light.azimuthMost};
}

void takeTones(const LinearPicture& linear, const Mask& figure, PictureMeasure& m)
{
    m.light = m.figures[0].light;
    if (m.light.confidence >= 0.25)
        measureTones(linear, figure, m);
    else
        m.softness = 1;
}

/// The light of a cut-out.
void takeLight(const relief::MeasuredLight& light, const Mask& cutout, const LinearPicture& linear, PictureMeasure& m)
{
    m.lightOfCutout = true;
    m.figures.push_back(lightOf(light, cutout, 1));
    takeTones(linear, cutout, m);
}

/// The light of a cut-out, else of each figure that is found; the surest speaks for the picture.
void measureLight(const Photo& small, const Mask& cutout, const Horizon& horizon, const LinearPicture& linear,
    PictureMeasure& m, Progress& progress)
{
    if (!cutout.empty()) {
        const Mask figure = sized(cutout, small);
        return takeLight(relief::photoLight(small, figure), figure, linear, m);
    }
    const std::vector<Figure> figures = figuresOf(small, horizon, progress);
    std::size_t surest = 0;
    for (std::size_t i = 0; i < figures.size(); ++i) {
        m.figures.push_back(lightOf(relief::photoLight(small, figures[i].mask), figures[i].mask, figures[i].sure));
        if (m.figures[i].light.confidence > m.figures[surest].light.confidence)
            surest = i;
    }
    if (m.figures.empty())
        return;
    std::swap(m.figures[0], m.figures[surest]);
    takeTones(linear, figures[surest].mask, m);
}

} // namespace

Photo atMost(const Photo& picture, int longest)
{
    return std::max(picture.width(), picture.height()) <= longest
        ? picture
        : Photo::fromMat(smaller(picture.mat(), longest).clone());
}

double colourTemperature(Rgb c)
{
    const double x = 0.4124 * double(c.r) + 0.3576 * double(c.g) + 0.1805 * double(c.b),
                 y = 0.2126 * double(c.r) + 0.7152 * double(c.g) + 0.0722 * double(c.b),
                 z = 0.0193 * double(c.r) + 0.1192 * double(c.g) + 0.9505 * double(c.b), sum = x + y + z;
    if (sum < 1e-6)
        return 0;
    const double n = (x / sum - 0.3320) / (0.1858 - y / sum);
    const double kelvin = ((449 * n + 3525) * n + 6823.3) * n + 5520.33;
    if (!(kelvin > 1500 && kelvin < 25000))
        return 0;
    // The locus at that temperature (Krystek's rational fit in u, v), to see how far off the colour is.
    const double t = kelvin,
                 uLocus
        = (0.860117757 + 1.54118254e-4 * t + 1.28641212e-7 * t * t) / (1 + 8.42420235e-4 * t + 7.08145163e-7 * t * t),
                 vLocus
        = (0.317398726 + 4.22806245e-5 * t + 4.20481691e-8 * t * t) / (1 - 2.89741816e-5 * t + 1.61456053e-7 * t * t);
    const double d = x + 15 * y + 3 * z, u = 4 * x / d, v = 6 * y / d;
    return std::hypot(u - uLocus, 1.5 * (v - vLocus)) < 0.05 ? kelvin : 0;
}

std::vector<Swatch> paletteOf(const Photo& picture, const Mask& alpha)
{
    const cv::Mat small = smaller(picture.mat(), 160);
    cv::Mat inside;
    if (!alpha.empty())
        cv::resize(alpha.mat(), inside, small.size(), 0, 0, cv::INTER_AREA);
    std::vector<cv::Vec3f> points;
    for (int y = 0; y < small.rows; ++y)
        for (int x = 0; x < small.cols; ++x)
            if (inside.empty() || inside.at<std::uint8_t>(y, x) > 200) {
                const cv::Vec3b p = small.at<cv::Vec3b>(y, x);
                const colour::Lab lab = colour::toLab(colour::linearOf(Rgb8{p[0], p[1], p[2]}));
                points.emplace_back(lab.L, lab.a, lab.b);
            }
    if (points.size() < 16)
        return {};
    const cv::Mat samples(int(points.size()), 3, CV_32FC1, points.data());
    cv::Mat labels, centres;
    cv::theRNG().state = 4711;
    cv::kmeans(samples, 8, labels, cv::TermCriteria(cv::TermCriteria::EPS | cv::TermCriteria::COUNT, 30, 0.2), 2,
        cv::KMEANS_PP_CENTERS, centres);
    std::vector<Swatch> palette(8);
    for (int i = 0; i < labels.rows; ++i)
        palette[std::size_t(labels.at<int>(i))].share += 1.0 / labels.rows;
    for (int k = 0; k < 8; ++k)
        palette[std::size_t(k)].colour = colour::codeOf(
            colour::fromLab({centres.at<float>(k, 0), centres.at<float>(k, 1), centres.at<float>(k, 2)}));
    std::erase_if(palette, [](const Swatch& s) { return s.share <= 0; });
    std::stable_sort(
        palette.begin(), palette.end(), [](const Swatch& a, const Swatch& b) { return a.share > b.share; });
    return palette;
}

double edgeWidth(const Photo& picture)
{
    cv::Mat grey, gx, gy, steep;
    cv::cvtColor(picture.mat(), grey, cv::COLOR_RGB2GRAY);
    grey.convertTo(grey, CV_32F);
    cv::Sobel(grey, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(grey, gy, CV_32F, 0, 1, 3, 0.125);
    cv::magnitude(gx, gy, steep);
    // At each strong edge: rise over the nearest plateau on both sides, along its normal, divided by its steepness.
    std::vector<double> widths;
    const int reach = 24;
    for (int y = reach; y < grey.rows - reach; y += 2)
        for (int x = reach; x < grey.cols - reach; x += 2) {
            const float g = steep.at<float>(y, x);
            if (g < 8)
                continue;
            const float dx = gx.at<float>(y, x) / g, dy = gy.at<float>(y, x) / g;
            const auto along = [&](int k) {
                return grey.at<float>(y + int(std::lround(dy * float(k))), x + int(std::lround(dx * float(k))));
            };
            const auto steepAt = [&](int k) {
                return steep.at<float>(y + int(std::lround(dy * float(k))), x + int(std::lround(dx * float(k))));
            };
            if (steepAt(1) > g || steepAt(-1) > g)
                continue; // not the ridge of the edge
            int up = 0, down = 0;
            while (up < reach - 1 && along(up + 1) > along(up) + 0.4f)
                ++up;
            while (down > 1 - reach && along(down - 1) < along(down) - 0.4f)
                --down;
            const double rise = double(along(up) - along(down));
            if (rise > 25)
                widths.push_back(0.8 * rise / double(g));
        }
    if (widths.size() < 30)
        return 0;
    const auto k = std::ptrdiff_t(widths.size() / 10);
    std::nth_element(widths.begin(), widths.begin() + k, widths.end());
    return widths[std::size_t(k)];
}

double grainOf(const Photo& picture)
{
    const int side = 512;
    const cv::Rect middle = cv::Rect((picture.width() - side) / 2, (picture.height() - side) / 2, side, side)
        & cv::Rect(0, 0, picture.width(), picture.height());
    const cv::Mat L = lightnessOf(Photo::fromMat(picture.mat()(middle)));
    const cv::Mat kernel = (cv::Mat_<float>(3, 3) << 1, -2, 1, -2, 4, -2, 1, -2, 1);
    cv::Mat response;
    cv::filter2D(L, response, CV_32F, kernel);
    std::vector<double> tiles;
    for (int y = 1; y + 17 <= L.rows; y += 16)
        for (int x = 1; x + 17 <= L.cols; x += 16) {
            const cv::Rect tile(x, y, 16, 16);
            const double level = cv::mean(L(tile))[0];
            if (level > 2 && level < 98)
                tiles.push_back(std::sqrt(kPi / 2) / 6 * cv::mean(cv::abs(response(tile)))[0]);
        }
    if (tiles.empty())
        return 0;
    const auto k = std::ptrdiff_t(tiles.size() / 5);
    std::nth_element(tiles.begin(), tiles.begin() + k, tiles.end());
    return tiles[std::size_t(k)];
}

PictureMeasure measured(const Photo& picture, const Mask& alpha, Progress& progress)
{
    PictureMeasure m;
    if (picture.empty())
        return m;
    progress.report(0, "measuring");
    const Photo small = atMost(picture, kMeasuredPx);
    const cv::Mat lightness = lightnessOf(small);
    const LinearPicture linear = colour::linearOf(small);
    const Horizon horizon = horizonOf(small);
    measureTonesWhole(linear, lightness, m); // what a figure does not tell
    EyeLevel eye;
    const std::function<void()> pieces[] = {
        // the longest first
        [&] { measureLight(small, alpha, horizon, linear, m, progress); },
        [&] { eye = eyeLevelOf(small); },
        [&] { m.palette = paletteOf(small, {}); },
        [&] {
            const int crop = kMeasuredPx;
            const cv::Rect middle = cv::Rect((picture.width() - crop) / 2, (picture.height() - crop) / 2, crop, crop)
                & cv::Rect(0, 0, picture.width(), picture.height());
            m.sharpness = edgeWidth(Photo::fromMat(picture.mat()(middle)));
        },
        [&] { m.noise = grainOf(picture); },
        [&] { measureRange(lightness, m); },
    };
    parallelItems(int(std::size(pieces)), [&](int i) {
        if (!progress.cancelled())
            pieces[i]();
    });
    if (progress.cancelled())
        return m;
    if (m.lightKelvin > 0 && m.shadeKelvin > 0)
        m.warmerBy = 1e6 / m.lightKelvin - 1e6 / m.shadeKelvin;
    const ToldEyeLevel told = weighed(eye, horizon, small.height());
    m.eyeLevel = told.y / small.height();
    m.eyeConfidence = told.confidence;
    progress.report(1, "measured");
    return m;
}

PictureMeasure measuredLight(const Photo& picture, const Mask& alpha, const relief::MeasuredLight* known)
{
    PictureMeasure m;
    if (picture.empty() || alpha.empty())
        return m;
    const Photo small = atMost(picture, kMeasuredPx);
    const cv::Mat lightness = lightnessOf(small);
    measureRange(lightness, m);
    const LinearPicture linear = colour::linearOf(small);
    measureTonesWhole(linear, lightness, m);
    const Mask figure = sized(alpha, small);
    takeLight(known ? *known : relief::photoLight(small, figure), figure, linear, m);
    return m;
}

PictureMeasure overruled(PictureMeasure m, const Overrule& word)
{
    if (word.lightSet) {
        m.light = word.light;
        m.light.confidence = 1;
        m.figures.clear(); // the painter's word speaks for the whole
    }
    if (word.softnessSet)
        m.softness = word.softness;
    if (word.kelvinSet) {
        m.lightKelvin = word.kelvin;
        m.warmerBy = m.shadeKelvin > 0 ? 1e6 / m.lightKelvin - 1e6 / m.shadeKelvin : 0;
    }
    if (word.eyeLevelSet) {
        m.eyeLevel = word.eyeLevel;
        m.eyeConfidence = 1;
    }
    return m;
}

std::uint64_t likenessOf(const Photo& picture)
{
    cv::Mat hash, small = smaller(picture.mat(), 256);
    cv::img_hash::pHash(small, hash);
    std::uint64_t bits = 0;
    for (int i = 0; i < std::min(8, hash.cols); ++i)
        bits = bits << 8 | hash.at<std::uint8_t>(0, i);
    return bits;
}

int differingBits(std::uint64_t a, std::uint64_t b)
{
    return std::popcount(a ^ b);
}

} // namespace rl::gather
