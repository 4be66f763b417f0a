#include "core/colour/srgb.h"
#include "core/reading/attention.h"
#include "tests/kit/program.h"
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace rl;
using namespace rl::reading;

/// The made examples whose order of reading is known by how they were made, as they are and spoilt.
class TestExamples : public QObject {
    Q_OBJECT
    QJsonArray m_truth;
    enum class As { Made, Mirrored, Half, Jpeg, Noisy };

    static QString path(const QString& name) { return QString(RL_ATTENTION_EXAMPLES) + "/" + name; }
    static Attention readOf(const QJsonObject& t, As how)
    {
        cv::Mat bgr = cv::imread(path(t["image"].toString()).toStdString(), cv::IMREAD_COLOR),
                ids = cv::imread(path(t["ids"].toString()).toStdString(), cv::IMREAD_GRAYSCALE), rgb, wide;
        if (how == As::Mirrored)
            cv::flip(bgr, bgr, 1), cv::flip(ids, ids, 1);
        if (how == As::Half) {
            cv::resize(bgr, bgr, {}, 0.5, 0.5, cv::INTER_AREA);
            cv::resize(ids, ids, {}, 0.5, 0.5, cv::INTER_NEAREST);
        }
        if (how == As::Jpeg) {
            std::vector<unsigned char> bytes;
            cv::imencode(".jpg", bgr, bytes, {cv::IMWRITE_JPEG_QUALITY, 60});
            bgr = cv::imdecode(bytes, cv::IMREAD_COLOR);
        }
        if (how == As::Noisy) {
            cv::Mat noise(bgr.size(), CV_16SC3), sum;
            cv::RNG random(11);
            random.fill(noise, cv::RNG::NORMAL, 0, 5);
            bgr.convertTo(sum, CV_16S);
            cv::Mat(sum + noise).convertTo(bgr, CV_8U);
        }
        cv::cvtColor(bgr, rgb, cv::COLOR_BGR2RGB);
        ids.convertTo(wide, CV_32S);
        const QJsonArray canvas = t["canvas_cm"].toArray();
        return attention(colour::linearOf(Photo::fromMat(rgb)), IdMap::fromMat(wide),
            {canvas[0].toDouble(), canvas[1].toDouble(), t["distance_cm"].toDouble()});
    }
    static bool mayBeFirst(const QJsonObject& t, int id)
    {
        const QJsonArray accepted = t["accept_top1"].toArray();
        return id == t["expected_top1"].toInt() || accepted.contains(QJsonValue(id));
    }

private slots:
    void initTestCase()
    {
        QFile file(path("truth.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        m_truth = QJsonDocument::fromJson(file.readAll()).array();
        QCOMPARE(m_truth.size(), 19);
    }

    void whatIsMadeToDrawMostDoes_data()
    {
        QTest::addColumn<int>("example");
        for (int i = 0; i < m_truth.size(); ++i)
            QTest::addRow("%s", qPrintable(m_truth[i].toObject()["name"].toString())) << i;
    }
    void whatIsMadeToDrawMostDoes()
    {
        QFETCH(int, example);
        const QJsonObject t = m_truth[example].toObject();
        const Attention a = readOf(t, As::Made);
        QVERIFY(mayBeFirst(t, a.order.front()));
        for (const QJsonValue& pair : t["pairs"].toArray()) {
            const int strong = pair.toArray()[0].toInt(), weak = pair.toArray()[1].toInt();
            QVERIFY2(a.share.at(strong) > a.share.at(weak), qPrintable(QString("%1 over %2").arg(strong).arg(weak)));
        }
        if (t.contains("driver"))
            QVERIFY2(t["driver"].toArray().contains(QString::fromStdString(a.driver)), a.driver.c_str());
        double sum = 0;
        for (const auto& [id, share] : a.share)
            sum += share;
        QVERIFY(std::abs(sum - 1) < 1e-9);
        QCOMPARE(a.glances.front(), a.order.front());
    }

    void theFirstGlanceOutlivesWhatHappensToPictures_data()
    {
        QTest::addColumn<int>("how");
        QTest::newRow("mirrored") << int(As::Mirrored);
        QTest::newRow("half size") << int(As::Half);
        QTest::newRow("JPEG 60") << int(As::Jpeg);
        QTest::newRow("noise of 5 codes") << int(As::Noisy);
    }
    void theFirstGlanceOutlivesWhatHappensToPictures()
    {
        QFETCH(int, how);
        for (const QJsonValue& v : m_truth) {
            const QJsonObject t = v.toObject();
            const Attention a = readOf(t, As(how));
            QVERIFY2(mayBeFirst(t, a.order.front()), qPrintable(t["name"].toString()));
        }
    }

    /// Lines that meet in one of several like things make it the first; without them nothing leads.
    void linesLeadToWhereTheyMeet_data()
    {
        QTest::addColumn<bool>("lines");
        QTest::newRow("with lines") << true;
        QTest::newRow("without") << false;
    }
    void linesLeadToWhereTheyMeet()
    {
        QFETCH(bool, lines);
        cv::Mat rgb(300, 450, CV_8UC3, cv::Scalar(150, 150, 150)), ids(rgb.size(), CV_32S, cv::Scalar(0));
        const cv::Point places[]{{110, 110}, {330, 105}, {130, 220}, {320, 210}};
        if (lines)
            for (int k = 0; k < 16; ++k) {
                const double a = k * kPi / 8 + 0.1;
                const cv::Point2d way(std::cos(a), std::sin(a)), from = cv::Point2d(places[1]) + way * 34.0,
                                                                 to = cv::Point2d(places[1]) + way * 120.0;
                cv::line(rgb, from, to, cv::Scalar(125, 125, 125), 2, cv::LINE_AA);
            }
        for (int i = 0; i < 4; ++i) {
            cv::circle(rgb, places[i], 14, cv::Scalar(90, 90, 90), -1, cv::LINE_AA);
            cv::circle(ids, places[i], 14, cv::Scalar(i + 1), -1);
        }
        const Attention a = attention(colour::linearOf(Photo::fromMat(rgb)), IdMap::fromMat(ids), {45, 30, 100});
        const double others = (a.share.at(1) + a.share.at(3) + a.share.at(4)) / 3;
        if (lines) {
            QCOMPARE(a.order.front(), 2);
            QVERIFY2(a.share.at(2) > 1.2 * others, qPrintable(QString::number(a.share.at(2) / others)));
        } else {
            QVERIFY(std::abs(a.share.at(2) / others - 1) < 0.15);
        }
    }

    void noElementIsLostInASmallPicture()
    {
        for (const QJsonValue& v : m_truth) {
            const QJsonObject t = v.toObject();
            const cv::Mat ids = cv::imread(path(t["ids"].toString()).toStdString(), cv::IMREAD_GRAYSCALE);
            cv::Mat wide;
            ids.convertTo(wide, CV_32S);
            const IdMap small = smallIds(IdMap::fromMat(wide), 96, 72);
            std::set<int> kept;
            for (std::size_t i = 0; i < small.size(); ++i)
                kept.insert(small.data()[i]);
            for (const QString& id : t["elements"].toObject().keys())
                QVERIFY2(kept.contains(id.toInt()), qPrintable(t["name"].toString() + " " + id)); // none is lost
        }
    }
};

RL_TEST(TestExamples)
#include "tst_examples.moc"
