#include "core/reading/faces.h"
#include <filesystem>
#include <mutex>
#include <opencv2/imgproc.hpp>
#include <opencv2/objdetect.hpp>

namespace rl::reading {

namespace {
std::string cascadeFile()
{
    for (const char* folder : {"/usr/share/opencv4", "/usr/share/opencv", "/usr/local/share/opencv4"}) {
        const std::string file = std::string(folder) + "/haarcascades/haarcascade_frontalface_alt2.xml";
        std::error_code ignored;
        if (std::filesystem::is_regular_file(file, ignored))
            return file;
    }
    return {};
}
} // namespace

bool facesCanBeFound()
{
    return !cascadeFile().empty();
}

std::vector<Rect> facesIn(const Photo& picture)
{
    static std::mutex one; // a cascade is no more than one thread's
    const std::lock_guard lock(one);
    static cv::CascadeClassifier cascade = [] {
        cv::CascadeClassifier c;
        if (const std::string file = cascadeFile(); !file.empty())
            c.load(file);
        return c;
    }();
    std::vector<Rect> out;
    if (cascade.empty() || picture.width() < 24 || picture.height() < 24)
        return out;
    const double k = std::min(1.0, 512.0 / std::max(picture.width(), picture.height()));
    cv::Mat small, grey;
    cv::resize(picture.mat(), small, {}, k, k, cv::INTER_AREA);
    cv::cvtColor(small, grey, cv::COLOR_RGB2GRAY);
    cv::equalizeHist(grey, grey);
    std::vector<cv::Rect> found;
    cascade.detectMultiScale(grey, found, 1.15, 4, 0, {20, 20});
    for (const cv::Rect& r : found)
        out.push_back({r.x / k, r.y / k, r.width / k, r.height / k});
    return out;
}

std::map<int, double> meantShares(
    const Project& p, const Attention& a, const IdMap& ids, const std::vector<Rect>& faces)
{
    std::map<int, double> lift;
    for (const Rect& f : faces) {
        const Vec2 c = f.centre();
        if (c.x >= 0 && c.y >= 0 && c.x < ids.width() && c.y < ids.height())
            lift[ids.at(int(c.x), int(c.y))] = kFacePull;
    }
    std::map<int, double> out;
    double sum = 0;
    for (const auto& [id, share] : a.share) {
        const Element* e = p.element(id);
        const auto face = lift.find(id);
        out[id] = share * std::max(e ? e->meaning : 1.0, face == lift.end() ? 1.0 : face->second);
        sum += out[id];
    }
    for (auto& [id, share] : out)
        share /= std::max(1e-9, sum);
    return out;
}

} // namespace rl::reading
