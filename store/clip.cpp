#include "store/clip.h"
#include "core/base/late.h"
#include "core/base/words.h"
#include "late/clip.h"
#include "store/picture_reader.h"
#include <opencv2/imgproc.hpp>

namespace rl::store {

namespace {
Error notAClip()
{
    return {ErrorKind::Damaged, tr("The video clip is damaged or of a kind that cannot be decoded."), {}};
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

std::unique_ptr<late::Clip> clipAt(const std::filesystem::path& path)
{
    static const late::Clips& clips = lateTable<late::Clips>("clip", "rlLateClips");
    return clips.open(path.string());
}

bool sized(const late::Clip& clip)
{
    const double w = clip.pixelsWide(), h = clip.pixelsHigh();
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

Result<ClipFacts> clipFactsOf(const std::filesystem::path& path)
{
    return guarded([&]() -> Result<ClipFacts> {
        const auto clip = clipAt(path);
        if (!clip->opened() || !sized(*clip))
            return notAClip();
        const double rate = clip->framesPerSecond(), frames = clip->frames();
        if (!(rate > 0 && rate < 1000 && frames >= 1))
            return notAClip();
        return ClipFacts{frames / rate, rate, int(clip->pixelsWide()), int(clip->pixelsHigh())};
    });
}

Result<std::vector<Still>> sharpestStills(
    const std::filesystem::path& path, double moment, double reach, int most, Progress& progress)
{
    return guarded([&]() -> Result<std::vector<Still>> {
        const auto about = clipFactsOf(path);
        if (!about)
            return about.error();
        const auto clip = clipAt(path);
        reach = std::clamp(reach, 0.0, 10.0);
        const double from = std::clamp(moment - reach, 0.0, about->seconds),
                     to = std::clamp(moment + reach, from, about->seconds);
        clip->seek(from);
        std::vector<Still> best;
        cv::Mat frame;
        const int wanted = std::clamp(int((to - from) * about->framesPerSecond) + 1, 1, 2000);
        for (int i = 0; i < wanted && clip->read(frame); ++i) {
            if (progress.cancelled())
                return Error{ErrorKind::Cancelled, tr("Cancelled."), {}};
            progress.report(double(i) / wanted, tr("looking for sharp frames"));
            consider(
                best, {from + i / about->framesPerSecond, sharpnessOf(frame), photoOf(frame)}, std::clamp(most, 1, 12));
        }
        if (best.empty())
            return notAClip();
        return best;
    });
}

} // namespace rl::store
