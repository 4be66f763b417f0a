#include "core/project/brief_edits.h"
#include "core/project/brief_rules.h"
#include "core/project/fields.h"
#include "core/project/schools.h"
#include "core/reading/preparing.h"
#include "tests/kit/program.h"
#include "tests/kit/tiny.h"
#include <QTest>

using namespace rl;

namespace {
bool says(const Findings& all, const std::string& key)
{
    return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.key.starts_with(key); });
}
const Finding& findingOf(const Findings& all, const std::string& key)
{
    return *std::find_if(all.begin(), all.end(), [&](const Finding& f) { return f.key.starts_with(key); });
}
} // namespace

class TestBrief : public QObject {
    Q_OBJECT
private slots:
    void inchesAreReadAsPaintersWriteThem_data()
    {
        QTest::addColumn<QString>("said");
        QTest::addColumn<double>("inches"); // < 0: none
        QTest::newRow("whole") << "12" << 12.0;
        QTest::newRow("a fraction beside") << "12 3/8" << 12.375;
        QTest::newRow("a dash between") << "7-1/2" << 7.5;
        QTest::newRow("a fraction alone") << "5/16" << 0.3125;
        QTest::newRow("decimal comma") << "0,75" << 0.75;
        QTest::newRow("with its mark") << "9 1/4\"" << 9.25;
        QTest::newRow("over nothing") << "1/0" << -1.0;
        QTest::newRow("words") << "twelve" << -1.0;
        QTest::newRow("two slashes") << "1/2/3" << -1.0;
        QTest::newRow("nothing") << "" << -1.0;
        QTest::newRow("less than nothing") << "- 3" << 3.0; // the dash is a gap
        QTest::newRow("not a number") << "nan" << -1.0;
    }
    void inchesAreReadAsPaintersWriteThem()
    {
        QFETCH(QString, said);
        QFETCH(double, inches);
        const auto v = inchesFrom(said.toStdString());
        QCOMPARE(v.has_value(), inches >= 0);
        if (v)
            QVERIFY(std::abs(*v - inches) < 1e-12);
    }

    void inchesComeBackToTheSixteenth()
    {
        for (int n = 0; n < 800; ++n) {
            const auto back = inchesFrom(inchesOf(n / 16.0));
            QVERIFY2(back && std::abs(*back - n / 16.0) < 1e-12, inchesOf(n / 16.0).c_str());
        }
        QCOMPARE(inchesOf(23.6), std::string("23 5/8"));
    }

    void inchesAreWrittenInSixteenths_data()
    {
        QTest::addColumn<double>("inches");
        QTest::addColumn<QString>("words");
        QTest::newRow("whole") << 12.0 << "12";
        QTest::newRow("a half") << 7.5 << "7 1/2";
        QTest::newRow("less than one") << 0.0625 << "1/16";
        QTest::newRow("rounded to the nearest") << 3.99 << "4";
        QTest::newRow("nothing") << 0.0 << "0";
        QTest::newRow("less than nothing") << -3.0 << "0";
    }
    void inchesAreWrittenInSixteenths()
    {
        QFETCH(double, inches);
        QFETCH(QString, words);
        QCOMPARE(QString::fromStdString(inchesOf(inches)), words);
    }

    void outlinesHoldTheirArea_data()
    {
        QTest::addColumn<int>("format");
        QTest::addColumn<double>("area");
        QTest::addColumn<bool>("corner"); // the corner belongs to it
        QTest::newRow("rectangle") << int(Format::Rectangle) << 2400.0 << true;
        QTest::newRow("oval") << int(Format::Oval) << kPi * 30 * 20 << false;
        QTest::newRow("free: a triangle") << int(Format::Free) << 1200.0 << false;
    }
    void outlinesHoldTheirArea()
    {
        QFETCH(int, format);
        QFETCH(double, area);
        QFETCH(bool, corner);
        Brief b;
        b.format = Format(format);
        b.outline = {{30, 0}, {60, 40}, {0, 40}};
        QVERIFY2(std::abs(areaOf(b) / area - 1) < 0.002, qPrintable(QString::number(areaOf(b))));
        QCOMPARE(onCanvas(b, {0.5, 0.5}), corner);
        QVERIFY(onCanvas(b, {30, 25}) && !onCanvas(b, {61, 20}));
    }

    void daysAreCounted_data()
    {
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::addColumn<int>("days"); // 9999: no date
        QTest::newRow("the same") << "2027-03-01"
                                  << "2027-03-01" << 0;
        QTest::newRow("over a leap day") << "2028-02-28"
                                         << "2028-03-01" << 2;
        QTest::newRow("back over a year") << "2027-01-01"
                                          << "2026-12-31" << -1;
        QTest::newRow("no such day") << "2027-02-30"
                                     << "2027-03-01" << 9999;
        QTest::newRow("other ways of writing") << "1.3.2027"
                                               << "2027-03-01" << 9999;
        QTest::newRow("more behind it") << "2027-03-01x"
                                        << "2027-03-01" << 9999;
    }
    void daysAreCounted()
    {
        QFETCH(QString, from);
        QFETCH(QString, to);
        QFETCH(int, days);
        QCOMPARE(daysBetween(from.toStdString(), to.toStdString()).value_or(9999), days);
    }

