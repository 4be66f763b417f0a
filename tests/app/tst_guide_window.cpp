#include "app/frame/findings_panel.h"
#include "app/frame/guide.h"
#include "app/frame/side_column.h"
#include "app/theme/words.h"
#include "core/project/painting_edits.h"
#include "tests/kit/program.h"
#include "tests/kit/station_hand.h"
#include "tests/kit/tiny.h"
#include <QLabel>
#include <QListWidget>
#include <QTextBlock>
#include <QTextBrowser>

using namespace rl;
using namespace rl::app;

/// The guide in the window: at the place, searched through, and where a finding asks for it.
class TestGuideWindow : public QObject {
    Q_OBJECT
    std::unique_ptr<kit::StationHand> m_hand;
    kit::StationHand& hand() { return *m_hand; }

private slots:
    void init() { m_hand = std::make_unique<kit::StationHand>(kit::postWork()); }
    void cleanup() { m_hand.reset(); }

    void f1OpensAtThePlace()
    {
        for (const Station s : {Station::Light, Station::Gather, Station::Paint}) {
            hand().go(s);
            QTest::keyClick(&hand().window(), Qt::Key_F1);
            GuideBook* guide = hand().window().guide();
            QVERIFY(guide->isVisible());
            QCOMPARE(guide->page(), specOf(s).key);
            const QString text = guide->findChild<QTextBrowser*>("guideText")->toPlainText();
            QVERIFY(text.startsWith(stationName(int(s))) && !text.contains("```"));
        }
        hand().window().guide()->hide();
        QTest::keyClick(&hand().window(), Qt::Key_F1, Qt::ShiftModifier);
        QCOMPARE(hand().window().guide()->page(), QString("keys"));
        QVERIFY(hand().window().guide()->findChild<QTextBrowser*>("guideText")->toPlainText().contains("Alt+5"));
    }
    void f1OpensTheSectionOfEveryPage_data()
    {
        QTest::addColumn<QString>("language");
        QTest::newRow("English") << "en";
        QTest::newRow("German") << "de";
    }
    void f1OpensTheSectionOfEveryPage()
    {
        QFETCH(QString, language);
        m_hand.reset();
        theme::speak(*qApp, language);
        m_hand = std::make_unique<kit::StationHand>(kit::postWork());
        for (const StationSpec& spec : allStations()) {
            hand().go(spec.id);
            for (int i = 0; i < int(spec.pages.size()); ++i) {
                hand().page(i);
                QTest::keyClick(&hand().window(), Qt::Key_F1);
                const auto* text = hand().window().guide()->findChild<QTextBrowser*>("guideText");
                QCOMPARE(text->textCursor().block().text(), hand().window().here()->current()->name());
            }
        }
        m_hand.reset();
        theme::speak(*qApp, "en");
        m_hand = std::make_unique<kit::StationHand>(kit::postWork());
    }
    void itIsSearched_data()
    {
        QTest::addColumn<QString>("words");
        QTest::addColumn<QString>("page");
        QTest::addColumn<bool>("found");
        QTest::newRow("one word") << "projector"
                                  << "carry" << true;
        QTest::newRow("any case, three words") << "GREY card tags"
                                               << "paint" << true;
        QTest::newRow("what is not there") << "zeppelin"
                                           << "" << false;
        QTest::newRow("odd letters") << "[*?\\"
                                     << "" << false;
    }
    void itIsSearched()
    {
        QFETCH(QString, words);
        QFETCH(QString, page);
        QFETCH(bool, found);
        const auto hits = GuideBook::search(words);
        QCOMPARE(std::any_of(hits.begin(), hits.end(), [&](const auto& h) { return h.page == page; }), found);
        GuideBook* guide = hand().window().guide();
        guide->openAt(Station::Brief);
        QTest::keyClicks(guide->findChild<QLineEdit*>("guideSearch"), words);
        auto* list = guide->findChild<QListWidget*>("guidePages");
        QVERIFY(list->count() >= 1);
        list->setCurrentRow(0);
        QCOMPARE(guide->page() == page, found);
        guide->findChild<QLineEdit*>("guideSearch")->clear();
        QCOMPARE(list->count(), int(GuideBook::pages().size()));
    }
    void everyPageHasWords()
    {
        for (const QString& key : GuideBook::pages()) {
            hand().window().guide()->openPage(key);
            QVERIFY2(hand().window().guide()->findChild<QTextBrowser*>("guideText")->toPlainText().size() > 200,
                qPrintable(key));
        }
    }
    void aFindingLeadsToItsPlace()
    {
        Finding f;
        f.key = "paint.drift:7", f.station = Station::Paint, f.sentence = "It is 4 mm low.", f.why = "Why so.";
        FindingsPanel* panel = hand().window().side()->findings();
        hand().go(Station::Paint);
        panel->show({f}, int(Station::Paint));
        auto* why = panel->findChild<QLabel*>("why");
        QVERIFY(why && why->text().contains("Why so."));
        emit why->linkActivated("guide");
        GuideBook* guide = hand().window().guide();
        QCOMPARE(guide->page(), QString("paint"));
        const auto* text = guide->findChild<QTextBrowser*>("guideText");
        QCOMPARE(text->textCursor().block().text(), QString("Check"));
    }
    void itSpeaksTheLanguageOfTheWindow()
    {
        theme::speak(*qApp, "de");
        GuideBook* guide = hand().window().guide();
        Finding f;
        f.key = "paint.drift:7", f.station = Station::Paint;
        guide->openAt(f);
        const auto* text = guide->findChild<QTextBrowser*>("guideText");
        QVERIFY(text->toPlainText().startsWith("Malplanung"));
        QCOMPARE(text->textCursor().block().text(), QString("Prüfung")); // the section of the same place
        f.key = "paint.xyzzy";
        guide->openAt(f);
        QVERIFY(text->textCursor().atStart());
        theme::speak(*qApp, "en");
        guide->openPage("paint");
        QVERIFY(text->toPlainText().startsWith("Paint"));
    }
    void aFixOfThePaintingIsDone()
    {
        Project p = hand().project();
        p.painting.diary.hours.clear(), p.brief.deadline = "2999-01-01";
        hand().window().document().edit("Begin", p);
        QTRY_VERIFY_WITH_TIMEOUT(hand().hasFinding("paint.no-hours"), 30000);
        hand().go(Station::Paint);
        for (const Finding& f : hand().desk().findings)
            if (f.key == "paint.no-hours")
                emit hand().window().side()->findings()->fixWanted(f);
        QVERIFY(!hand().project().painting.diary.hours.empty());
    }
};

RL_TEST(TestGuideWindow)
#include "tst_guide_window.moc"
