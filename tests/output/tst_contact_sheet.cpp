#include "core/project/takes.h"
#include "output/contact_sheet.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QImage>
#include <QTemporaryDir>
#include <QTest>

using namespace rl;
using namespace rl::output;

class TestContactSheet : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    Project m_project = kit::postWork();
    std::vector<review::TakeFigures> m_figures;

private slots:
    void initTestCase()
    {
        for (int i = 0; i < 13; ++i) {
            m_project = takes::withDuplicate(std::move(m_project), "take " + std::to_string(i + 2));
            m_project.elements[0].baseCm.x = 8 + 3.5 * i;
        }
        stage::SurfaceCache cache;
        NoProgress progress;
        for (const Take& t : m_project.takes)
            m_figures.push_back(review::figuresOf(m_project, t.id, cache, progress, 120));
    }

    void figuresTellTakesApart()
    {
        QCOMPARE(m_figures.size(), std::size_t(14));
        for (const review::TakeFigures& f : m_figures) {
            QVERIFY(f.picture.colour.width() == 120 && f.elements == 1 && f.leadRank == 1);
            QVERIFY(std::abs(f.horizonShare - 0.4) < 1e-9);
        }
        QVERIFY(review::differences(m_project, m_figures[0], m_figures[0]).empty());
        const auto moved = review::differences(m_project, m_figures[1], m_figures[13]);
        QVERIFY(std::find(moved.begin(), moved.end(), "1 element changed") != moved.end());
    }

    void aSheetHasAsManyPagesAsItNeeds_data()
    {
        QTest::addColumn<int>("takes");
        QTest::addColumn<int>("pages");
        QTest::newRow("one") << 1 << 1;
        QTest::newRow("four") << 4 << 1;
        QTest::newRow("fourteen, twelve to a page") << 14 << 2;
    }
    void aSheetHasAsManyPagesAsItNeeds()
    {
        QFETCH(int, takes);
        QFETCH(int, pages);
        const QString pdf = m_dir.filePath(QString("%1.pdf").arg(takes));
        const std::vector<review::TakeFigures> some(m_figures.begin(), m_figures.begin() + takes);
        QVERIFY(bool(writeContactSheet(m_project, some, pdf)));
        QCOMPARE(kit::pdfPages(pdf), pages);
        QVERIFY(!QFile::exists(pdf + ".part"));
    }

    void aTallCanvasStillFits()
    {
        Project tall = m_project;
        tall.brief.widthCm = 30, tall.brief.heightCm = 200;
        stage::SurfaceCache cache;
        NoProgress progress;
        std::vector<review::TakeFigures> figures;
        for (std::size_t i = 0; i < 8; ++i)
            figures.push_back(review::figuresOf(tall, tall.takes[i].id, cache, progress, 60));
        const QString pdf = m_dir.filePath("tall.pdf");
        QVERIFY(bool(writeContactSheet(tall, figures, pdf)));
        QVERIFY(kit::pdfPages(pdf) >= 2);
    }

    void aPictureIsWrittenToo()
    {
        const QString png = m_dir.filePath("takes.PNG");
        QVERIFY(bool(writeContactSheet(m_project, m_figures, png)));
        const QImage image(png);
        QVERIFY(image.width() > 1500 && image.height() > 1500);
        QVERIFY(image.pixelColor(3, 3) == Qt::white);
    }

    void whatCannotBeWrittenIsSaid()
    {
        QVERIFY(!writeContactSheet(m_project, m_figures, m_dir.filePath("takes.doc")));
        QVERIFY(!writeContactSheet(m_project, {}, m_dir.filePath("none.pdf")));
        const auto lost = writeContactSheet(m_project, m_figures, "/no/such/folder/takes.pdf");
        QVERIFY(!lost && lost.error().kind == ErrorKind::NotWritable);
        // What stood there before stays when nothing new can be made.
        const QString kept = m_dir.filePath("kept.pdf");
        QVERIFY(kit::writeBytes(kept, "before"));
        QVERIFY(!writeContactSheet(m_project, {}, kept));
        QFile f(kept);
        QVERIFY(f.open(QIODevice::ReadOnly) && f.readAll() == "before");
    }
};

RL_TEST(TestContactSheet)
#include "tst_contact_sheet.moc"
