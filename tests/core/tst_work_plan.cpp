#include "core/project/edits.h"
#include "core/project/painting_edits.h"
#include "core/schedule/paint_rules.h"
#include "core/schedule/sitting_timer.h"
#include "tests/kit/program.h"
#include <QTest>
#include <map>
#include <random>
#include <set>

using namespace rl;
using namespace rl::schedule;

namespace {
/// A work with three things, and what is known of its picture.
Project madeWork()
{
    Project p;
    p.brief.title = "Made", p.brief.widthCm = 60, p.brief.heightCm = 40;
    for (const char* name : {"wall", "boat", "lead"}) {
        Element e;
        e.id = p.freshId(), e.name = name;
        p.elements.push_back(e);
    }
    p.brief.cast = {{p.freshId(), "the lead", {}}, {p.freshId(), "the boat", {}}};
    p.elements[2].cast = p.brief.cast[0].id, p.elements[1].cast = p.brief.cast[1].id;
    p.painting.diary.hours = {{0, 19 * 60, 21 * 60}, {2, 19 * 60, 21 * 60}, {5, 10 * 60, 13 * 60}};
    return p;
}
PlanFacts madeFacts(const Project& p)
{
    PlanFacts f;
    f.areaCm2 = 2400, f.darkest = 10, f.middle = 45, f.lightest = 90, f.darkTo = 37, f.lightFrom = 63,
    f.mean = {45, 5, 5};
    f.parts = {{0, "backdrop", 1600, 600, 700, 300, 0.1, {0, 0, 60, 40}, 0, {}},
        {p.elements[0].id, "wall", 300, 200, 100, 0, 0.3, {2, 5, 20, 20}, 0, {0}},
        {p.elements[1].id, "boat", 300, 100, 100, 100, 0.4, {10, 15, 20, 15}, 2, {0, 1}},
        {p.elements[2].id, "lead", 200, 50, 100, 50, 0.6, {40, 10, 10, 25}, 1, {0}}};
    std::vector<std::int32_t> ids(60 * 40, 0);
    for (int y = 10; y < 35; ++y)
        std::fill_n(ids.begin() + y * 60 + 40, 10, p.elements[2].id);
    f.outlines = IdMap(60, 40, std::move(ids));
    return f;
}
const WorkTask* at(const std::vector<WorkTask>& all, const std::string& key)
{
    for (const WorkTask& t : all)
        if (t.key == key)
            return &t;
    return nullptr;
}
int place(const std::vector<WorkTask>& all, const std::string& key)
{
    const WorkTask* t = at(all, key);
    return t ? int(t - all.data()) : -1;
}
std::string key(const char* kind, const Element& e)
{
    return std::string(kind) + ":" + std::to_string(e.id);
}
Minutes when(const char* text)
{
    return minutesFrom(text).value();
}
WorkPlan planned(const Project& p, const char* now = "2031-03-03T18:00")
{
    NoProgress progress;
    return planWork(p, madeFacts(p), nullptr, when(now), {400, 20'000}, progress);
}
/// The log says that a task took so many hours, and it is done.
Project logged(
    Project p, const std::string& task, WorkKind kind, double hours, int element = 0, Instant at = 1'900'000'000)
{
    Sitting s;
    s.began = at;
    s.spans.push_back({task, kind, element, at, hours * 3600});
    p = edits::withSitting(std::move(p), s);
    return edits::withTaskDone(std::move(p), task, true);
}
const Finding* found(const Findings& all, const char* key)
{
    for (const Finding& f : all)
        if (f.key.starts_with(key))
            return &f;
    return nullptr;
}
} // namespace

/// The plan of work: calendar, stages, drying, rates, what the painter makes of it, what it says.
class TestWorkPlan : public QObject {
    Q_OBJECT

    static void theMergedOneHasAllOfBoth(const WorkTask& gone, const WorkTask& was, const WorkTask& is)
    {
        QVERIFY(gone.hours > 0 && std::abs(is.hours - was.hours - gone.hours) < 1e-9);
        QVERIFY(is.low < is.hours && is.high > is.hours && is.merged == std::vector<std::string>{"darks"});
        QVERIFY(is.dry.overHours >= std::max(was.dry.overHours, gone.dry.overHours));
        const auto has = [](const auto& all, const auto& some) {
            return std::all_of(some.begin(), some.end(),
                [&](const auto& s) { return std::find(all.begin(), all.end(), s) != all.end(); });
        };
        QVERIFY(has(is.cautions, gone.cautions) && has(is.cautions, was.cautions) && has(is.facts, gone.facts));
        QVERIFY(has(is.puddles, gone.puddles) && has(is.puddles, was.puddles) && has(is.masks, gone.masks));
    }

private slots:
    void daysAreCounted_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("weekday");
        QTest::newRow("the first") << "1970-01-01T00:00" << 3;
        QTest::newRow("before it") << "1969-12-31T23:59" << 2;
        QTest::newRow("a leap day") << "2032-02-29T12:30" << 6;
        QTest::newRow("no leap year") << "2100-02-28T24:00" << 0;
        QTest::newRow("far off") << "2999-12-31T06:07" << 1;
        QTest::newRow("long ago") << "1900-01-01T00:01" << 0;
    }
    void daysAreCounted()
    {
        QFETCH(QString, text);
        QFETCH(int, weekday);
        const auto m = minutesFrom(text.toStdString());
        QVERIFY(m.has_value());
        if (!text.endsWith("24:00"))
            QCOMPARE(QString::fromStdString(textOf(*m)), text);
        QCOMPARE(weekdayOf(*m), weekday);
        QVERIFY(midnightOf(*m) <= *m && *m - midnightOf(*m) < kDay);
        QCOMPARE(minutesFrom(dateOf(*m)).value(), midnightOf(*m));
        QCOMPARE(weekdayOf(*m + 7 * kDay), weekday);
    }
    void whatIsNoTimeIsNone_data()
    {
        QTest::addColumn<QString>("text");
        for (const char* s : {"", "today", "2031-02-29", "2031-13-01T10:00", "2031-01-01T25:00", "2031-01-01T10:61",
                 "2031-01-01 10:00", "20310101", "2031-1-1", "0000-00-00"})
            QTest::addRow("“%s”", s) << s;
    }
    void whatIsNoTimeIsNone()
    {
        QFETCH(QString, text);
        QVERIFY(!minutesFrom(text.toStdString()));
    }
    void everyDayHasItsNumberOnce()
    {
        // Forty years, day by day: no day is missed, none comes twice, weekdays go round.
        Minutes day = when("2024-01-01");
        int weekday = weekdayOf(day);
        std::string last;
        for (int i = 0; i < 40 * 366; ++i, day += kDay) {
            const std::string date = dateOf(day);
            QVERIFY(date > last);
            QCOMPARE(minutesFrom(date).value(), day);
            QCOMPARE(weekdayOf(day + 719), weekday);
            QCOMPARE(clockOf(day + 61), std::string("01:01"));
            weekday = (weekday + 1) % 7, last = date;
        }
        QCOMPARE(QString(shortDayOf(7)), QString("Mon"));
        QCOMPARE(QString(shortDayOf(-1)), QString("Sun"));
    }
    void theRoundComesRound()
    {
        Diary d;
        d.hours = {{0, 600, 720}, {0, 700, 800}, {4, 1200, 1320}};
        const auto all = freeWindows(d, when("2031-03-03"), when("2031-03-17")); // a Monday
        QCOMPARE(int(all.size()), 4);
        QCOMPARE(all[0].from, when("2031-03-03T10:00"));
        QCOMPARE(all[0].to, when("2031-03-03T13:20")); // hours that touch are one sitting
        QCOMPARE(all[3].from, when("2031-03-14T20:00"));
        QVERIFY(std::abs(hoursARound(d) - 200.0 / 60 - 2) < 1e-9);
        // From within a sitting, only what is left of it.
        QCOMPARE(freeWindows(d, when("2031-03-03T12:00"), when("2031-03-04")).front().from, when("2031-03-03T12:00"));
    }
    void shiftsComeRoundInFive()
    {
        Diary d;
        d.roundDays = 5, d.roundFrom = "2031-03-04", d.hours = {{2, 540, 600}};
        std::set<Minutes> days;
        for (const Window& w : freeWindows(d, when("2031-02-01"), when("2031-04-01")))
            days.insert(midnightOf(w.from));
        QVERIFY(days.contains(when("2031-03-06")) && days.contains(when("2031-03-11"))
            && days.contains(when("2031-03-01")));
        QVERIFY(!days.contains(when("2031-03-07")));
        QCOMPARE(int(days.size()), 12);
    }
    void singleDaysAreDifferent()
    {
        Diary d;
        d.hours = {{0, 600, 720}};
        d.days = {{"2031-03-03", 660, 700, false}, {"2031-03-04", 900, 960, true}, {"2031-03-10", 0, 1440, false}};
        const auto all = freeWindows(d, when("2031-03-03"), when("2031-03-11"));
        QCOMPARE(int(all.size()), 3);
        QCOMPARE(all[0].to, when("2031-03-03T11:00"));
        QCOMPARE(all[1].from, when("2031-03-03T11:40"));
        QCOMPARE(all[2].from, when("2031-03-04T15:00"));
    }
    void calendarsAreRead_data()
    {
        QTest::addColumn<QString>("event");
        QTest::addColumn<int>("count");
        QTest::addColumn<QString>("from");
        QTest::addColumn<QString>("to");
        QTest::newRow("once") << "DTSTART:20310304T190000\nDTEND:20310304T203000" << 1 << "2031-03-04T19:00"
                              << "2031-03-04T20:30";
        QTest::newRow("in UTC, an hour east")
            << "DTSTART:20310304T190000Z\nDTEND:20310304T203000Z" << 1 << "2031-03-04T20:00"
            << "2031-03-04T21:30";
        QTest::newRow("with a zone's name")
            << "DTSTART;TZID=Some/Where:20310304T190000\nDURATION:PT1H30M" << 1 << "2031-03-04T19:00"
            << "2031-03-04T20:30";
        QTest::newRow("a whole day") << "DTSTART;VALUE=DATE:20310304" << 1 << "2031-03-04T00:00"
                                     << "2031-03-05T00:00";
        QTest::newRow("weekly, four times")
            << "DTSTART:20310304T190000\nDTEND:20310304T200000\nRRULE:FREQ=WEEKLY;COUNT=4" << 4 << "2031-03-25T19:00"
            << "2031-03-25T20:00";
        QTest::newRow("every other week")
            << "DTSTART:20310304T190000\nDTEND:20310304T200000\nRRULE:FREQ=WEEKLY;INTERVAL=2;COUNT=3" << 3
            << "2031-04-01T19:00"
            << "2031-04-01T20:00";
        QTest::newRow("on two days")
            << "DTSTART:20310304T190000\nDTEND:20310304T200000\nRRULE:FREQ=WEEKLY;BYDAY=TU,TH;COUNT=3" << 3
            << "2031-03-11T19:00"
            << "2031-03-11T20:00";
        QTest::newRow("daily until")
            << "DTSTART:20310304T190000\nDTEND:20310304T200000\nRRULE:FREQ=DAILY;UNTIL=20310306" << 3
            << "2031-03-06T19:00"
            << "2031-03-06T20:00";
        QTest::newRow("a folded line") << "DTSTART:2031030\n 4T190000\nDTEND:20310304T203000" << 1 << "2031-03-04T19:00"
                                       << "2031-03-04T20:30";
        QTest::newRow("ends before it begins") << "DTSTART:20310304T190000\nDTEND:20310304T180000" << 0 << ""
                                               << "";
        QTest::newRow("no beginning") << "DTEND:20310304T180000" << 0 << ""
                                      << "";
        QTest::newRow("no number") << "DTSTART:2031MAR04T190000" << 0 << ""
                                   << "";
        QTest::newRow("a hundred years") << "DTSTART:20310304T190000\nDTEND:21310304T180000" << 0 << ""
                                         << "";
    }
    void calendarsAreRead()
    {
        QFETCH(QString, event);
        QFETCH(int, count);
        QFETCH(QString, from);
        QFETCH(QString, to);
        const std::string ics
            = ("BEGIN:VCALENDAR\nBEGIN:VEVENT\n" + event + "\nSUMMARY:late shift\\, again\nEND:VEVENT\nEND:VCALENDAR\n")
                  .toStdString();
        const auto all = entriesOf(ics, 60, when("2031-06-01"));
        QVERIFY(bool(all));
        QCOMPARE(int(all->size()), count);
        if (!count)
            return;
        QCOMPARE(QString::fromStdString(textOf(all->back().from)), from);
        QCOMPARE(QString::fromStdString(textOf(all->back().to)), to);
        QCOMPARE(all->back().what, std::string("late shift, again"));
    }
    void whatIsNoCalendarIsRefused()
    {
        QVERIFY(!entriesOf("", 0, 0) && !entriesOf("<html>", 0, 0));
        QVERIFY(entriesOf("BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART:2031", 0, when("2031-06-01"))->empty());
        const auto endless
            = entriesOf("BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART:20310304T190000\nRRULE:FREQ=DAILY\nEND:VEVENT\n", 0,
                when("2900-01-01"));
        QVERIFY(endless && endless->size() <= 5000);
    }
    void calendarsAreWrittenAndReadAgain()
    {
        std::mt19937 random(4);
        std::vector<CalendarEntry> all;
        for (int i = 0; i < 30; ++i) {
            CalendarEntry e;
            e.from = when("2031-03-04") + Minutes(random() % 500000), e.to = e.from + 5 + Minutes(random() % 600);
            e.what = std::string(random() % 90, 'x') + ", ä; \\ “y”\nz",
            e.about = std::string(random() % 200, 'w') + "é", e.free = i % 3 == 0;
            all.push_back(e);
        }
        const std::string ics = icsOf(all, "Öl, on board", when("2031-01-01"));
        std::size_t from = 0;
        for (std::size_t end; (end = ics.find("\r\n", from)) != std::string::npos; from = end + 2)
            QVERIFY2(end - from <= 75, "a line is longer than 75 octets");
        QCOMPARE(from, ics.size());
        const auto back = entriesOf(ics, 0, when("2040-01-01"));
        QVERIFY(back && back->size() == all.size());
        for (std::size_t i = 0; i < all.size(); ++i) {
            QCOMPARE((*back)[i].from, all[i].from);
            QCOMPARE((*back)[i].to, all[i].to);
            QCOMPARE((*back)[i].what, all[i].what);
            QCOMPARE((*back)[i].about, all[i].about);
            QCOMPARE((*back)[i].free, all[i].free);
        }
    }
    void aCalendarTakesHoursOrGivesThem()
    {
        Diary d;
        d.hours = {{1, 1140, 1260}};
        CalendarEntry night;
        night.from = when("2031-03-04T20:00"), night.to = when("2031-03-05T02:00");
        const auto less = withCalendar(d, {night}, false);
        QCOMPARE(freeWindows(less, when("2031-03-04"), when("2031-03-05")).front().to, when("2031-03-04T20:00"));
        const auto more = withCalendar(Diary{}, {night}, true);
        const auto w = freeWindows(more, when("2031-03-01"), when("2031-03-09"));
        QCOMPARE(int(w.size()), 1); // over midnight it is one sitting
        QCOMPARE(w[0].to - w[0].from, Minutes(360));
        QVERIFY(withCalendar(less, {night}, false).days == less.days); // twice is once
        night.free = true;
        QVERIFY(withCalendar(d, {night}, false).days.empty());
    }
    void paintDriesAsWaterLeavesIt()
    {
        const Drying usual = dryingOf(PaintMedium::AcrylicHeavy, 120, 50, false);
        QVERIFY(usual.touchHours > 0.2 && usual.overHours > usual.touchHours);
        const auto ratio = [&](double um, double humidity, bool dryer) {
            return dryingOf(PaintMedium::AcrylicHeavy, um, humidity, dryer).overHours / usual.overHours;
        };
        QVERIFY(std::abs(ratio(240, 50, false) - 2) < 1e-9); // a film twice as thick
        QVERIFY(std::abs(ratio(120, 75, false) - 2) < 1e-9); // half as much dryness left in the air
        QVERIFY(std::abs(ratio(120, 50, true) - 0.2) < 1e-9);
        QVERIFY(ratio(120, 100, false) < 11); // in a fog it takes long, not for ever
        const Drying oil = dryingOf(PaintMedium::Oil, 120, 50, true);
        QVERIFY(oil.overHours == dryingOf(PaintMedium::Oil, 120, 95, false).overHours && oil.overHours > 40);
        QVERIFY(varnishDaysOf(PaintMedium::Oil) > varnishDaysOf(PaintMedium::AcrylicFluid)
            && varnishDaysOf(PaintMedium::Gouache) == 0);
    }
    void theMediumIsWhatTheBoxOrTheBriefSays_data()
    {
        QTest::addColumn<QString>("words");
        QTest::addColumn<int>("medium");
        QTest::newRow("acrylic") << "acrylic" << int(PaintMedium::AcrylicHeavy);
        QTest::newRow("oil") << "oil on linen" << int(PaintMedium::Oil);
        QTest::newRow("watercolour") << "watercolour" << int(PaintMedium::Watercolour);
        QTest::newRow("acrylic gouache") << "acrylic gouache" << int(PaintMedium::AcrylicGouache);
        QTest::newRow("gouache") << "gouache" << int(PaintMedium::Gouache);
        QTest::newRow("nothing known") << "mixed media" << int(PaintMedium::AcrylicHeavy);
    }
    void theMediumIsWhatTheBoxOrTheBriefSays()
    {
        QFETCH(QString, words);
        QFETCH(int, medium);
        Project p;
        p.brief.medium = words.toStdString();
        QCOMPARE(int(mediumOf(p)), medium);
        PaintBox box;
        box.id = p.freshId(), box.medium = PaintMedium::Oil;
        p.boxes.push_back(box);
        QCOMPARE(int(mediumOf(p)), int(PaintMedium::Oil));
    }
    void stagesComeFromThePlanAndTheSchool()
    {
        Project p = madeWork();
        auto all = workOf(p, madeFacts(p), nullptr);
        const auto before = [&](const std::string& a, const std::string& b) {
            return place(all, a) >= 0 && place(all, a) < place(all, b);
        };
        QVERIFY(before("carry", "block") && before("block", "pass:0") && before("pass:0", key("pass", p.elements[1])));
        QVERIFY(before(key("pass", p.elements[0]), key("pass", p.elements[1]))); // far to near
        QVERIFY(before("darks", "middles") && before("middles", "lights") && before("lights", "glaze"));
        QVERIFY(before("glaze", key("detail", p.elements[2])) && before("look", "accents") && before("accents", "sign")
            && before("sign", "varnish"));
        const auto* boat = at(all, key("pass", p.elements[1]));
        QVERIFY(std::count(boat->after.begin(), boat->after.end(), key("pass", p.elements[0]))
            == 1); // it lies over the wall
        const auto* lead = at(all, key("pass", p.elements[2]));
        QVERIFY(std::count(lead->after.begin(), lead->after.end(), key("pass", p.elements[0]))
            == 0); // and does not wait for it
        p.brief.schools[std::size_t(School::Sequence)] = 2; // subject first
        all = workOf(p, madeFacts(p), nullptr);
        QVERIFY(before(key("pass", p.elements[2]), "pass:0"));
        QVERIFY(!at(all, "pass:0")->masks.empty());
        p.brief.schools[std::size_t(School::Sequence)] = 1; // section by section
        all = workOf(p, madeFacts(p), nullptr);
        QVERIFY(!at(all, "block") && before(key("detail", p.elements[0]), key("pass", p.elements[1])));
        p.brief.schools[std::size_t(School::Sequence)] = 0, p.brief.schools[std::size_t(School::Darks)] = 3;
        all = workOf(p, madeFacts(p), nullptr);
        QVERIFY(before("lights", "middles") && before("middles", "darks"));
        p.brief.medium = "gouache";
        all = workOf(p, madeFacts(p), nullptr);
        QVERIFY(!at(all, "glaze") && !at(all, "varnish")); // a wet brush lifts it; it goes behind glass
    }
    void hoursGoWithTheArea()
    {
        const Project p = madeWork();
        PlanFacts f = madeFacts(p);
        const auto small = workOf(p, f, nullptr);
        for (auto& part : f.parts)
            part.areaCm2 *= 3, part.darkCm2 *= 3, part.middleCm2 *= 3, part.lightCm2 *= 3;
        f.areaCm2 *= 3;
        const auto large = workOf(p, f, nullptr);
        for (const WorkTask& t : small)
            if (t.areaCm2 > 0 && t.kind != WorkKind::Prepare && t.kind != WorkKind::Tone)
                QVERIFY2(std::abs(at(large, t.key)->hours / t.hours - 3) < 1e-6, t.key.c_str());
        for (const WorkTask& t : small)
            QVERIFY(t.low <= t.hours && t.hours <= t.high);
    }
    void workMergedAwayStaysInThePlan()
    {
        Project p = madeWork();
        p.brief.facts = {{1, "both hands on the pole", {}, 0, false}};
        const double plain = planned(p).hours;
        TaskOverride w;
        w.task = "facts", w.into = "sign"; // with the facts that are checked in it
        p = edits::withTaskWord(std::move(p), w);
        w = {}, w.task = "darks", w.into = "lights";
        p = edits::withTaskWord(std::move(p), w);
        const WorkPlan merged = planned(p);
        QVERIFY2(std::abs(merged.hours - plain) < 0.2, qPrintable(QString("%1 %2").arg(merged.hours).arg(plain)));
        QCOMPARE(at(merged.tasks, "sign")->facts, std::vector<int>{1});
        // What was logged on the one merged away counts for the whole.
        p.painting.sittings = {{900, 0, 0, 0, {{"darks", WorkKind::Darks, 0, 0, 1800}}, {}, {}}};
        QCOMPARE(loggedHours(p.painting, *at(merged.tasks, "lights")), 0.5);
    }
    void thePainterHasTheLastWord()
    {
        const Project p = madeWork();
        const auto plain = workOf(p, madeFacts(p), nullptr);
        const auto with
            = [&](const TaskOverride& w) { return workOf(edits::withTaskWord(p, w), madeFacts(p), nullptr); };
        TaskOverride w;
        w.task = "block", w.pieces = 3;
        auto all = with(w);
        QVERIFY(!at(all, "block") && at(all, "block#1") && at(all, "block#3"));
        QVERIFY(std::abs(at(all, "block#2")->hours * 3 - at(plain, "block")->hours) < 1e-9);
        QVERIFY(at(all, "block#2")->after == std::vector<std::string>{"block#1"});
        QVERIFY(
            std::count(at(all, "pass:0")->after.begin(), at(all, "pass:0")->after.end(), std::string("block#3")) == 1);
        w = {}, w.task = "glaze", w.dropped = true;
        all = with(w);
        QVERIFY(!at(all, "glaze"));
        QVERIFY(std::count(at(all, key("detail", p.elements[2]))->after.begin(),
                    at(all, key("detail", p.elements[2]))->after.end(), std::string("lights"))
            == 1);
        w = {}, w.task = "darks", w.into = "lights";
        all = with(w);
        QVERIFY(!at(all, "darks"));
        QVERIFY(
            std::abs(at(all, "lights")->usualHours - at(plain, "lights")->usualHours - at(plain, "darks")->usualHours)
            < 1e-9);
        theMergedOneHasAllOfBoth(*at(plain, "darks"), *at(plain, "lights"), *at(all, "lights"));
        w = {}, w.task = "carry", w.hours = 11;
        QCOMPARE(at(with(w), "carry")->hours, 11.0);
        w = {}, w.words = "gild the frame", w.before = "sign", w.hours = 2;
        const Project own = edits::withOwnTask(p, w);
        all = workOf(own, madeFacts(own), nullptr);
        const std::string name = own.painting.tasks.back().task;
        QVERIFY(name.starts_with("own:") && place(all, name) == place(all, "sign") - 1);
        QCOMPARE(at(all, name)->hours, 2.0);
    }
    void whatIsTurnedRoundIsSaidAndPutBack()
    {
        Project p = madeWork();
        TaskOverride w;
        w.task = "accents", w.before = "pass:0";
        p = edits::withTaskWord(std::move(p), w);
        const auto all = workOf(p, madeFacts(p), nullptr);
        QCOMPARE(place(all, "accents"), place(all, "pass:0") - 1);
        for (std::size_t i = 0; i < all.size(); ++i)
            for (const std::string& a : all[i].after)
                QVERIFY2(place(all, a) < int(i), "something waits for what comes later");
        const auto turned = turnedRound(p, madeFacts(p));
        QVERIFY(std::any_of(
            turned.begin(), turned.end(), [](const auto& t) { return t.first == "accents" && t.second == "look"; }));
        const WorkPlan plan = planned(p);
        const Finding* f = found(plan.findings, "paint.order:accents");
        QVERIFY(f && f->fix);
        QVERIFY(!found(planned(f->fix->apply(p)).findings, "paint.order"));
    }
    void ratesAreLearnedAndShrunk_data()
    {
        QTest::addColumn<int>("tasks");
        QTest::addColumn<double>("ratio");
        for (const int n : {1, 2, 4})
            for (const double r : {0.5, 2.0})
                QTest::addRow("%d tasks, × %.1f", n, r) << n << r;
    }
    void ratesAreLearnedAndShrunk()
    {
        QFETCH(int, tasks);
        QFETCH(double, ratio);
        Project p = madeWork();
        const auto usual = workOf(p, madeFacts(p), nullptr);
        std::vector<std::string> passes{"pass:0"};
        for (const Element& e : p.elements)
            passes.push_back(key("pass", e));
        for (int i = 0; i < tasks; ++i)
            p = logged(std::move(p), passes[std::size_t(i)], WorkKind::Pass,
                at(usual, passes[std::size_t(i)])->usualHours * ratio);
        const Learned l = learnedFrom(p.painting, usual);
        // Two imagined tasks at the default: ln = n ln r / (n + 2).
        QVERIFY(
            std::abs(std::log(l.times[std::size_t(WorkKind::Pass)]) - tasks * std::log(ratio) / (tasks + 2)) < 1e-9);
        QCOMPARE(l.from[std::size_t(WorkKind::Pass)], tasks);
        QCOMPARE(l.times[std::size_t(WorkKind::Glaze)], 1.0);
        QVERIFY(l.spread[std::size_t(WorkKind::Pass)] <= l.spread[std::size_t(WorkKind::Glaze)]); // surer than before
        QVERIFY(l.spread[std::size_t(WorkKind::Pass)] > 1);
    }
    void oneBadEveningDoesNotRule()
    {
        Project p = madeWork();
        const auto usual = workOf(p, madeFacts(p), nullptr);
        p = logged(std::move(p), "pass:0", WorkKind::Pass, at(usual, "pass:0")->usualHours * 1.1);
        p = logged(std::move(p), key("pass", p.elements[0]), WorkKind::Pass,
            at(usual, key("pass", p.elements[0]))->usualHours * 1.1);
        const double calm = learnedFrom(p.painting, usual).times[std::size_t(WorkKind::Pass)];
        p = logged(std::move(p), key("pass", p.elements[1]), WorkKind::Pass,
            at(usual, key("pass", p.elements[1]))->usualHours * 40);
        QVERIFY(learnedFrom(p.painting, usual).times[std::size_t(WorkKind::Pass)] < calm * 1.05);
        // Time on a task that is not done yet teaches nothing.
        p = edits::withTaskDone(std::move(p), "pass:0", false);
        QCOMPARE(learnedFrom(p.painting, usual).from[std::size_t(WorkKind::Pass)], 2);
    }
    void sittingsKeepEveryRule_data()
    {
        QTest::addColumn<QString>("medium");
        QTest::addColumn<int>("school");
        for (const char* m : {"acrylic", "oil", "gouache"})
            for (const int s : {0, 1, 2})
                QTest::addRow("%s, sequence %d", m, s) << m << s;
    }
    void sittingsKeepEveryRule()
    {
        QFETCH(QString, medium);
        QFETCH(int, school);
        Project p = madeWork();
        p.brief.medium = medium.toStdString(), p.brief.schools[std::size_t(School::Sequence)] = school;
        const WorkPlan plan = planned(p);
        QVERIFY2(!plan.problem, plan.problem ? plan.problem->sentence.c_str() : "");
        std::map<std::string, Minutes> begins, ends, worked;
        for (const auto& s : plan.sittings)
            for (const auto& part : s.parts) {
                const WorkTask& t = plan.tasks[std::size_t(part.task)];
                QVERIFY(s.free.from <= part.from && part.from < part.to && part.to <= s.free.to);
                if (!begins.contains(t.key))
                    begins[t.key] = part.from;
                ends[t.key] = part.to, worked[t.key] += part.to - part.from;
            }
        for (const WorkTask& t : plan.tasks) {
            if (t.pause)
                continue;
            QVERIFY2(worked[t.key] >= Minutes(t.hours * 60) - 5, t.key.c_str());
            for (const std::string& a : t.after)
                if (const WorkTask* w = at(plan.tasks, a); w && !w->pause)
                    QVERIFY2(begins[t.key] >= ends[a] + Minutes(w->dry.overHours * 60) - 1,
                        (t.key + " over wet " + a).c_str());
        }
        QVERIFY(begins["accents"] - ends[at(plan.tasks, "glaze") ? "glaze" : key("pass", p.elements[2])] >= 24 * 60);
        QVERIFY(plan.early <= plan.finish && plan.finish <= plan.late);
        QVERIFY(plan.lowHours < plan.hours && plan.hours < plan.highHours);
    }
    void whatIsDoneStaysAndTheRestIsPlannedAnew()
    {
        Project p = madeWork();
        const WorkPlan first = planned(p);
        const std::string done = first.tasks[std::size_t(first.sittings.front().parts.front().task)].key;
        p = edits::withTaskDone(std::move(p), done, true);
        const WorkPlan later = planned(p, "2031-04-01T08:00"); // four weeks missed
        QVERIFY(at(later.tasks, done)->done);
        for (const auto& s : later.sittings) {
            QVERIFY(s.free.from >= when("2031-04-01T08:00"));
            for (const auto& part : s.parts)
                QVERIFY(later.tasks[std::size_t(part.task)].key != done);
        }
        QVERIFY(later.hours < first.hours && later.finish > first.finish);
    }
    void wetPaintIsWaitedForAfterASitting()
    {
        Project p = madeWork();
        p.brief.medium = "oil";
        const Minutes now = when("2031-03-03T21:00");
        for (const WorkTask& t : workOf(p, madeFacts(p), nullptr))
            if (t.key.starts_with("prepare") || t.key == "carry")
                p = edits::withTaskDone(std::move(p), t.key, true);
        p = logged(std::move(p), "block", WorkKind::BlockIn, 2, 0, (now - 120) * 60);
        const WorkPlan plan = planned(p, "2031-03-03T21:00");
        for (const auto& s : plan.sittings)
            for (const auto& part : s.parts)
                if (plan.tasks[std::size_t(part.task)].key == "pass:0")
                    QVERIFY(part.from >= now + Minutes(at(plan.tasks, "block")->dry.overHours * 60) - 2);
    }
    void findingsAreCuredByTheirFix_data()
    {
        QTest::addColumn<QString>("key");
        QTest::newRow("no hours") << "paint.no-hours";
        QTest::newRow("late") << "paint.late";
        QTest::newRow("layers") << "paint.layers";
        QTest::newRow("signature") << "paint.signature";
        QTest::newRow("signature across an outline") << "paint.signature-edge";
        QTest::newRow("acrylic over oil") << "paint.over";
        QTest::newRow("acrylic over a passage in oil of another's") << "paint.over:darks";
    }
    void findingsAreCuredByTheirFix()
    {
        QFETCH(QString, key);
        Project p = madeWork();
        if (key == "paint.no-hours")
            p.painting.diary.hours.clear();
        if (key == "paint.late")
            p.brief.deadline = "2031-03-20";
        if (key == "paint.layers")
            p.brief.medium = "gouache", p.mix.coats = 2;
        if (key == "paint.signature")
            p.painting.signatureAt = {59.5, 39.8};
        if (key == "paint.signature-edge")
            p.painting.signatureAt = {50, 30}; // the lead ends there
        if (key.startsWith("paint.over")) {
            TaskOverride oil;
            oil.task = ::key("pass", p.elements[0]), oil.paint = "oil";
            p = edits::withTaskWord(std::move(p), oil);
        }
        const std::string name = key.toStdString();
        for (int i = 0; i < 40; ++i) {
            const WorkPlan plan = planned(p);
            const Finding* f = found(plan.findings, name.c_str());
            if (i == 0) {
                QVERIFY(f && f->fix && !f->why.empty() && f->station == Station::Paint);
                QVERIFY(f->measured != f->target);
            }
            if (!f)
                return; // cured
            if (!f->fix)
                break;
            p = f->fix->apply(p);
        }
        QVERIFY2(key == "paint.late", "the fix does not cure it"); // there is only so much that can be left out
    }
    void factsAreCheckedBeforeSigning()
    {
        Project p = madeWork();
        p.brief.facts = {{p.freshId(), "seven spokes", "a drawing", p.elements[1].id, false}};
        QVERIFY(!found(planned(p).findings, "paint.facts"));
        p = edits::withTaskDone(std::move(p), "sign", true);
        QVERIFY(found(planned(p).findings, "paint.facts")->severity == Severity::Broken);
        p.brief.facts[0].checked = true;
        QVERIFY(!found(planned(p).findings, "paint.facts"));
        const auto all = workOf(p, madeFacts(p), nullptr);
        QCOMPARE(int(at(all, key("pass", p.elements[1]))->facts.size()), 1); // comes back while it is painted
        QVERIFY(at(all, "facts"));
    }
    void lowRanksThatEatTheEveningAreNamed()
    {
        Project p = madeWork();
        Sitting s;
        s.began = 1'900'000'000;
        s.spans = {{key("pass", p.elements[0]), WorkKind::Pass, p.elements[0].id, s.began, 5 * 3600.0},
            {key("pass", p.elements[2]), WorkKind::Pass, p.elements[2].id, s.began, 1200.0}};
        p = edits::withSitting(std::move(p), s);
        const auto e = eatsTheEvening(p, madeFacts(p), workOf(p, madeFacts(p), nullptr));
        QVERIFY(e && e->element == p.elements[0].id && (e->above == p.elements[2].id || e->above == p.elements[1].id));
        QVERIFY(std::abs(e->hours - 5) < 1e-9);
        QVERIFY(found(planned(p).findings, "paint.rank"));
        p.painting.sittings[0].spans[0].element = p.elements[2].id; // the lead may have it
        QVERIFY(!eatsTheEvening(p, madeFacts(p), workOf(p, madeFacts(p), nullptr)));
    }
    void clocksThatDisagreeTakeNothing()
    {
        SittingTimer t;
        QVERIFY(!t.running());
        t.advance(100); // nothing runs
        t.begin(1'900'000'000, 60);
        t.turnTo("pass:0", WorkKind::Pass, 0, 1'900'000'000);
        for (int i = 0; i < 60; ++i)
            t.advance(1);
        t.turnTo("pass:3", WorkKind::Pass, 3, 1'899'000'000); // the wall clock was set back
        for (const double odd : {-5.0, 0.0, std::nan(""), 1e9, 7200.0})
            t.advance(odd);
        for (int i = 0; i < 30; ++i)
            t.advance(1);
        t.pause(true);
        t.advance(300);
        t.pause(false);
        t.advance(10);
        QCOMPARE(t.worked(), 100.0);
        QCOMPARE(t.workedOn(3), 40.0);
        const Sitting s = t.end();
        QVERIFY(!t.running());
        QCOMPARE(s.pausedSeconds, 300.0);
        QCOMPARE(int(s.spans.size()), 2);
        for (const WorkSpan& w : s.spans)
            QVERIFY(w.seconds > 0);
    }
    void shortTurnsLeaveNoTrace()
    {
        SittingTimer t;
        t.begin(10, 0);
        t.turnTo("a", WorkKind::Pass, 1, 10);
        t.advance(0.5);
        t.turnTo("b", WorkKind::Pass, 2, 11);
        t.advance(3);
        t.turnTo("c", WorkKind::Detail, 2, 14);
        t.advance(600);
        t.turnTo("c", WorkKind::Detail, 2, 700); // the same again
        t.advance(1);
        const Sitting s = t.end();
        QCOMPARE(int(s.spans.size()), 1);
        QCOMPARE(s.spans[0].seconds, 601.0);
    }
    void theLogIsATable()
    {
        Project p = madeWork();
        p = logged(std::move(p), "pass:0", WorkKind::Pass, 1.5);
        p.painting.sittings[0].notes = "wet, \"slow\"\nevening";
        Decision d;
        d.at = 1'900'000'100, d.words = "no kite", d.reason = "it pulls", d.scrapped = true;
        p = edits::withDecision(std::move(p), d);
        const std::string csv = csvOf(p);
        QVERIFY(csv.starts_with("what,") && csv.ends_with("\r\n"));
        QVERIFY(csv.find("work,") != std::string::npos && csv.find(",90.0,pass:0,pass,") != std::string::npos);
        QVERIFY(csv.find("\"wet, \"\"slow\"\"\nevening\"") != std::string::npos);
        QVERIFY(csv.find("scrapped,") != std::string::npos && csv.find("2030-03-17T17:48:20Z") != std::string::npos);
    }
    void editsOfTheLogAreExact()
    {
        Project p = madeWork();
        p = edits::withTolerance(std::move(p), p.elements[0].id, 3);
        QCOMPARE(p.painting.toleranceOf(p.elements[0].id), 3.0);
        QCOMPARE(p.painting.toleranceOf(999), 1.0);
        p = edits::withTolerance(std::move(p), p.elements[0].id, 1);
        QVERIFY(p.painting.tolerances.empty());
        Reference r;
        r.name = "canvas", r.pixels = LazyPhoto(Photo::filled(40, 30, {1, 2, 3}), {});
        p = edits::withCanvasPhoto(std::move(p), r, {});
        QCOMPARE(int(p.painting.photos.size()), 1);
        const int photo = p.painting.photos[0].id;
        QVERIFY(p.reference(p.painting.photos[0].reference)->heap == "canvas");
        p = edits::withCanvasCorners(std::move(p), photo, {{0, 0}, {39, 0}, {39, 29}, {0, 29}});
        p = edits::withAccepted(std::move(p), {0, photo, {1, 1, 5, 5}});
        Decision d;
        d.photo = photo, d.words = "kept";
        p = edits::withDecision(std::move(p), d);
        repair(p);
        QVERIFY(repair(p) && p.painting.accepted.size() == 1 && p.painting.decisions[0].photo == photo);
        p = edits::withoutCanvasPhoto(std::move(p), photo);
        QVERIFY(p.painting.photos.empty() && p.painting.accepted.empty() && p.painting.decisions[0].photo == 0);
        QVERIFY(p.references.empty());
        p = edits::withoutDecision(std::move(p), p.painting.decisions[0].id);
        QVERIFY(p.painting.decisions.empty());
    }
    void whatAFileCouldGetWrongIsPutRight()
    {
        Project p = madeWork();
        p.painting.humidity = std::nan(""), p.painting.pace = -3, p.painting.from = "yesterday";
        p.painting.diary.roundDays = 0, p.painting.diary.hours.push_back({90, 500, 400});
        p.painting.diary.days.push_back({"2031-02-30", 0, 100, true});
        p.painting.tasks.resize(3);
        p.painting.tasks[0].task = p.painting.tasks[1].task = "pass:0";
        p.painting.sittings.push_back({7, 5, 100000, -3, {{"a", WorkKind::Pass, 1, 2, -50}}, "", ""});
        p.painting.photos.push_back({9, 12345, 0, "", {{1, 1}}, {}});
        p.painting.accepted.push_back({10, 77, {}});
        QVERIFY(!repair(p));
        QVERIFY(p.painting.humidity == 50 && p.painting.pace >= 0.1 && p.painting.from.empty());
        QVERIFY(p.painting.diary.roundDays == 1 && p.painting.diary.days.empty());
        QCOMPARE(int(p.painting.tasks.size()), 1);
        QVERIFY(p.painting.sittings[0].spans[0].seconds == 0 && p.painting.sittings[0].pausedSeconds == 0);
        QVERIFY(p.painting.photos.empty() && p.painting.accepted.empty());
        QVERIFY(repair(p)); // once is enough
    }
};

RL_TEST(TestWorkPlan)
#include "tst_work_plan.moc"
