#include "core/colour/srgb.h"
#include "core/project/painting_edits.h"
#include "core/survey/survey_rules.h"
#include "core/survey/work_survey.h"
#include "core/trainer/exercise.h"
#include "devices/camera.h"
#include "tests/kit/program.h"
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <random>

using namespace rl;
using namespace rl::survey;

namespace {
/// A lit picture with two things on it, made by hand: 60 × 40 cm at 8 px a cm.
light::Picture madePicture(const Project& p)
{
    constexpr int kWide = 480, kHigh = 320;
    std::vector<Rgb> colour(kWide * kHigh);
    std::vector<std::int32_t> ids(colour.size(), 0);
    for (int y = 0; y < kHigh; ++y)
        for (int x = 0; x < kWide; ++x) {
            const std::size_t i = std::size_t(y) * kWide + std::size_t(x);
            const float wave = 0.03f * float(std::sin(x / 9.0) + std::sin(y / 6.0 + x / 31.0));
            colour[i] = {0.16f + 0.2f * float(y) / kHigh + wave, 0.2f + wave, 0.34f - 0.15f * float(y) / kHigh};
            if (x > 80 && x < 200 && y > 120 && y < 260) {
                ids[i] = p.elements[0].id;
                colour[i] = {0.05f + 0.02f * float((x / 11 + y / 13) % 2), 0.05f, 0.04f};
            }
            if (std::hypot(x - 330, y - 150) < 60) {
                ids[i] = p.elements[1].id;
                colour[i] = {0.7f + 0.2f * float((x / 7) % 2), 0.5f, 0.25f};
            }
        }
    return {LinearPicture(kWide, kHigh, std::move(colour)), IdMap(kWide, kHigh, std::move(ids)), 8};
}
Project stagedWork()
{
    Project p;
    p.brief.widthCm = 60, p.brief.heightCm = 40, p.brief.title = "made";
    for (const char* name : {"hut", "sun"}) {
        Element e;
        e.id = p.freshId(), e.name = name;
        p.elements.push_back(e);
    }
    p.brief.cast = {{p.freshId(), "sun", {}}};
    p.elements[1].cast = p.brief.cast[0].id;
    return p;
}
PaintedWork made(const Project& p)
{
    return paintedWork(p, madePicture(p), {p.elements[0].id, p.elements[1].id}, nullptr);
}
cv::Mat labFrom(const LinearPicture& p)
{
    cv::Mat lab;
    cv::cvtColor(p.mat(), lab, cv::COLOR_LRGB2Lab);
    return lab;
}
/// Mean CIELAB distance over a mask.
double apart(const LinearPicture& a, const LinearPicture& b, const cv::Mat& mask = {})
{
    cv::Mat d = labFrom(a) - labFrom(b), c[3], sum;
    cv::split(d, c);
    cv::sqrt(c[0].mul(c[0]) + c[1].mul(c[1]) + c[2].mul(c[2]), sum);
    return cv::mean(sum, mask.empty() ? cv::noArray() : cv::InputArray(mask))[0];
}
Project doneUpTo(Project p, const std::vector<schedule::WorkTask>& tasks, const std::string& last)
{
    for (const auto& t : tasks) {
        p = edits::withTaskDone(std::move(p), t.key, true);
        if (t.key == last)
            break;
    }
    return p;
}
const Finding* found(const Findings& all, const std::string& key)
{
    for (const Finding& f : all)
        if (f.key.starts_with(key))
            return &f;
    return nullptr;
}
/// An observer who sees by the psychometric function, told by a generator.
double thresholdFound(double truth, int choices, unsigned seed, double first)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> any(0, 1);
    trainer::Staircase s(first, truth / 40, truth * 40, choices);
    while (s.trials() < 60) {
        const double shown = s.next();
        s.answered(shown, any(random) < trainer::Staircase::rightAt(shown, truth, choices));
    }
    return s.threshold();
}
} // namespace

