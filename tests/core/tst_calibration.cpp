#include "core/colour/srgb.h"
#include "core/paint/box.h"
#include "core/paint/swatch_card.h"
#include "devices/colour_reader.h"
#include "tests/kit/program.h"
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::paint;
using colour::ExactLab;

namespace {
/// A tube as one maker fills it: K and S off by smooth factors that are no splines.
Optics ownTube(const std::string& id, unsigned seed)
{
    std::mt19937 random(seed * 977 + unsigned(std::hash<std::string>{}(id)));
    std::normal_distribution<double> n;
    const double k0 = 0.25 * n(random), k1 = 0.15 * n(random), at = 3 * n(random), s0 = 0.15 * n(random);
    Optics o = *pigmentOf(id)->optics;
    for (std::size_t i = 0; i < kBands; ++i) {
        const double t = double(i) / kBands;
        o.k[i] *= std::exp(k0 + k1 * std::sin(5 * t + at)), o.s[i] *= std::exp(s0 + 0.6 * k1 * std::cos(4 * t + at));
    }
    return o;
}
ExactLab mixOf(std::initializer_list<OpticsPart> parts)
{
    const std::vector<OpticsPart> all(parts);
    return toLab(seen(opaque(mixed(all))));
}

/// A painted card photographed: perspective, a cast, uneven light, noise.
struct Photographed {
    std::vector<std::string> tubes{"PW6", "PY42", "PR254", "PB29", "PBr7BS", "PG7"};
    double cast = 0.12, fall = 0.35, noise = 1.5, tilt = 0.06;
    bool glare = false;
    std::map<std::pair<int, PatchKind>, ExactLab> truth;

    Photo photo()
    {
        constexpr double k = 6; // px a mm
        const CardLayout l = cardLayout(int(tubes.size()));
        cv::Mat card(int(CardLayout::kHigh * k), int(CardLayout::kWide * k), CV_32FC3, cv::Scalar(0.88, 0.88, 0.88));
        const auto fill = [&](const Rect& mm, const Rgb& c) {
            card(cv::Rect(int(mm.x * k), int(mm.y * k), int(mm.width * k), int(mm.height * k)))
                = cv::Scalar(double(c.r), double(c.g), double(c.b));
        };
        for (int n = 0; n < 4; ++n) {
            cv::Mat mark;
            cv::resize(cardMark(n).mat(), mark, cv::Size(int(CardLayout::kMark * k), int(CardLayout::kMark * k)), 0, 0,
                cv::INTER_NEAREST);
            const Rect& at = l.marks[std::size_t(n)];
            for (int y = 0; y < mark.rows; ++y)
                for (int x = 0; x < mark.cols; ++x)
                    if (mark.at<uchar>(y, x) == 0)
                        card.at<cv::Vec3f>(int(at.y * k) + y, int(at.x * k) + x) = {0.02f, 0.02f, 0.02f};
        }
        const float grey = 0.88f * colour::linearOf(std::uint8_t(119));
        fill(l.grey, {grey, grey, grey});
        const Optics white = ownTube("PW6", 3);
        for (const auto& p : l.patches) {
            if (int(p.kind) > int(PatchKind::Tint10))
                continue;
            const Optics own = ownTube(tubes[std::size_t(p.tube)], 3);
            const double in[] = {0, 2, 10};
            const ExactLab lab = mixOf({{&own, 1}, {&white, in[int(p.kind)]}});
            truth[{p.tube, p.kind}] = lab;
            Rgb c = colour::fromLab(colour::Lab(lab));
            fill(p.at, {std::max(c.r, 0.f), std::max(c.g, 0.f), std::max(c.b, 0.f)});
        }
        return shot(card);
    }

private:
    Photo shot(const cv::Mat& card) const
    {
        const cv::Size size(1500, 2000);
        const float w = float(card.cols), h = float(card.rows), t = float(tilt);
        const std::vector<cv::Point2f> from{{0, 0}, {w, 0}, {w, h}, {0, h}},
            to{{90 + 300 * t, 80}, {1400 - 200 * t, 120 + 400 * t}, {1440, 1900 - 300 * t}, {60, 1930}};
        cv::Mat seenCard;
        cv::warpPerspective(card, seenCard, cv::getPerspectiveTransform(from, to), size, cv::INTER_AREA,
            cv::BORDER_CONSTANT, cv::Scalar(0.25, 0.22, 0.2));
        std::mt19937 random(11);
        std::normal_distribution<double> n(0, noise);
        std::vector<Rgb8> out(std::size_t(size.width * size.height));
        for (int y = 0; y < size.height; ++y)
            for (int x = 0; x < size.width; ++x) {
                const auto c = seenCard.at<cv::Vec3f>(y, x);
                const double u = double(x) / size.width, v = double(y) / size.height,
                             light = 0.95 * (1 - fall * (0.6 * u + 0.4 * v * v)),
                             spot
                    = glare ? 0.8 * std::exp(-(std::pow((u - 0.45) / 0.02, 2) + std::pow((v - 0.28) / 0.006, 2))) : 0;
                const double channel[] = {1 + cast, 1.0, 1 - cast};
                std::uint8_t code[3];
                for (int i = 0; i < 3; ++i)
                    code[i] = std::uint8_t(std::clamp(
                        255 * colour::toEncoded(std::clamp(double(c[i]) * light * channel[i] * 0.93 + spot, 0.0, 1.0))
                            + n(random),
                        0.0, 255.0));
                out[std::size_t(y * size.width + x)] = {code[0], code[1], code[2]};
            }
        return {size.width, size.height, std::move(out)};
    }
};
} // namespace