    void everySchoolIsExplained()
    {
        QCOMPARE(int(schools().size()), kSchoolCount);
        QSet<QString> keys;
        for (int i = 0; i < kSchoolCount; ++i) {
            const SchoolSpec& s = schools()[std::size_t(i)];
            QCOMPARE(int(s.school), i);
            keys.insert(s.key);
            QVERIFY(s.choices.size() >= 2);
            QSet<QString> own;
            for (const SchoolChoice& c : s.choices) {
                own.insert(c.key);
                QVERIFY(std::string(c.why).size() > 20);
            }
            QCOMPARE(std::size_t(own.size()), s.choices.size());
        }
        QCOMPARE(int(keys.size()), kSchoolCount);
        Brief b;
        QCOMPARE(choiceOf(b, School::Black).key, schoolSpec(School::Black).choices[0].key); // the first is usual
        b.schools[0] = 77; // a choice that is not there is the last
        QCOMPARE(choiceOf(b, School::Focus).key, schoolSpec(School::Focus).choices.back().key);
    }

    void nonsenseIsRepaired()
    {
        Project p = kit::postWork();
        Brief& b = p.brief;
        b.schools[1] = 40, b.schools[2] = -3;
        b.deadline = "soon";
        b.valueBounds = {80, NAN, 20, 1e9, 55};
        b.ground = {Support::Paper, 1e9, NAN, -4, 1e12, 99999, Toning::White};
        b.outline = {{0, 0}, {NAN, 3}, {1e12, 4}};
        b.ideas = {{7, "one", {{8, "clue", 99, 98, {-3, NAN, 9, 0.5}}}}, {7, "twice", {}}};
        b.facts = {{9, "fact", "", 97, false}};
        p.elements[0].edges = {{{NAN, 9}, 1e9, EdgeWish::Hard}};
        p.elements[0].meaning = -2;
        QVERIFY(!repair(p));
        QCOMPARE(b.schools[1], 0);
        QCOMPARE(b.schools[2], 0);
        QVERIFY(b.deadline.empty() && (b.valueBounds == std::vector<double>{20, 55, 80}));
        QVERIFY(b.ground.threadsPerCm <= 60 && b.ground.paperGsm == 300 && b.ground.coats == 0);
        QCOMPARE(b.outline.size(), std::size_t(1));
        QCOMPARE(b.ideas.size(), std::size_t(1));
        const Clue& c = b.ideas[0].clues[0];
        QVERIFY(c.cast == 0 && c.element == 0 && c.part.x == 0 && c.part.y == 0 && c.part.width == 1);
        QVERIFY(b.facts[0].element == 0 && p.elements[0].meaning == 1);
        QVERIFY(std::isfinite(p.elements[0].edges[0].at.x) && p.elements[0].edges[0].reach == 3);
        QVERIFY2(repair(p), "what is repaired is sound");
    }

    void ideasAndFactsAreEdited()
    {
        Project p = edits::withIdea(kit::postWork(), "A long way");
        const int idea = p.brief.ideas[0].id;
        p = edits::withClue(std::move(p), idea, Clue{0, "dust", 1, p.elements[0].id, {}});
        p = edits::withClue(std::move(p), idea, Clue{0, "worn boots", 1, 0, {}});
        QCOMPARE(p.brief.ideas[0].clues.size(), std::size_t(2));
        const int first = p.brief.ideas[0].clues[0].id;
        QVERIFY(first != idea && first != p.brief.ideas[0].clues[1].id);
        p = edits::withCluePart(std::move(p), first, {0.1, 0.2, 0.3, 0.4});
        QVERIFY((p.brief.ideas[0].clues[0].part == Rect{0.1, 0.2, 0.3, 0.4}));
        p = edits::withIdeaNamed(std::move(p), idea, "A longer way");
        QCOMPARE(p.brief.ideas[0].words, std::string("A longer way"));
        p = edits::withoutClue(std::move(p), first);
        QCOMPARE(p.brief.ideas[0].clues.size(), std::size_t(1));
        QCOMPARE(edits::withClue(p, 12345, {}).lastId, p.lastId); // no such idea
        p = edits::withoutIdea(std::move(p), idea);
        QVERIFY(p.brief.ideas.empty());
        p = edits::withFact(std::move(p), {0, "seven spokes", "the cart in the yard", p.elements[0].id, false});
        QVERIFY(says(briefFindings(p), "brief.facts") && !says(briefFindings(p), "brief.sources"));
        QCOMPARE(findingOf(briefFindings(p), "brief.facts").element, p.elements[0].id);
        p = edits::withFactChecked(std::move(p), p.brief.facts[0].id, true);
        QVERIFY(!says(briefFindings(p), "brief.facts"));
        p = edits::withFact(std::move(p), {0, "left-handed", "", 0, true});
        QVERIFY(says(briefFindings(p), "brief.sources"));
        p = edits::withoutFact(std::move(p), p.brief.facts[1].id);
        QCOMPARE(p.brief.facts.size(), std::size_t(1));
    }

