#include "core/survey/expected.h"
#include "core/base/parallel.h"
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
float noiseAt(int x, int y, unsigned seed)
{
    unsigned n = unsigned(x) * 374761393U + unsigned(y) * 668265263U + seed * 2246822519U;
    n = (n ^ (n >> 13)) * 1274126177U;
    return float((n ^ (n >> 16)) & 0xffff) / 65535.0f;
}

/// Each patch of a brush's width takes the mean of what it mostly covers, thing by thing; rows are shifted like bricks.
cv::Mat blocksOf(const cv::Mat& lab, const IdMap& ids, int side)
{
    cv::Mat out(lab.size(), lab.type());
    for (int y0 = 0, row = 0; y0 < lab.rows; y0 += side, ++row)
        for (int x0 = -(row % 2) * side; x0 < lab.cols; x0 += 2 * side) {
            std::map<int, std::pair<cv::Vec3d, int>> sums;
            const int x1 = std::min(lab.cols, x0 + 2 * side), y1 = std::min(lab.rows, y0 + side);
            for (int y = y0; y < y1; ++y)
                for (int x = std::max(0, x0); x < x1; ++x) {
                    auto& s = sums[ids.at(x, y)];
                    s.first += cv::Vec3d(lab.at<cv::Vec3f>(y, x)), ++s.second;
                }
            for (int y = y0; y < y1; ++y)
                for (int x = std::max(0, x0); x < x1; ++x) {
                    const auto& s = sums[ids.at(x, y)];
                    out.at<cv::Vec3f>(y, x) = cv::Vec3f(s.first / double(s.second));
                }
        }
    return out;
}

/// Noise without corners, −1…1. \param size px of its waves
cv::Mat wavesOf(cv::Size size, double wave, unsigned seed)
{
    const int w = std::max(2, int(size.width / wave) + 2), h = std::max(2, int(size.height / wave) + 2);
    cv::Mat knots(h, w, CV_32F), out;
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x)
            knots.at<float>(y, x) = 2 * noiseAt(x, y, seed) - 1;
    cv::resize(knots, out, size, 0, 0, cv::INTER_CUBIC);
    return out;
}

/// Edges of blocks as a brush leaves them: wavy, but never over into another thing.
cv::Mat loosened(const cv::Mat& block, const IdMap& ids, int side)
{
    const cv::Mat dx = wavesOf(block.size(), side * 0.7, 21), dy = wavesOf(block.size(), side * 0.5, 22),
                  fine = wavesOf(block.size(), 3, 23);
    cv::Mat out = block.clone();
    for (int y = 0; y < block.rows; ++y)
        for (int x = 0; x < block.cols; ++x) {
            const int u = std::clamp(x + int(float(side) * 0.45f * dx.at<float>(y, x) + fine.at<float>(y, x) * 2), 0,
                          block.cols - 1),
                      v = std::clamp(y + int(float(side) * 0.35f * dy.at<float>(y, x)), 0, block.rows - 1);
            if (ids.at(u, v) == ids.at(x, y))
                out.at<cv::Vec3f>(y, x) = block.at<cv::Vec3f>(v, u);
        }
    return out;
}

cv::Mat drawingOf(const cv::Mat& lab, const IdMap& ids)
{
    cv::Mat L, soft, x, y, out;
    cv::extractChannel(lab, L, 0);
    cv::GaussianBlur(L, soft, {}, 1.2);
    cv::Sobel(soft, x, CV_32F, 1, 0, 3, 0.125), cv::Sobel(soft, y, CV_32F, 0, 1, 3, 0.125);
    cv::magnitude(x, y, out);
    out = (out - 3) / 8;
    cv::min(out, 1, out), cv::max(out, 0, out);
    cv::Mat most;
    cv::dilate(out, most, cv::Mat::ones(3, 3, CV_8U));
    out.setTo(0, out < most); // one pixel wide
    for (int r = 0; r + 1 < ids.height(); ++r)
        for (int c = 0; c + 1 < ids.width(); ++c)
            if (ids.at(c, r) != ids.at(c + 1, r) || ids.at(c, r) != ids.at(c, r + 1))
                out.at<float>(r, c) = 1;
    return out;
}

