#include "store/film.h"
#include "core/base/words.h"
#include "store/picture_reader.h"
#include <opencv2/imgproc.hpp>
#include <opencv2/videoio.hpp>

namespace rl::store {

namespace {
Error notAFilm()
{
    return {Kind::Damaged, tr("The video clip is damaged or of a kind that cannot be decoded."), {}};
}

double sharpnessOf(const cv::Mat& bgr)
{
    cv::Mat grey, edges;
    cv::cvtColor(bgr, grey, cv::COLOR_BGR2GRAY);
    cv::Laplacian(grey, edges, CV_32F);
    cv::Scalar mean, deviation;
    cv::meanStdDev(edges, mean, deviation);
    return deviation[0] * deviation[0];
}

Photo photoOf(const cv::Mat& bgr)
{
    cv::Mat rgb;
    cv::cvtColor(bgr, rgb, cv::COLOR_BGR2RGB);
    return Photo::fromMat(rgb);
}

bool sized(const cv::VideoCapture& film)
{
    const double w = film.get(cv::CAP_PROP_FRAME_WIDTH), h = film.get(cv::CAP_PROP_FRAME_HEIGHT);
    return w > 0 && h > 0 && w * h < double(kMostPixels) / 4;
}

/// Keeps the best few, apart in time.
void consider(std::vector<Still>& best, Still still, int most)
{
    for (Still& kept : best)
        if (std::abs(kept.second - still.second) < 0.2) {
            if (still.sharpness > kept.sharpness)
                kept = std::move(still);
            return;
        }
    best.push_back(std::move(still));
    std::stable_sort(
        best.begin(), best.end(), [](const Still& a, const Still& b) { return a.sharpness > b.sharpness; });
    if (int(best.size()) > most)
        best.pop_back();
}
} // namespace

Result<Film> filmOf(const std::filesystem::path& path)
{
    return guarded([&]() -> Result<Film> {
        cv::VideoCapture film(path.string());
        if (!film.isOpened() || !sized(film))
            return notAFilm();
        const double rate = film.get(cv::CAP_PROP_FPS), frames = film.get(cv::CAP_PROP_FRAME_COUNT);
        if (!(rate > 0 && rate < 1000 && frames >= 1))
            return notAFilm();
        return Film{
            frames / rate, rate, int(film.get(cv::CAP_PROP_FRAME_WIDTH)), int(film.get(cv::CAP_PROP_FRAME_HEIGHT))};
    });
}

Result<std::vector<Still>> sharpestStills(
    const std::filesystem::path& path, double moment, double reach, int most, Progress& progress)
{
    return guarded([&]() -> Result<std::vector<Still>> {
        const auto about = filmOf(path);
        if (!about)
            return about.error();
        cv::VideoCapture film(path.string());
        reach = std::clamp(reach, 0.0, 10.0);
        const double from = std::clamp(moment - reach, 0.0, about->seconds),
                     to = std::clamp(moment + reach, from, about->seconds);
        film.set(cv::CAP_PROP_POS_MSEC, from * 1000);
        std::vector<Still> best;
        cv::Mat frame;
        const int wanted = std::clamp(int((to - from) * about->framesPerSecond) + 1, 1, 2000);
        for (int i = 0; i < wanted && film.read(frame) && !frame.empty(); ++i) {
            if (progress.cancelled())
                return Error{Kind::Cancelled, tr("Given up."), {}};
            progress.report(double(i) / wanted, tr("looking for sharp frames"));
            consider(
                best, {from + i / about->framesPerSecond, sharpnessOf(frame), photoOf(frame)}, std::clamp(most, 1, 12));
        }
        if (best.empty())
            return notAFilm();
        return best;
    });
}

} // namespace rl::store
