#include "core/project/brief_edits.h"
#include "output/read_sheets.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using namespace rl::output;

namespace {
QString wordsIn(const QString& pdf)
{
    QProcess p;
    p.start("pdftotext", {"-layout", pdf, "-"});
    p.waitForFinished(20000);
    return QString::fromUtf8(p.readAllStandardOutput()).simplified();
}
} // namespace

class TestReadSheets : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    Project m_work;
    review::Review m_review;
    QString at(const char* name) const { return m_dir.filePath(name); }

private slots:
    void initTestCase()
    {
        m_work = kit::postWork();
        m_work.elements[0].cast = 1;
        m_work = edits::withIdea(std::move(m_work), "Standing alone");
        m_work = edits::withFact(
            std::move(m_work), {0, "nine notches", "the old photograph", m_work.elements[0].id, false});
        m_work = edits::withFact(std::move(m_work), {0, "a rope, not a chain", "", 0, true});
        stage::SurfaceCache cache;
        NoProgress progress;
        m_review = review::review(m_work, cache, progress);
    }

    void theReportHoldsEveryFinding()
    {
        QVERIFY(bool(writeReport(m_work, m_review, at("report.pdf"))));
        QVERIFY(kit::pdfPages(at("report.pdf")) >= kStationCount);
        const QString words = wordsIn(at("report.pdf"));
        QVERIFY(m_review.findings.size() >= 3);
        for (const Finding& f : m_review.findings) {
            const QString start = QString::fromStdString(f.sentence).left(24).simplified();
            QVERIFY2(words.contains(start), qPrintable(start));
        }
        QVERIFY(words.contains("nine notches") && words.contains("the old photograph"));
        QVERIFY(words.contains("No source is noted"));
        for (const char* station : {"Brief", "Gather", "Cut", "Stage", "Light", "Read", "Mix", "Carry"})
            QVERIFY2(words.contains(station), station);
    }

    void theStudyIsOnePage()
    {
        NoProgress progress;
        const auto s = review::studyOf(m_review.picture.colour, m_review.picture.ids,
            {{m_work.elements[0].id, "the post"}}, {60, 40, 200}, 6, progress);
        QVERIFY(bool(writeStudySheet(s, "Study: a post", at("study.pdf"))));
        QCOMPARE(kit::pdfPages(at("study.pdf")), 1);
        const QString words = wordsIn(at("study.pdf"));
        QVERIFY(words.contains("Study: a post") && words.contains("the post"));
        for (const std::string& told : review::sentencesOf(s))
            QVERIFY2(words.contains(QString::fromStdString(told).left(20).simplified()), told.c_str());
        const QImage page = kit::pdfPage(at("study.pdf"), 1, 40);
        QSet<QRgb> colours;
        for (int y = 0; y < page.height(); y += 2)
            for (int x = 0; x < page.width(); x += 2)
                colours.insert(page.pixel(x, y));
        QVERIFY(colours.size() > 60); // there are pictures on it
    }

    void whatCannotBeWrittenIsSaid_data()
    {
        QTest::addColumn<QString>("path");
        QTest::newRow("another suffix") << "sheet.png";
        QTest::newRow("no such folder") << "nowhere/at/all.pdf";
    }
    void whatCannotBeWrittenIsSaid()
    {
        QFETCH(QString, path);
        const auto done = writeReport(m_work, m_review, m_dir.filePath(path));
        QVERIFY(!done && !done.error().sentence.empty());
        QVERIFY(!QFile::exists(m_dir.filePath(path)) && !QFile::exists(m_dir.filePath(path) + ".part"));
        QVERIFY(!writeStudySheet({}, "nothing", at("empty.pdf")));
        QVERIFY(!writeReport(m_work, {}, at("empty.pdf")));
    }
};

RL_TEST(TestReadSheets)
#include "tst_read_sheets.moc"