cv::Mat groundOf(cv::Size size, colour::Lab tone, double perCm)
{
    cv::Mat out(size, CV_32FC3);
    const double thread = std::max(2.0, perCm / 14 * 2);
    const cv::Mat wipes = wavesOf(size, 6 * perCm, 2); // the cloth that wiped it
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const double weave = std::sin(2 * kPi * x / thread) * std::sin(2 * kPi * y / thread);
            const float by
                = float(0.8 * weave) + 1.5f * (noiseAt(x / 2, y / 2, 1) - 0.5f) + 1.2f * wipes.at<float>(y, x);
            out.at<cv::Vec3f>(y, x) = {float(tone.L) + by, float(tone.a), float(tone.b)};
        }
    cv::GaussianBlur(out, out, {}, 0.8);
    return out;
}

/// Where blocks leave the ground: along some seams, and where the brush ran dry.
cv::Mat gapsOf(cv::Size size, int side)
{
    const cv::Mat bend = wavesOf(size, side * 1.5, 7), where = wavesOf(size, side * 2.5, 11),
                  dry = wavesOf(size, side * 3.0, 5), hair = wavesOf(size, 2.2, 3);
    cv::Mat out(size, CV_32F);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const float v = float(y) + 0.35f * float(side) * bend.at<float>(y, x),
                        at = std::fmod(v + 1000 * float(side), float(side)) / float(side);
            const float seam = at < 0.12f && where.at<float>(y, x) > 0.25f ? 0.75f : 0;
            const float ran = dry.at<float>(y, x) > 0.45f && hair.at<float>(y / 2, x) > 0.3f ? 0.6f : 0;
            out.at<float>(y, x) = std::max(seam, ran);
        }
    cv::GaussianBlur(out, out, {}, 0.8);
    return out;
}
} // namespace

double shareDone(
    const std::vector<schedule::WorkTask>& tasks, const std::set<std::string>& done, const std::string& key)
{
    int parts = 0, ready = 0;
    for (const auto& t : tasks)
        if (t.key == key || t.key.starts_with(key + "#"))
            ++parts, ready += done.contains(t.key);
    return parts ? double(ready) / parts : 1;
}

StageLooks::StageLooks(
    const Project& project, const light::Picture& plan, const schedule::PlanFacts& facts, colour::Lab tone)
    : m_facts(facts)
    , m_ids(plan.ids)
    , m_perCm(plan.pixelsPerCm)
{
    cv::cvtColor(plan.colour.mat(), m_plan, cv::COLOR_LRGB2Lab);
    const double brushMm = std::clamp(project.painting.blockMm / 6, 1.5, 6.0);
    cv::bilateralFilter(m_plan, m_soft, -1, 14, std::clamp(brushMm / 10 * m_perCm, 0.8, 3.0));
    const int side = std::max(3, int(std::lround(project.painting.blockMm / 10 * m_perCm)));
    m_block = loosened(blocksOf(m_plan, m_ids, side), m_ids, side);
    m_ground = groundOf(m_plan.size(), tone, m_perCm);
    m_drawing = drawingOf(m_plan, m_ids);
    m_gaps = gapsOf(m_plan.size(), side);
}

