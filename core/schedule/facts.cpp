#include "core/schedule/facts.h"
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::schedule {

std::vector<int> farToNear(const stage::StageFrame& frame)
{
    std::vector<int> out;
    for (const stage::Layer& l : frame.layers)
        if (std::find(out.begin(), out.end(), l.element) == out.end())
            out.push_back(l.element);
    return out;
}

namespace {
double percentile(std::vector<float>& v, double share)
{
    if (v.empty())
        return 50;
    const auto at = v.begin() + std::ptrdiff_t(share * double(v.size() - 1));
    std::nth_element(v.begin(), at, v.end());
    return double(*at);
}

/// Where lightness or colour changes clearly within half a millimetre to two.
cv::Mat edgesOf(const cv::Mat& lab)
{
    cv::Mat soft, c[3], sum = cv::Mat::zeros(lab.size(), CV_32F);
    cv::GaussianBlur(lab, soft, {}, 0.8);
    cv::split(soft, c);
    for (const cv::Mat& one : c) {
        cv::Mat x, y;
        cv::Sobel(one, x, CV_32F, 1, 0, 3, 0.125), cv::Sobel(one, y, CV_32F, 0, 1, 3, 0.125);
        sum += x.mul(x) + y.mul(y);
    }
    return sum > 9; // ΔE 3 a pixel
}

int rankOf(const Project& p, const Element& e)
{
    for (std::size_t i = 0; i < p.brief.cast.size(); ++i)
        if (e.cast && p.brief.cast[i].id == e.cast)
            return int(i) + 1;
    return 0;
}
} // namespace

PlanFacts factsOf(const Project& p, const light::Picture& picture, const std::vector<int>& order)
{
    PlanFacts f;
    const LinearPicture& pic = picture.colour;
    f.pixelsPerCm = picture.pixelsPerCm;
    f.areaCm2 = areaOf(p.brief);
    f.parts.push_back({0, "backdrop", 0, 0, 0, 0, 0, {}, 0, {}});
    std::map<int, std::size_t> place{{0, 0}};
    for (const int id : order)
        if (const Element* e = p.element(id)) {
            place[id] = f.parts.size();
            f.parts.push_back({id, e->name, 0, 0, 0, 0, 0, {}, rankOf(p, *e), {}});
        }
    if (pic.empty())
        return f;
    cv::Mat lab(pic.height(), pic.width(), CV_32FC3);
    cv::cvtColor(pic.mat(), lab, cv::COLOR_LRGB2Lab);
    std::vector<float> all;
    cv::Vec3d mean(0, 0, 0);
    for (int y = 0; y < lab.rows; y += 2)
        for (int x = 0; x < lab.cols; x += 2)
            all.push_back(lab.at<cv::Vec3f>(y, x)[0]), mean += cv::Vec3d(lab.at<cv::Vec3f>(y, x));
    mean /= double(all.size());
    f.mean = {float(mean[0]), float(mean[1]), float(mean[2])};
    f.darkest = percentile(all, 0.01), f.middle = percentile(all, 0.5), f.lightest = percentile(all, 0.99);
    f.darkTo = f.darkest + (f.lightest - f.darkest) / 3, f.lightFrom = f.lightest - (f.lightest - f.darkest) / 3;
    const double few = std::min(1.0, 360.0 / std::max(pic.width(), pic.height()));
    cv::Mat ids;
    cv::resize(picture.ids.mat(), ids, {}, few, few, cv::INTER_NEAREST);
    f.outlines = IdMap::fromMat(ids), f.outlinesPerCm = few * picture.pixelsPerCm;
    const cv::Mat edges = edgesOf(lab);
    const double cm2 = 1 / (picture.pixelsPerCm * picture.pixelsPerCm), cm = 1 / picture.pixelsPerCm;
    std::vector<double> edged(f.parts.size(), 0);
    std::vector<cv::Rect> boxes(f.parts.size());
    std::map<std::pair<std::size_t, std::size_t>, int> touching;
    const auto partAt = [&](int x, int y) {
        const auto it = place.find(picture.ids.at(x, y));
        return it == place.end() ? std::size_t(0) : it->second;
    };
    for (int y = 0; y < pic.height(); ++y)
        for (int x = 0; x < pic.width(); ++x) {
            if (!onCanvas(p.brief, {(x + 0.5) * cm, (y + 0.5) * cm}))
                continue;
            const std::size_t i = partAt(x, y);
            PartFacts& part = f.parts[i];
            const double L = double(lab.at<cv::Vec3f>(y, x)[0]);
            part.areaCm2 += cm2;
            (L < f.darkTo ? part.darkCm2 : L > f.lightFrom ? part.lightCm2 : part.middleCm2) += cm2;
            boxes[i] |= cv::Rect(x, y, 1, 1);
            const std::size_t r = x + 1 < pic.width() ? partAt(x + 1, y) : i,
                              d = y + 1 < pic.height() ? partAt(x, y + 1) : i;
            if (edges.at<std::uint8_t>(y, x) && r == i && d == i)
                edged[i] += cm2;
            for (const std::size_t other : {r, d})
                if (other != i)
                    ++touching[{std::max(i, other), std::min(i, other)}];
        }
    for (std::size_t i = 0; i < f.parts.size(); ++i) {
        PartFacts& part = f.parts[i];
        if (part.areaCm2 > 0)
            part.detail = std::min(1.0, edged[i] / part.areaCm2 * 2);
        part.box = {boxes[i].x * cm, boxes[i].y * cm, boxes[i].width * cm, boxes[i].height * cm};
        for (const auto& [pair, n] : touching)
            if (pair.first == i && n > 2)
                part.behind.push_back(int(pair.second));
    }
    return f;
}

} // namespace rl::schedule
