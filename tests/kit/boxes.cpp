#include "tests/kit/boxes.h"
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::kit {

Boxes boxes(unsigned seed, int width, int height)
{
    std::mt19937 random(seed);
    const auto between = [&](double a, double b) { return a + (b - a) * double(random() >> 5) / double(1U << 27); };
    Boxes out;
    out.focalPx = width * between(0.8, 1.4);
    out.eyeLevel = height * between(0.25, 0.65);
    const double eye = between(1.4, 3.0), x0 = width / 2.0;
    cv::Mat m(height, width, CV_8UC3);
    for (int y = 0; y < height; ++y)
        m.row(y).setTo(y < out.eyeLevel ? cv::Scalar(170, 180, 195) : cv::Scalar(120, 112, 100));
    const auto seen = [&](double x, double y, double z) {
        return cv::Point(int(std::lround(16 * (x0 + out.focalPx * x / z))),
            int(std::lround(16 * (out.eyeLevel + out.focalPx * (eye - y) / z))));
    };
    struct Face {
        std::vector<cv::Point> corners;
        double distance;
        cv::Scalar colour;
    };
    std::vector<Face> faces;
    for (int b = 0; b < 4; ++b) {
        const double cx = -3.4 + 2.3 * b + between(-0.3, 0.3), cz = between(7, 12), turn = between(0.25, 1.3),
                     w = between(0.7, 1.2), d = between(0.7, 1.2), h = between(0.5, 1.3);
        const auto corner = [&](int i, double y) {
            const double u = (i == 1 || i == 2 ? w : -w), v = (i >= 2 ? d : -d);
            return seen(cx + u * std::cos(turn) - v * std::sin(turn), y, cz + u * std::sin(turn) + v * std::cos(turn));
        };
        const auto depth = [&](int i, int k) {
            double z = 0;
            for (const int j : {i, k}) {
                const double u = (j == 1 || j == 2 ? w : -w), v = (j >= 2 ? d : -d);
                z += (cz + u * std::sin(turn) + v * std::cos(turn)) / 2;
            }
            return z;
        };
        const double tone = between(60, 200);
        for (int i = 0; i < 4; ++i) {
            const int k = (i + 1) % 4;
            faces.push_back({{corner(i, 0), corner(k, 0), corner(k, h), corner(i, h)}, depth(i, k),
                cv::Scalar::all(tone * (0.5 + 0.13 * i))});
            // Boards: level lines on the face.
            for (int line = 1; line < 4; ++line) {
                const double y = h * line / 4;
                faces.push_back({{corner(i, y), corner(k, y), corner(k, y + 0.03), corner(i, y + 0.03)},
                    depth(i, k) - 0.001, cv::Scalar::all(tone * 0.35)});
            }
        }
        faces.push_back({{corner(0, h), corner(1, h), corner(2, h), corner(3, h)}, cz,
            cv::Scalar::all(std::min(250.0, tone * 1.15))});
    }
    std::stable_sort(faces.begin(), faces.end(), [](const Face& a, const Face& b) { return a.distance > b.distance; });
    for (const Face& f : faces)
        cv::fillConvexPoly(m, f.corners, f.colour, cv::LINE_AA, 4);
    cv::Mat grain(m.size(), CV_16SC3), noisy;
    cv::RNG noise(seed);
    noise.fill(grain, cv::RNG::NORMAL, 0, 4);
    m.convertTo(noisy, CV_16SC3);
    noisy += grain;
    noisy.convertTo(m, CV_8UC3);
    cv::GaussianBlur(m, m, cv::Size(), 0.7);
    out.photo = Photo::fromMat(m);
    return out;
}

} // namespace rl::kit