LinearPicture StageLooks::after(const std::vector<schedule::WorkTask>& tasks, const std::set<std::string>& done) const
{
    const auto share = [&](const std::string& key) { return shareDone(tasks, done, key); };
    const auto has = [&](const std::string& key) {
        return std::any_of(
            tasks.begin(), tasks.end(), [&](const auto& t) { return t.key == key || t.key.starts_with(key + "#"); });
    };
    bool toned = true;
    for (const auto& t : tasks)
        if (t.kind == WorkKind::Tone && !done.contains(t.key))
            toned = false;
    const double carried = share("carry"), block = has("block") ? share("block") : 0, darks = share("darks"),
                 lights = share("lights"), middles = share("middles"), glazed = share("glaze"),
                 accents = share("accents");
    struct Part {
        double pass = 0, detail = 0;
        double left = 0, width = 1; ///< px: parts of a split task go from left to right
    };
    std::map<int, Part> parts;
    for (const auto& p : m_facts.parts) {
        const std::string id = std::to_string(p.element);
        parts[p.element] = {share("pass:" + id), has("detail:" + id) ? share("detail:" + id) : lights,
            p.box.x * m_perCm, std::max(1.0, p.box.width * m_perCm)};
    }
    const cv::Vec3f white(95, 0, 1);
    const float darkTo = float(m_facts.darkTo), lightFrom = float(m_facts.lightFrom), most = float(m_facts.lightest);
    cv::Mat out(m_plan.size(), CV_32FC3), rgb;
    parallelRanges(out.rows, [&](int from, int to) {
        for (int y = from; y < to; ++y) {
            const Part* part = nullptr;
            int whose = -1;
            for (int x = 0; x < out.cols; ++x) {
                if (const int id = m_ids.at(x, y); id != whose) {
                    const auto it = parts.find(id);
                    part = it == parts.end() ? &parts.begin()->second : &it->second;
                    whose = id;
                }
                cv::Vec3f c = m_ground.at<cv::Vec3f>(y, x);
                if (!toned)
                    c[0] += white[0] - float(m_ground.at<cv::Vec3f>(0, 0)[0]), c[1] = white[1], c[2] = white[2];
                if (carried > 0.5)
                    c[0] -= 26 * m_drawing.at<float>(y, x);
                if (block > double(x) / out.cols) {
                    const float g = m_gaps.at<float>(y, x);
                    c = m_block.at<cv::Vec3f>(y, x) * (1 - g) + c * g;
                }
                if (const double at = (x - part->left) / part->width; part->pass > std::clamp(at, 0.0, 0.999)) {
                    const bool fine = part->detail > std::clamp(at, 0.0, 0.999);
                    c = (fine ? m_plan : m_soft).at<cv::Vec3f>(y, x);
                    if (c[0] < darkTo) {
                        c[0] += float(0.5 * (1 - darks)) * (darkTo - c[0])
                            + float(3 * (1 - glazed) * std::clamp((darkTo - c[0]) / 15.0f, 0.0f, 1.0f));
                        c[1] *= float(1 - 0.15 * (1 - glazed)), c[2] *= float(1 - 0.15 * (1 - glazed));
                    } else if (c[0] > lightFrom) {
                        c[0] -= float(0.6 * (1 - lights)) * (c[0] - lightFrom);
                    } else {
                        const float middle = (darkTo + lightFrom) / 2;
                        c[0] += float(0.25 * (1 - middles)) * (middle - c[0]);
                    }
                    if (accents < 1 && c[0] > most - 4)
                        c[0] = most - 4;
                }
                out.at<cv::Vec3f>(y, x) = c;
            }
        }
    });
    cv::cvtColor(out, rgb, cv::COLOR_Lab2LRGB);
    cv::max(rgb, 0, rgb);
    return LinearPicture::fromMat(rgb);
}

LinearPicture StageLooks::afterTask(const std::vector<schedule::WorkTask>& tasks, std::size_t last) const
{
    std::set<std::string> done;
    for (std::size_t i = 0; i <= last && i < tasks.size(); ++i)
        done.insert(tasks[i].key);
    return after(tasks, done);
}

LinearPicture StageLooks::now(const std::vector<schedule::WorkTask>& tasks) const
{
    std::set<std::string> done;
    for (const auto& t : tasks)
        if (t.done)
            done.insert(t.key);
    return after(tasks, done);
}

} // namespace rl::survey
