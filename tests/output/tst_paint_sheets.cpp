#include "core/paint/swatch_card.h"
#include "core/project/edits.h"
#include "core/review/review.h"
#include "output/paint_sheets.h"
#include "output/paper.h"
#include "tests/kit/pdf.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <set>

using namespace rl;
using namespace rl::output;

/// Puddle cards, lists, the swatch card.
class TestPaintSheets : public QObject {
    Q_OBJECT
    QTemporaryDir m_dir;
    Project m_work;
    review::Review m_review;
    QString at(const char* name) const { return m_dir.filePath(name); }

private slots:
    void initTestCase()
    {
        m_work = edits::withPaintBox(kit::postWork(), paint::firstBox());
        m_work.mix.puddles = 9;
        stage::SurfaceCache cache;
        NoProgress progress;
        m_review = review::review(m_work, cache, progress);
        QVERIFY(!m_review.mixing->recipes.empty());
    }
    void theCardsHoldEveryPuddle()
    {
        const QImage image = imageOf(m_review.picture.colour);
        QVERIFY(bool(writePuddleCards(m_work, *m_review.mixing, image, at("cards.pdf"))));
        QProcess p;
        p.start("pdftotext", {"-layout", at("cards.pdf"), "-"});
        p.waitForFinished(20000);
        const QString words = QString::fromUtf8(p.readAllStandardOutput()).simplified();
        QCOMPARE(words.count("dab it here"), qsizetype(m_review.mixing->map.puddles.size()));
        QVERIFY(words.contains("What each tube gives") && words.contains("safety data sheets"));
        QVERIFY(!writePuddleCards(m_work, paint::Mixing(), image, at("none.pdf")));
        QVERIFY(!QFile::exists(at("none.pdf")));
    }
    void aSittingHasItsOwnCards()
    {
        const QImage image = imageOf(m_review.picture.colour);
        const auto& puddles = m_review.mixing->map.puddles;
        std::set<int> whose;
        for (const auto& p : puddles)
            whose.insert(p.element);
        for (const int element : whose) {
            QVERIFY(bool(writePuddleCards(m_work, *m_review.mixing, image, at("sitting.pdf"), {element})));
            QProcess p;
            p.start("pdftotext", {"-layout", at("sitting.pdf"), "-"});
            p.waitForFinished(20000);
            const QString words = QString::fromUtf8(p.readAllStandardOutput()).simplified();
            const auto own
                = std::count_if(puddles.begin(), puddles.end(), [&](const auto& q) { return q.element == element; });
            QCOMPARE(words.count("dab it here"), qsizetype(own));
            QVERIFY(words.contains("of this sitting"));
        }
        QVERIFY(!writePuddleCards(m_work, *m_review.mixing, image, at("nobody.pdf"), {9999}));
    }
    void theListHasARowForEach()
    {
        QVERIFY(bool(writePuddleList(m_work, *m_review.mixing, at("list.csv"))));
        QFile file(at("list.csv"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll().count("\r\n"), qsizetype(m_review.mixing->map.puddles.size()) + 1);
        QVERIFY(bool(writePuddleList(m_work, *m_review.mixing, at("list.json"))));
        QVERIFY(!writePuddleList(m_work, *m_review.mixing, at("list.xls")));
    }
    /// The printed card itself is found by its marks, all of its fields bare.
    void theSwatchCardIsReadAsItIsPrinted()
    {
        QVERIFY(bool(writeSwatchCard({"titanium white", "ultramarine"}, at("card.pdf"))));
        QProcess p;
        p.start("pdftoppm", {"-r", "120", "-png", "-singlefile", at("card.pdf"), at("card")});
        QVERIFY(p.waitForFinished(20000));
        const QImage page = QImage(at("card.png")).convertToFormat(QImage::Format_RGB888);
        QVERIFY(!page.isNull());
        std::vector<Rgb8> pixels;
        for (int y = 0; y < page.height(); ++y)
            for (int x = 0; x < page.width(); ++x) {
                const QColor c = page.pixelColor(x, y);
                // As a camera exposes it, not clipped.
                const auto v = [](int code) { return std::uint8_t(8 + code * 0.9); };
                pixels.push_back({v(c.red()), v(c.green()), v(c.blue())});
            }
        const auto read = paint::readCard(Photo(page.width(), page.height(), std::move(pixels)), paint::cardLayout(2));
        QVERIFY2(bool(read), read ? "" : read.error().sentence.c_str());
        for (const paint::PatchRead& q : read->patches)
            QCOMPARE(q.refused == "it is bare paper", q.kind != paint::PatchKind::OverBlack);
        QVERIFY(!writeSwatchCard({}, at("none.pdf")));
    }
};

RL_TEST(TestPaintSheets)
#include "tst_paint_sheets.moc"
