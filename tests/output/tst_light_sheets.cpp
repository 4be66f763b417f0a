#include "core/project/edits.h"
#include "output/light_sheets.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using namespace rl::output;

class TestLightSheets : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    review::LightStudy m_study;

private slots:
    void initTestCase()
    {
        // Seven posts in two rows, a sun and three kinds of lantern.
        Project p = kit::postWork(130, 35);
        for (int i = 0; i < 6; ++i) {
            Element e = p.elements[0];
            e.id = 0;
            e.name = "=post " + std::to_string(i);
            e.baseCm = {8.0 + 8 * i, 24.0 + 3 * (i % 2)};
            p = edits::withElement(std::move(p), e);
        }
        for (const LampKind kind : {LampKind::Flame, LampKind::Panel, LampKind::Swarm}) {
            Lantern l;
            l.name = "lamp " + std::to_string(int(kind));
            l.kind = kind;
            l.position = {-1.0 + int(kind), 1.5, 7};
            p = edits::withLantern(std::move(p), l);
        }
        stage::SurfaceCache cache;
        NoProgress progress;
        m_study = review::lightStudy(p, cache, progress);
    }

    void everyElementIsStudied()
    {
        QCOMPARE(m_study.standing.size(), m_study.project.elements.size());
        QCOMPARE(m_study.rows.size(), m_study.project.elements.size());
        for (const auto& s : m_study.standing)
            QVERIFY(s.strongest != 0 && s.level > 0);
        QSet<int> greys; // five steps of value, no more
        for (std::size_t i = 0; i < m_study.values.size(); ++i)
            greys.insert(int(std::lround(1000 * m_study.values.data()[i].g)));
        QVERIFY(greys.size() >= 2 && greys.size() <= 5);
    }

    void sheetsAreOnePageAndFiveElementsAPage_data()
    {
        QTest::addColumn<QString>("paper");
        QTest::addColumn<double>("widthMm");
        QTest::newRow("A4") << "A4" << 210.0;
        QTest::newRow("Letter") << "Letter" << 215.9;
    }
    void sheetsAreOnePageAndFiveElementsAPage()
    {
        QFETCH(QString, paper);
        QFETCH(double, widthMm);
        m_study.project.sheets.paper = paper.toStdString();
        const QString pdf = m_dir.filePath(paper + ".pdf");
        const auto written = writeLightSheets(m_study, pdf);
        QVERIFY(written);
        QCOMPARE(kit::pdfPages(pdf), 1 + (int(m_study.rows.size()) + 4) / 5);
        QVERIFY(std::abs(kit::pdfPageMm(pdf, 1).width() - widthMm) < 0.5);
        QVERIFY(!QFile::exists(pdf + ".part"));
        // Neither page is nearly empty, and none runs off the paper: the margins stay white.
        for (const int page : {1, 2}) {
            const QImage image = kit::pdfPage(pdf, page, 60);
            int inked = 0;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x) {
                    const bool ink = qGray(image.pixel(x, y)) < 200;
                    inked += ink;
                    if (x < 15 || x >= image.width() - 15 || y < 15 || y >= image.height() - 15)
                        QVERIFY2(!ink, qPrintable(QString("page %1: %2, %3").arg(page).arg(x).arg(y)));
                }
            QVERIFY(inked > image.width() * image.height() / 100);
        }
    }

    void whatCannotBeWrittenIsSaid()
    {
        QCOMPARE(writeLightSheets(m_study, m_dir.filePath("sheet.txt")).error().kind, ErrorKind::Invalid);
        QCOMPARE(writeLightSheets({}, m_dir.filePath("none.pdf")).error().kind, ErrorKind::Invalid);
        QCOMPARE(writeLightSheets(m_study, m_dir.filePath("no/such/folder.pdf")).error().kind, ErrorKind::NotWritable);
    }

    void coloursAreATableThatIsNoProgram()
    {
        const QString table = QString::fromStdString(review::familiesCsv(m_study.project, m_study.rows));
        const QStringList lines = table.split('\n', Qt::SkipEmptyParts);
        QVERIFY(lines[0].startsWith("element,family,L*"));
        for (const QString& line : lines) {
            QVERIFY(!line.startsWith("\"="));
            QCOMPARE(line.count(','), 6);
        }
        QVERIFY(table.contains("'=post 0"));
        double light = 0, shade = 0; // lights are lighter than shades
        for (const review::AuditRow& r : m_study.rows)
            if (!r.light.empty() && !r.shade.empty())
                light += r.light.front().L, shade += r.shade.back().L;
        QVERIFY(light > shade);
    }

    void whereLightComesFromIsSaid_data()
    {
        QTest::addColumn<double>("azimuth");
        QTest::addColumn<double>("elevation");
        QTest::addColumn<QString>("words");
        QTest::newRow("left, above") << 135.0 << 30.0 << "upper left, from the front";
        QTest::newRow("right") << 0.0 << 0.0 << "right, from the side";
        QTest::newRow("below") << 270.0 << 10.0 << "below, from the side";
        QTest::newRow("behind") << 90.0 << -30.0 << "above, from behind";
        QTest::newRow("you") << 20.0 << 80.0 << "from where you stand";
    }
    void whereLightComesFromIsSaid()
    {
        QFETCH(double, azimuth);
        QFETCH(double, elevation);
        QFETCH(QString, words);
        QCOMPARE(QString::fromStdString(review::wayOf({azimuth, elevation, 1})), words);
    }
};

RL_TEST(TestLightSheets)
#include "tst_light_sheets.moc"