    void theFocusFollowsTheSchool_data()
    {
        QTest::addColumn<int>("school");
        QTest::addColumn<double>("x"); // cm of 60
        QTest::addColumn<bool>("said");
        QTest::newRow("free") << 0 << 30.0 << false;
        QTest::newRow("thirds, in the middle") << 1 << 30.0 << true;
        QTest::newRow("thirds, on one") << 1 << 21.0 << false;
        QTest::newRow("golden, on it") << 2 << 37.0 << false;
        QTest::newRow("golden, at the edge") << 2 << 55.0 << true;
        QTest::newRow("middle, on it") << 3 << 31.0 << false;
        QTest::newRow("middle, aside") << 3 << 20.0 << true;
    }
    void theFocusFollowsTheSchool()
    {
        QFETCH(int, school);
        QFETCH(double, x);
        QFETCH(bool, said);
        Project p = kit::postWork();
        p.elements[0].cast = 1;
        p.elements[0].baseCm.x = x;
        p.brief.schools[std::size_t(School::Focus)] = school;
        const Findings all = briefFindings(p);
        QCOMPARE(says(all, "brief.focus"), said);
        if (said)
            QVERIFY(!says(briefFindings(findingOf(all, "brief.focus").fix->apply(p)), "brief.focus"));
    }

    void theGroundSuitsTheMedium()
    {
        Project p = kit::postWork();
        p.brief.medium = "watercolour";
        QVERIFY(says(briefFindings(p), "brief.ground-medium"));
        p.brief.ground.support = Support::Paper;
        QVERIFY(!says(briefFindings(p), "brief.ground-medium"));
        p.brief.medium = "oil", p.brief.ground.coats = 0;
        const Findings bare = briefFindings(p);
        QVERIFY(says(bare, "brief.unprimed"));
        QVERIFY(!says(briefFindings(findingOf(bare, "brief.unprimed").fix->apply(p)), "brief.unprimed"));
        p.brief.schools[std::size_t(School::Ground)] = 2; // dark
        const Findings toned = briefFindings(p);
        QVERIFY(says(toned, "brief.toning"));
        QVERIFY(!says(briefFindings(findingOf(toned, "brief.toning").fix->apply(p)), "brief.toning"));
        p.brief.format = Format::Oval;
        p.elements[0].baseCm = {2, 38};
        QVERIFY(says(briefFindings(p), "brief.off"));
    }

    void theDeadlineComesNearer()
    {
        Project p = kit::postWork();
        QVERIFY(deadlineFindings(p, "2027-03-01").empty());
        p.brief.deadline = "2027-03-11";
        QCOMPARE(deadlineFindings(p, "2027-03-01").at(0).severity, Severity::Watch);
        QCOMPARE(deadlineFindings(p, "2027-03-12").at(0).severity, Severity::Broken);
        QVERIFY(deadlineFindings(p, "2027-01-01").empty());
    }

    void preparingGrowsWithTheCanvas_data()
    {
        QTest::addColumn<QString>("medium");
        QTest::addColumn<int>("support");
        for (const QString& medium : {QString("acrylic"), QString("oil"), QString("watercolour")})
            for (int s = 0; s < kSupportCount; ++s)
                QTest::newRow(qPrintable(QString("%1 on %2").arg(medium).arg(s))) << medium << s;
    }
    void preparingGrowsWithTheCanvas()
    {
        QFETCH(QString, medium);
        QFETCH(int, support);
        Brief b;
        b.medium = medium.toStdString(), b.ground.support = Support(support);
        const auto plan = reading::preparing(b, 10, 45, {50, 10, -20});
        Brief large = b;
        large.widthCm *= 2, large.heightCm *= 2;
        const auto four = reading::preparing(large, 10, 45, {50, 10, -20});
        QVERIFY(std::abs(four.ml() / plan.ml() - 4) < 1e-9 && four.hours() > plan.hours());
        QCOMPARE(four.tasks.size(), plan.tasks.size());
        for (const auto& t : plan.tasks) {
            const bool sands = t.words.find("Sand") != std::string::npos;
            QVERIFY(!sands || t.caution.find("safety data sheet") != std::string::npos);
        }
        QVERIFY(std::abs(double(plan.tone.L) - 45) < 1e-3);
        b.ground.coats = 5;
        QVERIFY(reading::preparing(b, 10, 45, {}).ml() > plan.ml());
        b.ground.toning = Toning::Complement;
        const auto other = reading::preparing(b, 10, 45, {50, 10, -20});
        QVERIFY2(other.tone.a < 0 && other.tone.b > 0, "opposite in hue");
        b.ground.toning = Toning::White;
        QVERIFY(reading::preparing(b, 10, 45, {}).tone.L > 95);
    }
};

RL_TEST(TestBrief)
#include "tst_brief.moc"