/// Tubes fitted to painted swatches; a photographed card; the simulated colour reader.
class TestCalibration : public QObject {
    Q_OBJECT
private slots:
    void swatchesTellTheTubes()
    {
        const std::vector<std::string> ids{"PW6", "PY42", "PR254", "PV19", "PB29", "PB15:3", "PBr7BS", "PG7"};
        std::vector<double> before, after;
        for (unsigned seed = 1; seed <= 4; ++seed) {
            std::mt19937 random(seed);
            std::normal_distribution<double> noise(0, 0.6);
            std::vector<Optics> own;
            for (const std::string& id : ids)
                own.push_back(ownTube(id, seed));
            std::vector<Swatches> cards;
            for (std::size_t i = 0; i < ids.size(); ++i) {
                const auto read = [&](double white) {
                    ExactLab c = mixOf({{&own[i], 1}, {&own[0], white}});
                    c.L += noise(random), c.a += noise(random), c.b += noise(random);
                    return Reading{c, {}};
                };
                Swatches s;
                s.paint = ids[i], s.masstone = read(0);
                if (i)
                    s.tint10 = read(10);
                cards.push_back(s);
            }
            NoProgress progress;
            const auto fitted = calibrated(cards, 0.6, Finish::Satin, progress);
            QVERIFY(bool(fitted));
            for (std::size_t i = 1; i < ids.size(); ++i)
                for (std::size_t j = i + 1; j < ids.size(); ++j)
                    for (const double white : {0.0, 4.0}) {
                        const auto mixed_ = [&](const Optics& a, const Optics& b, const Optics& w) {
                            return mixOf({{&a, 1}, {&b, 1.5}, {&w, white}});
                        };
                        const ExactLab truth = mixed_(own[i], own[j], own[0]);
                        const auto optics
                            = [](const std::string& id) -> const Optics& { return *pigmentOf(id)->optics; };
                        before.push_back(
                            colour::deltaE2000(truth, mixed_(optics(ids[i]), optics(ids[j]), optics("PW6"))));
                        after.push_back(colour::deltaE2000(truth,
                            mixed_((*fitted)[i].paint.optics, (*fitted)[j].paint.optics, (*fitted)[0].paint.optics)));
                    }
        }
        const auto at = [](std::vector<double>& v, double share) {
            std::sort(v.begin(), v.end());
            return v[std::size_t(share * double(v.size() - 1))];
        };
        QVERIFY2(at(after, 0.5) < 0.6 && at(after, 0.95) < 2,
            qPrintable(QString("%1 %2").arg(at(after, 0.5)).arg(at(after, 0.95))));
        QVERIFY(at(after, 0.5) < 0.4 * at(before, 0.5));
    }
    void aTypicalTubeStaysAsItIs()
    {
        NoProgress progress;
        Swatches s;
        s.paint = "PB29";
        s.masstone = Reading{toLab(seen(opaque(*pigmentOf("PB29")->optics))), {}};
        const auto f = calibrated({s}, 0.5, Finish::Satin, progress);
        QVERIFY(f && (*f)[0].fromTypical < 0.02 && (*f)[0].left < 0.02 && !(*f)[0].drawdown);
    }
    void badSwatchesAreRefused_data()
    {
        QTest::addColumn<QString>("paint");
        QTest::addColumn<double>("L");
        QTest::addColumn<double>("sigma");
        QTest::newRow("unknown paint") << "PX1" << 50.0 << 1.0;
        QTest::newRow("fluorescent") << "FLPINK" << 50.0 << 1.0;
        QTest::newRow("no colour") << "PB29" << double(NAN) << 1.0;
        QTest::newRow("lighter than light") << "PB29" << 400.0 << 1.0;
        QTest::newRow("no noise at all") << "PB29" << 50.0 << 0.0;
    }
    void badSwatchesAreRefused()
    {
        QFETCH(QString, paint);
        QFETCH(double, L);
        QFETCH(double, sigma);
        NoProgress progress;
        Swatches s;
        s.paint = paint.toStdString(), s.masstone = Reading{{L, 0, 0}, {}};
        QVERIFY(!calibrated({s}, sigma, Finish::Satin, progress));
    }