/// What a stage should look like, what the canvas says of it, and what an eye can tell.
class TestStages : public QObject {
    Q_OBJECT
    NoProgress m_progress;

private slots:
    void factsAreMeasured()
    {
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        QCOMPARE(int(w.facts.parts.size()), 3);
        const auto& hut = w.facts.parts[1];
        const auto& sun = w.facts.parts[2];
        QVERIFY2(std::abs(hut.areaCm2 - 119 * 139 / 64.0) < 1, qPrintable(QString::number(hut.areaCm2)));
        QVERIFY(std::abs(sun.areaCm2 - kPi * 60 * 60 / 64) < 3);
        QVERIFY(std::abs(hut.areaCm2 + sun.areaCm2 + w.facts.parts[0].areaCm2 - 2400) < 1);
        QVERIFY(hut.darkCm2 > 0.95 * hut.areaCm2 && sun.lightCm2 > 0.95 * sun.areaCm2);
        QVERIFY(sun.rank == 1 && hut.rank == 0);
        QVERIFY(std::abs(hut.box.x - 10.1) < 0.2 && std::abs(hut.box.height - 17.4) < 0.2);
        QVERIFY(hut.behind == std::vector<int>{0});
        QVERIFY(w.facts.darkest < w.facts.middle && w.facts.middle < w.facts.lightest);
    }
    void theLastStageIsThePlan()
    {
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        const auto last = w.looks->afterTask(w.tasks, w.tasks.size() - 1);
        QVERIFY2(apart(last, w.picture.colour) < 0.3, qPrintable(QString::number(apart(last, w.picture.colour))));
    }
    void theFirstIsGroundAlone()
    {
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        const auto first = w.looks->now(w.tasks);
        cv::Scalar mean, dev;
        cv::meanStdDev(labFrom(first), mean, dev);
        QVERIFY2(mean[0] > 88 && dev[0] < 3, "not white ground");
        std::size_t toned = 0;
        while (toned < w.tasks.size() && w.tasks[toned].kind != WorkKind::Tone)
            ++toned;
        cv::meanStdDev(labFrom(w.looks->afterTask(w.tasks, toned)), mean, dev);
        QVERIFY(std::abs(mean[0] - double(w.tone.L)) < 1.5);
    }
    void everyStageComesNearerToThePlan_data()
    {
        QTest::addColumn<QStringList>("keys");
        QTest::newRow("from ground to blocks") << QStringList{"carry", "block"};
        QTest::newRow("from the first values to the accents")
            << QStringList{"darks", "middles", "lights", "glaze", "accents"};
    }
    void everyStageComesNearerToThePlan()
    {
        QFETCH(QStringList, keys);
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        double before = 1e9;
        for (const QString& key : keys) {
            std::size_t i = 0;
            while (i < w.tasks.size() && w.tasks[i].key != key.toStdString())
                ++i;
            QVERIFY2(i < w.tasks.size(), qPrintable(key));
            const double now = apart(w.looks->afterTask(w.tasks, i), w.picture.colour);
            QVERIFY2(now < before + 0.05, qPrintable(key));
            before = now;
        }
    }
    void onlyWhatIsPaintedChanges()
    {
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        std::set<std::string> done;
        for (const auto& t : w.tasks) {
            if (t.key == "pass:" + std::to_string(p.elements[1].id))
                break;
            done.insert(t.key);
        }
        const auto before = w.looks->after(w.tasks, done);
        done.insert("pass:" + std::to_string(p.elements[1].id));
        const auto after = w.looks->after(w.tasks, done);
        const cv::Mat mine = w.picture.ids.mat() == p.elements[1].id;
        QVERIFY(apart(before, after, mine) > 2);
        QVERIFY(apart(before, after, ~mine) < 1e-6);
    }
    void lightsAreHeldBackUntilTheirTurn()
    {
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        const cv::Mat mine = w.picture.ids.mat() == p.elements[1].id;
        const auto upTo = [&](const char* key) {
            std::size_t i = 0;
            while (w.tasks[i].key != key)
                ++i;
            return cv::mean(labFrom(w.looks->afterTask(w.tasks, i)), mine)[0];
        };
        QVERIFY(upTo("middles") + 2 < upTo("lights"));
        const cv::Mat hut = w.picture.ids.mat() == p.elements[0].id;
        std::size_t glaze = 0;
        while (w.tasks[glaze].key != "glaze")
            ++glaze;
        const double wet = cv::mean(labFrom(w.looks->afterTask(w.tasks, glaze - 1)), hut)[0],
                     glazed = cv::mean(labFrom(w.looks->afterTask(w.tasks, glaze)), hut)[0];
        QVERIFY2(wet > glazed + 1, "values before the glaze are lighter");
    }
    void partsOfASplitTaskGoFromLeftToRight()
    {
        Project p = stagedWork();
        TaskOverride split;
        split.task = "pass:0", split.pieces = 4;
        p = edits::withTaskWord(std::move(p), split);
        const PaintedWork w = made(p);
        std::set<std::string> done;
        for (const auto& t : w.tasks) {
            done.insert(t.key);
            if (t.key == "pass:0#2")
                break;
        }
        QCOMPARE(shareDone(w.tasks, done, "pass:0"), 0.5);
        QCOMPARE(shareDone(w.tasks, done, "no such task"), 1.0);
        std::set<std::string> none = done;
        none.erase("pass:0#1"), none.erase("pass:0#2");
        const auto half = w.looks->after(w.tasks, done), nothing = w.looks->after(w.tasks, none);
        cv::Mat left = cv::Mat::zeros(320, 480, CV_8U), right = left.clone();
        left(cv::Rect(0, 0, 200, 320)).setTo(255), right(cv::Rect(280, 0, 200, 320)).setTo(255);
        QVERIFY(apart(half, nothing, left) > 1);
        QVERIFY(apart(half, nothing, right) < 1e-6);
    }
    void onTheCanvasThePlanKeepsItsPlace_data()
    {
        QTest::addColumn<double>("width");
        QTest::addColumn<double>("height");
        QTest::addColumn<int>("fit");
        QTest::newRow("as planned") << 0.0 << 0.0 << 0;
        QTest::newRow("cut") << 50.0 << 50.0 << int(CanvasFit::Crop);
        QTest::newRow("ground about it") << 80.0 << 40.0 << int(CanvasFit::Inset);
    }
    void onTheCanvasThePlanKeepsItsPlace()
    {
        QFETCH(double, width);
        QFETCH(double, height);
        QFETCH(int, fit);
        Project p = stagedWork();
        p.sheets.canvasWidthCm = width, p.sheets.canvasHeightCm = height, p.sheets.fit = CanvasFit(fit);
        const PaintedWork w = made(p);
        const auto face = onCanvasFace(p, w.picture, w.tone, 600);
        const auto canvas = transfer::canvasPlanOf(p);
        QCOMPARE(face.colour.width(), int(std::lround(canvas.widthCm * face.pixelsPerCm)));
        for (const Vec2 cm : {Vec2{330 / 8.0, 150 / 8.0}, Vec2{140 / 8.0, 200 / 8.0}, Vec2{30, 5}}) {
            const Vec2 on = canvas.toCanvas(cm);
            const int x = int(on.x * face.pixelsPerCm), y = int(on.y * face.pixelsPerCm);
            if (!face.ids.contains(x, y))
                continue;
            QCOMPARE(face.ids.at(x, y), w.picture.ids.at(int(cm.x * 8), int(cm.y * 8)));
        }
    }
    void theCanvasIsHeldAgainstItsStage()
    {
        Project p = stagedWork();
        const auto natural = made(p).tasks;
        p = doneUpTo(std::move(p), natural, "lights");
        const PaintedWork w = made(p);
        const auto face = onCanvasFace(
            p,
            [&] {
                auto s = w.picture;
                s.colour = w.looks->now(w.tasks);
                return s;
            }(),
            w.tone, 960);
        devices::SimulatedEasel::Room room;
        room.seed = 3, room.longPx = 1600;
        devices::SimulatedEasel easel(60, 40, room);
        easel.setCanvas(colour::codeOf(face.colour), {{{330 / 8.0, 150 / 8.0}, 14, {6, -3}, 0}});
        std::vector<transfer::Landmark> marks;
        for (int i = 0; i < 8; ++i) {
            transfer::Landmark m;
            const double a = i * kPi / 4;
            m.at = {330 / 8.0 + 7.5 * std::cos(a), 150 / 8.0 + 7.5 * std::sin(a)}, m.element = p.elements[1].id,
            m.name = "rim";
            marks.push_back(m);
        }
        const auto s = surveyOf(
            w, [&] { return marks; }, *easel.photograph(), {easel.view().corners()}, m_progress);
        QVERIFY(bool(s));
        QVERIFY(s->compared.found && s->task == "lights" && s->parts.size() == 3);
        QVERIFY(s->even.width() == s->stage.width() && !s->squared.empty());
        for (const PartCheck& part : s->parts)
            QVERIFY2(std::abs(part.dL) < 4 && part.painted > 0.9, part.name.c_str());
        const Finding* drift = found(s->findings, "paint.drift:" + std::to_string(p.elements[1].id));
        QVERIFY(drift && drift->fix);
        QVERIFY2(std::abs(drift->measured - std::hypot(6, 3)) < 2, qPrintable(QString::number(drift->measured)));
        QVERIFY(drift->sentence.find("to the right") != std::string::npos
            && drift->sentence.find("high") != std::string::npos);
        // Let go of it, and nothing nags.
        PaintedWork free = w;
        free.project = drift->fix->apply(free.project);
        QVERIFY(!found(surveyFindings(free, *s), "paint.drift"));
        free.project = edits::withAccepted(w.project, {0, 1, {0, 0, 60, 40}});
        QVERIFY(!found(surveyFindings(free, *s), "paint.drift"));
    }
    void whatIsNewSinceTheLastPhotographIsTold()
    {
        Project p = stagedWork();
        const auto natural = made(p).tasks;
        const Project before = doneUpTo(p, natural, "pass:0"),
                      after = doneUpTo(p, natural, "pass:" + std::to_string(p.elements[1].id));
        const auto photographed = [&](const Project& q, unsigned seed) {
            const PaintedWork w = made(q);
            auto stage = w.picture;
            stage.colour = w.looks->now(w.tasks);
            devices::SimulatedEasel::Room room;
            room.seed = seed, room.longPx = 1400, room.lamp = 0.2, room.gloss = 0;
            devices::SimulatedEasel easel(60, 40, room);
            easel.setCanvas(colour::codeOf(onCanvasFace(q, stage, w.tone, 960).colour));
            return std::pair(*easel.photograph(), easel.view().corners());
        };
        const auto [earlier, cornersThen] = photographed(before, 3);
        const auto [later, cornersNow] = photographed(after, 4);
        const PaintedWork w = made(after);
        auto s = surveyOf(w, {}, later, {cornersNow}, m_progress).take();
        QCOMPARE(s.changed, -1.0);
        holdAgainstEarlier(s, w, earlier, cornersThen, m_progress);
        QVERIFY(s.changed > 0.005 && s.changed < 0.6);
        // More of what is new lies on the things than on the backdrop, which stayed.
        const double k = s.squared.width() / 60.0;
        double on = 0, off = 0, mine = 0, rest = 0;
        for (int y = 0; y < s.changedWhere.height(); y += 3)
            for (int x = 0; x < s.changedWhere.width(); x += 3) {
                const int id = w.picture.ids.at(std::min(479, int(x / k * 8)), std::min(319, int(y / k * 8)));
                (id ? mine : rest) += 1;
                if (s.changedWhere.at(x, y))
                    (id ? on : off) += 1;
            }
        QVERIFY2(on / mine > 3 * off / rest, qPrintable(QString("%1 %2").arg(on / mine).arg(off / rest)));
        auto none = s;
        none.changed = -1;
        holdAgainstEarlier(none, w, Photo::filled(300, 200, {9, 9, 9}), {}, m_progress);
        QCOMPARE(none.changed, -1.0); // there is no canvas on that
    }
    void whatIsWrongInPaintIsSaid_data()
    {
        QTest::addColumn<double>("dL");
        QTest::addColumn<QString>("key");
        QTest::newRow("too light") << 12.0 << "paint.value";
        QTest::newRow("too dark") << -12.0 << "paint.value";
        QTest::newRow("within what passes") << 1.0 << "";
    }
    void whatIsWrongInPaintIsSaid()
    {
        QFETCH(double, dL);
        QFETCH(QString, key);
        Project p = stagedWork();
        PaintedWork w = made(p);
        WorkSurvey s;
        PartCheck c;
        c.element = p.elements[0].id, c.name = "hut", c.judged = true, c.painted = 1, c.dL = dL, c.lightness = 30;
        s.parts = {c};
        const Findings all = surveyFindings(w, s);
        QCOMPARE(!all.empty(), !key.isEmpty());
        if (!all.empty())
            QVERIFY(all[0].key.starts_with(key.toStdString())
                && all[0].sentence.find(dL > 0 ? "darken" : "lighten") != std::string::npos && all[0].measured == dL);
        w.project.brief.schools[std::size_t(School::Plan)] = 1; // the plan lets go
        w.project = edits::withTolerance(w.project, c.element, 2);
        QVERIFY(surveyFindings(w, s).empty());
    }
    void whatMeltsAndWhatIsBareIsSaid()
    {
        Project p = stagedWork();
        p = doneUpTo(std::move(p), made(p).tasks, "pass:" + std::to_string(p.elements[1].id));
        const PaintedWork w = made(p);
        WorkSurvey s;
        PartCheck c;
        c.element = p.elements[1].id, c.name = "sun", c.judged = true, c.painted = 0.5, c.contrast = 5, c.planned = 30,
        c.lightness = 80;
        s.parts = {c};
        s.order = {p.elements[0].id, p.elements[1].id}, s.plannedOrder = {p.elements[1].id, p.elements[0].id};
        const Findings all = surveyFindings(w, s);
        const Finding* melts = found(all, "paint.melts");
        QVERIFY(melts && melts->sentence.find("darken behind it by 25 L*") != std::string::npos);
        const Finding* bare = found(all, "paint.bare");
        QVERIFY(bare && bare->fix && bare->measured == 50);
        QVERIFY(!bare->fix->apply(p).painting.word("pass:" + std::to_string(p.elements[1].id))->done);
        QVERIFY(found(all, "paint.order-read"));
        Project quiet = p;
        quiet.setAside[melts->key] = "as meant";
        PaintedWork other = w;
        other.project = quiet;
        QVERIFY(!found(surveyFindings(other, s), "paint.melts"));
    }
    void edgesAndLeaksAreHeldAgainstTheStage_data()
    {
        QTest::addColumn<double>("lost");
        QTest::addColumn<double>("planned");
        QTest::addColumn<QString>("word");
        QTest::newRow("lost") << 0.7 << 0.1 << "restate";
        QTest::newRow("found where it should be lost") << 0.05 << 0.6 << "soften";
        QTest::newRow("as planned") << 0.35 << 0.3 << "";
    }
    void edgesAndLeaksAreHeldAgainstTheStage()
    {
        QFETCH(double, lost);
        QFETCH(double, planned);
        QFETCH(QString, word);
        Project p = stagedWork();
        const PaintedWork w = made(p);
        WorkSurvey s;
        PartCheck c;
        c.element = p.elements[0].id, c.name = "hut", c.judged = true, c.painted = 1, c.lost = lost,
        c.plannedLost = planned, c.lostPlace = {3, 4, 5, 6};
        s.parts = {c}, s.compared.painted = 1;
        s.leaks = {1, word.isEmpty() ? 1.0 : 2.2, 1, 1}, s.plannedLeaks = {1, 1, 1, 1};
        const Findings all = surveyFindings(w, s);
        const Finding *edge = found(all, "paint.edge"), *leak = found(all, "paint.leak:right");
        QCOMPARE(edge != nullptr, !word.isEmpty());
        QCOMPARE(leak != nullptr, !word.isEmpty());
        QCOMPARE(all.size(), word.isEmpty() ? std::size_t(0) : std::size_t(2));
        if (edge) {
            QVERIFY(edge->sentence.find(word.toStdString()) != std::string::npos && edge->measured == 100 * lost);
            QVERIFY(leak->place.right() == p.brief.widthCm && leak->measured == 2.2);
        }
    }
    void aCardInThePhotographTellsTheLight()
    {
        Project p = stagedWork();
        p = doneUpTo(std::move(p), made(p).tasks, "lights");
        const PaintedWork w = made(p);
        auto stage = w.picture;
        stage.colour = w.looks->now(w.tasks);
        const Photo face = colour::codeOf(onCanvasFace(p, stage, w.tone, 960).colour);
        cv::Mat dark; // all of it a good deal too dark
        face.mat().convertTo(dark, CV_8U, 0.7);
        devices::SimulatedEasel::Room room;
        room.seed = 3, room.longPx = 1600, room.lamp = 0, room.gloss = 0, room.greyCard = true;
        devices::SimulatedEasel easel(60, 40, room);
        easel.setCanvas(Photo::fromMat(dark));
        const Rect cm = easel.greyCardCm();
        const Vec2 a = easel.view().photoAt({cm.x, cm.y}), b = easel.view().photoAt({cm.right(), cm.bottom()});
        const Photo photo = *easel.photograph();
        CanvasPhoto said;
        const Corners c = easel.view().corners();
        said.corners.assign(c.begin(), c.end());
        const auto mean = [&](const CanvasPhoto& words) {
            const auto s = surveyOf(w, {}, photo, PhotoSaid::of(words), m_progress);
            return s ? s->parts[0].dL : 0;
        };
        const double without = mean(said);
        said.grey = {a.x, a.y, b.x - a.x, b.y - a.y};
        const double with = mean(said);
        QVERIFY2(std::abs(without) < 2, qPrintable(QString::number(without))); // less light, for all it knows
        QVERIFY2(with < -6, qPrintable(QString::number(with)));
    }
    void theFirstLookComesBeforeTheRest()
    {
        Project p = stagedWork();
        const PaintedWork w = made(p);
        devices::SimulatedEasel::Room room;
        room.seed = 3, room.longPx = 1600;
        devices::SimulatedEasel easel(60, 40, room);
        easel.setCanvas(colour::codeOf(w.picture.colour));
        int firsts = 0, asked = 0;
        Photo rough;
        const auto s = surveyOf(
            w,
            [&] {
                ++asked;
                return std::vector<transfer::Landmark>{};
            },
            *easel.photograph(), {}, m_progress,
            [&](const Photo& photo) {
                QCOMPARE(asked, 0);
                ++firsts, rough = photo;
            });
        QVERIFY(bool(s) && firsts == 1 && asked == 1);
        QCOMPARE(rough.width(), 900);
        QCOMPARE(rough.height(), 600);
    }
    void driftIsSaidInWords_data()
    {
        QTest::addColumn<double>("dx");
        QTest::addColumn<double>("dy");
        QTest::addColumn<QString>("words");
        QTest::newRow("low") << 0.2 << 4.0 << "4 mm low";
        QTest::newRow("left") << -2.25 << 0.1 << "2.2 mm to the left";
        QTest::newRow("both") << 5.0 << -6.0 << "6 mm high and 5 mm to the right";
        QTest::newRow("none") << 0.1 << 0.1 << "in its place";
    }
    void driftIsSaidInWords()
    {
        QFETCH(double, dx);
        QFETCH(double, dy);
        QFETCH(QString, words);
        QCOMPARE(QString::fromStdString(driftWords(dx, dy)), words);
    }
    void staircasesConverge_data()
    {
        QTest::addColumn<double>("truth");
        QTest::addColumn<int>("choices");
        QTest::addColumn<double>("first");
        for (const double truth : {0.8, 3.0, 25.0})
            for (const int choices : {2, 3, 4})
                for (const double off : {0.3, 1.0, 4.0})
                    QTest::addRow("%.1f, %d choices, begun at × %.1f", truth, choices, off)
                        << truth << choices << truth * off;
    }
    void staircasesConverge()
    {
        QFETCH(double, truth);
        QFETCH(int, choices);
        QFETCH(double, first);
        std::vector<double> off;
        for (unsigned seed = 1; seed <= 60; ++seed)
            off.push_back(std::log(thresholdFound(truth, choices, seed, first) / truth));
        double mean = 0;
        for (const double v : off)
            mean += v / double(off.size());
        QVERIFY2(std::abs(mean) < 0.1, qPrintable(QString("biased by %1 %").arg(100 * mean)));
        for (double& v : off)
            v = std::abs(v);
        std::sort(off.begin(), off.end());
        QVERIFY2(off[off.size() / 2] < 0.1, qPrintable(QString("median off by %1 %").arg(100 * off[off.size() / 2])));
    }
    void anOddAnswerDoesNotBreakIt()
    {
        trainer::Staircase s(5, 0.1, 50, 2);
        for (int i = 0; i < 40; ++i)
            s.answered(i % 2 ? -1 : 1e9, i % 3 == 0);
        QVERIFY(std::isfinite(s.threshold()) && s.next() >= 0.1 && s.next() <= 50 && s.uncertainty() >= 1);
        QVERIFY(!trainer::Staircase(5, 0.1, 50, 2).settled());
    }
    void exercisesAskWhatTheySay_data()
    {
        QTest::addColumn<int>("skill");
        for (int i = 0; i < trainer::kSkillCount; ++i)
            QTest::newRow(trainer::specOf(trainer::Skill(i)).name) << i;
    }
    void exercisesAskWhatTheySay()
    {
        QFETCH(int, skill);
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        const auto& spec = trainer::specOf(trainer::Skill(skill));
        std::set<int> right;
        for (unsigned seed = 1; seed <= 24; ++seed) {
            const auto e = trainer::exerciseOf(trainer::Skill(skill), w.picture, w.facts, spec.first, seed);
            QVERIFY(!e.picture.empty() && int(e.answers.size()) == spec.choices);
            QVERIFY(e.right >= 0 && e.right < spec.choices && !e.told.empty() && e.shown > 0);
            for (const Rect& r : e.answers)
                QVERIFY(r.x >= -1e-9 && r.y >= -1e-9 && r.right() <= 1.0001 && r.bottom() <= 1.0001 && r.width > 0);
            right.insert(e.right);
            const auto again = trainer::exerciseOf(trainer::Skill(skill), w.picture, w.facts, spec.first, seed);
            QVERIFY(std::memcmp(e.picture.data(), again.picture.data(), e.picture.size() * 3) == 0);
        }
        QVERIFY2(int(right.size()) == spec.choices, "the answer is always the same one");
    }
    void theLighterPatchIsLighter_data()
    {
        QTest::addColumn<double>("difference");
        for (const double d : {2.0, 6.0, 15.0})
            QTest::addRow("%.0f L*", d) << d;
    }
    void theLighterPatchIsLighter()
    {
        QFETCH(double, difference);
        const Project p = stagedWork();
        const PaintedWork w = made(p);
        int misled = 0;
        for (unsigned seed = 1; seed <= 30; ++seed) {
            const auto e = trainer::exerciseOf(trainer::Skill::Value, w.picture, w.facts, difference, seed);
            cv::Mat f, lab;
            e.picture.mat().convertTo(f, CV_32F, 1.0 / 255);
            cv::cvtColor(f, lab, cv::COLOR_RGB2Lab);
            const auto L = [&](int x) { return double(lab.at<cv::Vec3f>(200, x)[0]); };
            const double left = L(180), right = L(540);
            QVERIFY2(std::abs(std::abs(left - right) - difference) < 0.9, qPrintable(QString::number(left - right)));
            QCOMPARE(e.right, left > right ? 0 : 1);
            misled += (L(20) > L(700)) == (left > right);
        }
        QVERIFY2(misled > 12 && misled < 29, "grounds mislead mostly, not always");
    }
    void anEmptyPlanAsksNothingOfThings()
    {
        for (const auto skill : {trainer::Skill::Mirror, trainer::Skill::Glance})
            QVERIFY(trainer::exerciseOf(skill, {}, {}, 5, 1).answers.empty());
        QVERIFY(!trainer::exerciseOf(trainer::Skill::Value, {}, {}, std::nan(""), 1).answers.empty());
    }
};

RL_TEST(TestStages)
#include "tst_stages.moc"
