// lantern-develop picture IN.png OUT.jpg SEED LENS QUALITY   a rendering becomes a photograph: lens, film curve, grain
// lantern-develop outline MASK.png OUT.json                   a mask becomes the outline somebody would have drawn
// lantern-develop edges EDGES.txt W H OUT.png                 where a thing's parts end: 1 in depth, 2 in direction, 4
// in kind
#include <fstream>
#include <iostream>
#include <nlohmann/json.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace {

int picture(char** a)
{
    const cv::Mat in = cv::imread(a[2]);
    if (in.empty())
        return 2;
    cv::RNG random(std::stoul(a[4]));
    const double lens = std::stod(a[5]);
    cv::Mat m, bloom;
    in.convertTo(m, CV_32F, 1 / 255.0);
    if (lens > 0)
        cv::GaussianBlur(m, m, cv::Size(), lens);
    cv::GaussianBlur(m, bloom, cv::Size(), in.cols / 60.0);
    m = m * 0.93 + bloom * 0.07;
    // Red and blue are a hair wider than green towards the corners.
    std::vector<cv::Mat> bgr;
    cv::split(m, bgr);
    for (const int c : {0, 2}) {
        const double k = c == 2 ? 0.9994 : 1.0005;
        const cv::Matx23d map(k, 0, (1 - k) * m.cols / 2, 0, k, (1 - k) * m.rows / 2);
        cv::warpAffine(bgr[std::size_t(c)], bgr[std::size_t(c)], map, m.size(), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP,
            cv::BORDER_REPLICATE);
    }
    cv::merge(bgr, m);
    cv::Mat fine(m.size(), CV_32FC3), coarse(m.rows / 2 + 1, m.cols / 2 + 1, CV_32FC1), grey;
    random.fill(fine, cv::RNG::NORMAL, 0, 0.006);
    random.fill(coarse, cv::RNG::NORMAL, 0, 0.006);
    cv::resize(coarse, grey, m.size(), 0, 0, cv::INTER_CUBIC);
    cv::GaussianBlur(fine, fine, cv::Size(), 0.6);
    for (int y = 0; y < m.rows; ++y)
        for (int x = 0; x < m.cols; ++x) {
            cv::Vec3f& p = m.at<cv::Vec3f>(y, x);
            const float dx = float(x) / float(m.cols) - 0.5f, dy = float(y) / float(m.rows) - 0.5f;
            const float corner = 1 - 0.28f * (dx * dx + dy * dy) * 2;
            for (int c = 0; c < 3; ++c) {
                float v = std::clamp(p[c] * corner, 0.f, 1.f);
                v = v + 0.12f * (v - 0.5f) * (1 - std::abs(2 * v - 1)); // a little more contrast in the middle
                p[c] = 0.012f + 0.978f * v + fine.at<cv::Vec3f>(y, x)[c]
                    + grey.at<float>(y, x) * (0.5f + v * (1 - v) * 2);
            }
        }
    cv::Mat out;
    m.convertTo(out, CV_8U, 255);
    return cv::imwrite(a[3], out, {cv::IMWRITE_JPEG_QUALITY, std::stoi(a[6]), cv::IMWRITE_JPEG_OPTIMIZE, 1}) ? 0 : 2;
}

int outline(char** a)
{
    cv::Mat m = cv::imread(a[2], cv::IMREAD_UNCHANGED), alpha;
    if (m.empty())
        return 2;
    cv::extractChannel(m, alpha, m.channels() - 1);
    std::vector<std::vector<cv::Point>> contours;
    std::vector<cv::Vec4i> tree;
    cv::findContours(cv::Mat(alpha > 127), contours, tree, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
    const double least = double(alpha.total()) * 2e-5;
    nlohmann::json pieces = nlohmann::json::array();
    for (std::size_t i = 0; i < contours.size(); ++i) {
        if (cv::contourArea(contours[i]) < least)
            continue;
        std::vector<cv::Point> simple;
        cv::approxPolyDP(contours[i], simple, 1.6, true);
        nlohmann::json points = nlohmann::json::array();
        for (const cv::Point p : simple)
            points.push_back({p.x + 0.5, p.y + 0.5});
        if (simple.size() >= 3)
            pieces.push_back({{"hole", tree[i][3] >= 0}, {"points", points}});
    }
    std::ofstream(a[3]) << nlohmann::json{{"pieces", pieces}};
    std::cout << a[3] << ": " << pieces.size() << " pieces\n";
    return 0;
}

/// A line that a draughtsman may draw: depth breaks (1/z is linear over planes), the surface turns by 35° within two
/// pixels, or another part begins.
int edges(char** a)
{
    std::ifstream in(a[2]);
    const int w = std::stoi(a[3]), h = std::stoi(a[4]);
    cv::Mat near(h, w, CV_64F), normal(h, w, CV_64FC3), part(h, w, CV_64F), out(h, w, CV_8U, cv::Scalar(0));
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            double z = 0;
            cv::Vec3d n;
            if (!(in >> z >> n[0] >> n[1] >> n[2] >> part.at<double>(y, x)))
                return 2;
            near.at<double>(y, x) = z > 0 ? 1 / z : 0, normal.at<cv::Vec3d>(y, x) = n;
        }
    double most = 0;
    cv::minMaxLoc(near, nullptr, &most);
    for (int y = 1; y + 1 < h; ++y)
        for (int x = 1; x + 1 < w; ++x)
            for (const auto& [dx, dy] : {std::pair{1, 0}, {0, 1}}) {
                const cv::Point p(x, y), d(dx, dy);
                const double i = near.at<double>(p - d), j = near.at<double>(p), k = near.at<double>(p + d);
                int bits = std::abs(i - 2 * j + k) > 0.006 * most ? 1 : 0;
                if (i > 0 && k > 0 && normal.at<cv::Vec3d>(p - d).dot(normal.at<cv::Vec3d>(p + d)) < std::cos(0.611))
                    bits |= 2;
                if (j > 0 && k > 0 && std::abs(part.at<double>(p) - part.at<double>(p + d)) > 1e-3)
                    bits |= 4;
                out.at<std::uint8_t>(p) |= std::uint8_t(bits);
            }
    return cv::imwrite(a[5], out) ? 0 : 2;
}

} // namespace

int main(int argc, char** argv)
{
    const std::string what = argc > 1 ? argv[1] : "";
    if (what == "picture" && argc == 7)
        return picture(argv);
    if (what == "outline" && argc == 4)
        return outline(argv);
    if (what == "edges" && argc == 6)
        return edges(argv);
    std::cerr << "see the first lines of demo/develop.cpp\n";
    return 2;
}