    void aPhotographedCardIsRead()
    {
        Photographed card;
        const Photo photo = card.photo();
        const auto read = readCard(photo, cardLayout(int(card.tubes.size())));
        QVERIFY(bool(read));
        std::vector<double> off;
        int refused = 0, bare = 0;
        for (const PatchRead& p : read->patches) {
            const auto truth = card.truth.find({p.tube, p.kind});
            if (truth == card.truth.end())
                bare += p.refused == "it is bare paper";
            else if (!p.refused.empty())
                ++refused;
            else
                off.push_back(colour::deltaE2000(truth->second, p.lab));
        }
        std::sort(off.begin(), off.end());
        QVERIFY2(off[off.size() / 2] < 2, qPrintable(QString::number(off[off.size() / 2])));
        QVERIFY(refused <= 5 && bare == 6); // vivid masstones clip a channel
        QVERIFY(read->greyOff < 2 && read->unevenness > 0.15);
    }
    void glareIsNamed()
    {
        Photographed card;
        card.glare = true;
        const auto read = readCard(card.photo(), cardLayout(int(card.tubes.size())));
        QVERIFY(bool(read));
        int named = 0;
        for (const PatchRead& p : read->patches)
            named += p.refused.find("glare") != std::string::npos || p.refused.find("clipped") != std::string::npos;
        QVERIFY(named >= 1 && named < 10);
    }
    void noCardIsSaid()
    {
        const auto read = readCard(Photo::filled(800, 600, Rgb8{120, 120, 120}), cardLayout(4));
        QVERIFY(!read && read.error().sentence.find("four marks") != std::string::npos);
        QVERIFY(!readCard(Photo::filled(20, 20, Rgb8{}), cardLayout(4)));
    }
    void theSimulatedReaderReads()
    {
        devices::SimulatedReader reader(4);
        QVERIFY(!reader.read());
        reader.layOn("PB29", 10);
        const auto a = reader.read(), b = reader.read();
        QVERIFY(a && b);
        const double apart = colour::deltaE2000(a->lab, b->lab);
        QVERIFY(apart > 0 && apart < 3); // noise, and the same tube
        reader.layOn("FLPINK", 0);
        QVERIFY(!reader.read());
    }
    void aBoxTakesItsSwatches()
    {
        PaintBox box = firstBox();
        for (std::size_t i = 0; i < box.tubes.size(); ++i)
            box.tubes[i].id = int(i) + 1;
        box.tubes[7].card.tint10 = {true, {60, 8, -40}};
        box.tubes[3].chosen = false;
        box.tubes.push_back({40, "FLPINK", "", 20, 20, 0, true, {}});
        box.tubes.push_back({41, "PB29", "the other blue", 20, 20, 0, true, {}});
        const MixingBox m = mixingBox(box);
        QCOMPARE(m.paints.size(), std::size_t(12)); // one at home, one fluorescent, one blue more
        QCOMPARE(m.leftOut, std::vector<int>{40});
        QVERIFY(m.of("PB29")->calibrated && !m.of("PB29#2")->calibrated && m.of("PB29#2")->name == "the other blue");
        QVERIFY(m.typical() && m.of("PB29")->fromTypical > 0.1);
        QVERIFY(!m.of("PY42"));
    }
};

RL_TEST(TestCalibration)
#include "tst_calibration.moc"
