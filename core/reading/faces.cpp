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

namespace {
constexpr int kWindow = 20; // px
constexpr double kCoarser = 1.22;
constexpr double kSmallest = 24; // px of 512 on the long side

/// Every window that the cascade takes for a face; it looks at every other one by itself.
class Windows {
public:
    Windows() { m_cascade.load(cascadeFile()); }
    bool canLook() const { return !m_cascade.empty(); }
    /// Those that begin in rows [from, to); on coarse levels every window, on fine ones every other.
    void look(const cv::Mat& grey, bool every, int from, int to, std::vector<cv::Point>& out)
    {
        std::vector<cv::Rect> found;
        for (int dy = 0; dy < (every ? 2 : 1); ++dy)
            for (int dx = 0; dx < (every ? 2 : 1); ++dx) {
                const int top = dy + std::max(0, from - dy) / 2 * 2, bottom = std::min(grey.rows, to + kWindow);
                if (grey.cols - dx < kWindow || bottom - top < kWindow)
                    continue;
                m_cascade.detectMultiScale(grey(cv::Rect(dx, top, grey.cols - dx, bottom - top)).clone(), found, 1.1, 0,
                    0, {kWindow, kWindow}, {kWindow, kWindow});
                for (const cv::Rect& r : found)
                    if (r.y + top >= from && r.y + top < to)
                        out.emplace_back(r.x + dx, r.y + top);
            }
    }

private:
    cv::CascadeClassifier m_cascade;
};

/// Rows [first, last) in which two pictures of one size differ.
std::pair<int, int> rowsApart(const cv::Mat& a, const cv::Mat& b)
{
    int first = a.rows, last = 0;
    for (int y = 0; y < a.rows; ++y)
        if (!std::equal(a.ptr(y), a.ptr(y) + a.cols, b.ptr(y)))
            first = std::min(first, y), last = y + 1;
    return {first, last};
}
} // namespace

FaceSearch searchFaces(const Photo& picture, const FaceSearch* before)
{
    static std::mutex one; // a cascade is no more than one thread's
    const std::lock_guard lock(one);
    static Windows windows;
    FaceSearch out;
    if (!windows.canLook() || picture.width() < 24 || picture.height() < 24)
        return out;
    const double k = std::min(1.0, 512.0 / std::max(picture.width(), picture.height()));
    cv::Mat small, grey;
    cv::resize(picture.mat(), small, {}, k, k, cv::INTER_AREA);
    cv::cvtColor(small, grey, cv::COLOR_RGB2GRAY);
    std::vector<cv::Rect> all;
    double s = kSmallest / kWindow;
    for (std::size_t i = 0; std::min(grey.cols, grey.rows) / s >= kWindow; ++i, s *= kCoarser) {
        FaceSearch::Level level;
        const cv::Size size(int(std::lround(grey.cols / s)), int(std::lround(grey.rows / s)));
        cv::resize(grey, level.grey, size, 0, 0, cv::INTER_AREA);
        const FaceSearch::Level* was = before && i < before->levels.size() && before->levels[i].grey.size() == size
            ? &before->levels[i]
            : nullptr;
        auto [from, to] = was ? rowsApart(was->grey, level.grey) : std::pair{0, size.height};
        from = std::max(0, from - kWindow + 1);
        if (from < to)
            windows.look(level.grey, s >= 2, from, to, level.windows);
        if (was)
            for (const cv::Point p : was->windows)
                if (from >= to || p.y < from || p.y >= to)
                    level.windows.push_back(p);
        std::sort(level.windows.begin(), level.windows.end(),
            [](cv::Point a, cv::Point b) { return std::pair(a.y, a.x) < std::pair(b.y, b.x); });
        for (const cv::Point p : level.windows)
            all.emplace_back(int(p.x * s), int(p.y * s), int(kWindow * s), int(kWindow * s));
        out.levels.push_back(std::move(level));
    }
    cv::groupRectangles(all, 3, 0.2);
    for (const cv::Rect& r : all)
        out.faces.push_back({r.x / k, r.y / k, r.width / k, r.height / k});
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
