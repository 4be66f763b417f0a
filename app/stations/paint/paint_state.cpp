#include "app/stations/paint/paint_state.h"
#include "app/stations/station.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/painting_edits.h"
#include "core/schedule/paint_rules.h"
#include <QDateTime>

namespace rl::app {

namespace {
QImage smallOf(const QImage& image)
{
    return image.scaled(240, 168, Qt::KeepAspectRatio, Qt::SmoothTransformation).copy();
}
} // namespace

WallClock systemClock()
{
    return {[] { return Instant(QDateTime::currentSecsSinceEpoch()); },
        [](Instant at) { return QDateTime::fromSecsSinceEpoch(at).offsetFromUtc() / 60; }};
}

PaintState& PaintState::of(Desk& desk, StationView& view)
{
    if (auto* state = view.findChild<PaintState*>())
        return *state;
    auto* state = new PaintState(desk);
    state->setParent(&view);
    return *state;
}

PaintState::PaintState(Desk& desk)
    : m_desk(desk)
    , m_work(desk.jobs)
    , m_plan(desk.jobs)
    , m_survey(desk.jobs)
    , m_small(desk.jobs, JobBase::Told::No)
    , m_expected(desk.jobs)
    , m_smallPhotos(desk.jobs, JobBase::Told::No)
{
    connect(&m_smallPhotos, &JobBase::done, this, [this] {
        if (m_smallPhotos.last() && !m_smallPhotos.problem())
            for (const auto& [id, image] : *m_smallPhotos.last())
                m_photos.emplace(id, image);
        emit changed();
    });
    connect(&m_work, &JobBase::done, this, [this] {
        want();
        emit changed();
    });
    connect(&m_plan, &JobBase::done, this, [this] {
        if (const auto* p = plan(); p && m_sitting >= int(p->sittings.size()))
            m_sitting = -1;
        wantLooks();
        emit changed();
    });
    connect(&m_small, &JobBase::done, this, &PaintState::changed);
    connect(&m_expected, &JobBase::done, this, &PaintState::changed);
    connect(&m_survey, &JobBase::progressed, this, [this](double f, const QString&) {
        m_progress = f;
        emit changed();
    });
    connect(&m_survey, &JobBase::done, this, [this] {
        m_desk.setMore(compared() ? compared()->findings : Findings{});
        if (const auto* s = compared(); s && !s->squared.empty() && !m_survey.problem())
            m_photos[m_photo] = smallOf(imageOf(s->squared));
        wantSmallPhotos();
        emit changed();
    });
    connect(&desk.document, &Document::workChanged, this, [this] {
        m_sitting = -1, m_photo = 0, m_task.clear();
        if (timer.running())
            (void)timer.end();
        m_second.stop();
        m_photos.clear();
        m_firstLook = {};
    });
    m_second.setInterval(1000);
    connect(&m_second, &QTimer::timeout, this, [this] { tick(double(m_steady.restart()) / 1000); });
}

PaintState::~PaintState()
{
    if (timer.running())
        journal();
}

JobKey PaintState::workKey() const
{
    const Project& p = m_desk.project();
    const auto& r = m_desk.review;
    return std::tuple(p.scene(), p.brief, p.mix, p.painting.blockMm, r ? r->mixing : nullptr,
        r ? r->picture.colour : LinearPicture());
}

JobKey PaintState::planKey() const
{
    const Project& p = m_desk.project();
    const auto at = m_work.last() ? *m_work.last() : nullptr;
    const Instant now = clock.now();
    return std::tuple(at, p.painting, p.brief, p.sheets, p.setAside, (now + 60 * clock.utcMinutes(now)) / 900);
}

void PaintState::want()
{
    const auto& seen = m_desk.review;
    if (!seen || seen->picture.colour.empty())
        return;
    if (!m_work.answer(workKey()))
        m_work.ask(workKey(), [p = m_desk.project(), seen](Progress&) {
            return Result<std::shared_ptr<const survey::PaintedWork>>(std::make_shared<const survey::PaintedWork>(
                survey::paintedWork(p, seen->picture, schedule::farToNear(*seen->frame), seen->mixing)));
        });
    if (m_work.last() && !m_plan.answer(planKey())) {
        const Instant now = clock.now();
        const schedule::Minutes local = now / 60 + clock.utcMinutes(now);
        m_plan.ask(planKey(), [p = m_desk.project(), work = *m_work.last(), local](Progress& progress) {
            return Result<schedule::WorkPlan>(
                schedule::planWork(p, work->facts, work->mixing.get(), local, schedule::kPlanEffort, progress));
        });
    }
}

std::optional<survey::PaintedWork> PaintState::current() const
{
    if (!work() || !plan())
        return {};
    survey::PaintedWork w = *work();
    w.project = m_desk.project();
    w.tasks = plan()->tasks;
    return w;
}

QString PaintState::puddleNumber(int place) const
{
    const auto mixing = work() ? work()->mixing : nullptr;
    const bool known = mixing && place >= 0 && place < int(mixing->map.puddles.size());
    return known ? QString::number(mixing->map.puddles[std::size_t(place)].number) : QString("?");
}

void PaintState::holdSitting(int which)
{
    const int n = plan() ? int(plan()->sittings.size()) : 0;
    m_sitting = std::clamp(which, -1, n - 1);
    if (m_sitting >= 0 && !plan()->sittings[std::size_t(m_sitting)].parts.empty())
        m_task = plan()->tasks[std::size_t(plan()->sittings[std::size_t(m_sitting)].parts.front().task)].key;
    wantLooks();
    emit changed();
}

void PaintState::holdTask(const std::string& key)
{
    m_task = key;
    emit changed();
}

const schedule::WorkTask* PaintState::heldTask() const
{
    if (!plan())
        return nullptr;
    for (const auto& t : plan()->tasks)
        if (t.key == m_task)
            return &t;
    return nullptr;
}

const schedule::WorkTask* PaintState::nextTask() const
{
    if (!plan())
        return nullptr;
    if (!plan()->sittings.empty() && !plan()->sittings.front().parts.empty())
        return &plan()->tasks[std::size_t(plan()->sittings.front().parts.front().task)];
    for (const auto& t : plan()->tasks)
        if (!t.done && !t.pause)
            return &t;
    return nullptr;
}

std::set<std::string> PaintState::doneBy(const schedule::WorkPlan& plan, int sitting)
{
    std::set<std::string> done;
    for (const auto& t : plan.tasks)
        if (t.done)
            done.insert(t.key);
    for (int i = 0; i <= sitting && i < int(plan.sittings.size()); ++i)
        for (const auto& p : plan.sittings[std::size_t(i)].parts)
            if (p.last)
                done.insert(plan.tasks[std::size_t(p.task)].key);
    return done;
}

QImage PaintState::small(int sitting) const
{
    const auto* all = m_small.last();
    return all && sitting >= 0 && sitting < int(all->size()) ? (*all)[std::size_t(sitting)] : QImage();
}

void PaintState::wantLooks()
{
    if (!work() || !plan() || !work()->looks)
        return;
    const auto base = *m_work.last();
    const std::tuple now(base, m_desk.project().painting.tasks, plan()->finish, plan()->sittings.size());
    if (!m_small.answer(JobKey(now)))
        m_small.ask(JobKey(now), [base, p = *plan()](Progress& progress) {
            std::vector<QImage> all;
            for (int i = 0; i < int(p.sittings.size()) && i < 200 && !progress.cancelled(); ++i)
                all.push_back(imageOf(base->looks->after(p.tasks, doneBy(p, i)))
                                  .scaled(240, 240, Qt::KeepAspectRatio, Qt::SmoothTransformation));
            return Result<std::vector<QImage>>(std::move(all));
        });
    // While something is painted: how it should look when that is done.
    const std::string at = timer.running() && m_sitting < 0 ? m_task : std::string();
    const std::tuple one(now, m_sitting, at);
    if (!m_expected.answer(JobKey(one)))
        m_expected.ask(JobKey(one), [base, p = *plan(), sitting = m_sitting, at](Progress&) {
            auto done = doneBy(p, sitting);
            done.insert(at);
            return Result<QImage>(imageOf(base->looks->after(p.tasks, done)));
        });
}

void PaintState::begin()
{
    const Instant now = clock.now();
    if (!timer.running())
        timer.begin(now, clock.utcMinutes(now));
    timer.pause(false);
    const auto* t = heldTask();
    if (!t || t->done || t->pause)
        t = nextTask();
    if (t)
        turnTo(*t);
    m_steady.start();
    m_second.start();
    journal();
    emit changed();
}

void PaintState::pause(bool on)
{
    timer.pause(on);
    journal();
    emit changed();
}

void PaintState::turnTo(const schedule::WorkTask& task)
{
    timer.turnTo(task.key, task.kind, task.element, clock.now());
    m_task = task.key;
    wantLooks();
    emit changed();
}

void PaintState::tick(double seconds)
{
    if (!timer.running())
        return;
    timer.advance(seconds);
    journal();
    emit ticked();
    if (!work() || !plan())
        return;
    // Said once in a sitting, not every second.
    Project p = m_desk.project();
    Sitting now = timer.sitting();
    now.id = p.freshId();
    p.painting.sittings.push_back(now);
    if (const auto e = schedule::eatsTheEvening(p, work()->facts, plan()->tasks)) {
        const std::string of = std::to_string(timer.sitting().began) + ":" + std::to_string(e->element);
        const Element *low = p.element(e->element), *high = p.element(e->above);
        if (of != m_saidOf && low && high && timer.workedOn(e->element) > 60) {
            m_saidOf = of;
            m_desk.notices.say(
                tr("“%1” has had %2 h, more than was reckoned for it; “%3”, which is to be read before it, %4 h.")
                    .arg(QString::fromStdString(low->name))
                    .arg(e->hours, 0, 'f', 1)
                    .arg(QString::fromStdString(high->name))
                    .arg(e->hoursAbove, 0, 'f', 1));
        }
    }
}

void PaintState::journal()
{
    if (const auto saver = m_desk.document.saver(); saver && !saver->readOnly())
        saver->post(
            [s = timer.sitting()](store::ProjectFile& f) { (void)f.keepRunning(s); }, store::Saver::Order::Loose);
}

void PaintState::end()
{
    m_second.stop();
    const Sitting s = timer.end();
    if (!s.spans.empty())
        m_desk.edit(tr("Log the sitting"), edits::withSitting(m_desk.project(), s));
    if (const auto saver = m_desk.document.saver(); saver && !saver->readOnly())
        saver->post([](store::ProjectFile& f) { (void)f.dropRunning(); });
    emit changed();
}

const CanvasPhoto* PaintState::heldPhoto() const
{
    for (const CanvasPhoto& c : m_desk.project().painting.photos)
        if (c.id == m_photo)
            return &c;
    return nullptr;
}

void PaintState::holdPhoto(int id)
{
    m_photo = id;
    if (heldPhoto())
        compare();
    else
        m_photo = 0;
    if (!m_photo)
        m_desk.setMore({});
    emit changed();
}

JobKey PaintState::surveyKey() const
{
    const CanvasPhoto* c = heldPhoto();
    const Reference* r = c ? m_desk.project().reference(c->reference) : nullptr;
    return std::tuple(m_photo, r ? r->pixels.held() : nullptr, r && r->pixels.missing(),
        c ? c->corners : std::vector<Vec2>{}, c ? c->grey : Rect{}, c ? c->greyLightness : 0.0,
        m_desk.project().painting.tasks, m_desk.project().painting.tolerances, m_desk.project().painting.accepted,
        m_work.last() ? *m_work.last() : nullptr);
}

void PaintState::compare()
{
    const CanvasPhoto* c = heldPhoto();
    auto w = current();
    const Reference* r = c ? m_desk.project().reference(c->reference) : nullptr;
    if (!w || !r || m_survey.answer(surveyKey()))
        return;
    const CanvasPhoto* earlier = nullptr;
    for (const CanvasPhoto& o : m_desk.project().painting.photos)
        if (o.id != c->id && o.at <= c->at && (!earlier || o.at >= earlier->at))
            earlier = &o;
    const Reference* before = earlier ? m_desk.project().reference(earlier->reference) : nullptr;
    const survey::PhotoSaid words = survey::PhotoSaid::of(*c),
                            earlierWords = earlier ? survey::PhotoSaid::of(*earlier) : survey::PhotoSaid{};
    m_firstLook = {};
    const auto first = [answer = m_desk.document.answering(this), this, id = m_photo](const Photo& rough) {
        answer([this, id, image = imageOf(rough).copy()] {
            if (id == m_photo)
                m_firstLook = image;
            emit changed();
        });
    };
    m_progress = 0;
    m_survey.ask(
        surveyKey(),
        [work = std::move(*w), pixels = r->pixels, words, earlierWords, first,
            earlier = before ? before->pixels : LazyPhoto(),
            &surfaces = m_desk.surfaces()](Progress& progress) -> Result<survey::WorkSurvey> {
            const Photo photo = pixels.photo();
            if (photo.empty())
                return Error{Kind::Missing, rl::tr("The photograph cannot be read."), {}};
            const auto marks = [&] {
                const auto found = survey::landmarksOf(work.project, surfaces, progress);
                return found ? found->points : std::vector<transfer::Landmark>{};
            };
            auto made = survey::surveyOf(work, marks, photo, words, progress, first);
            if (!made || earlier.empty())
                return made;
            survey::WorkSurvey now = made.take();
            if (const Photo then = earlier.photo(); !then.empty())
                survey::holdAgainstEarlier(now, work, then, earlierWords.corners, progress);
            return now;
        },
        Lane::Long);
}

QImage PaintState::photoSmall(int photo) const
{
    const auto at = m_photos.find(photo);
    return at == m_photos.end() ? QImage() : at->second;
}

/// Squares up those that have not been yet, so that they can be leafed through.
void PaintState::wantSmallPhotos()
{
    struct One {
        int id = 0;
        LazyPhoto pixels;
        std::optional<survey::Corners> corners;
    };
    std::vector<One> wanted;
    std::vector<int> ids;
    for (const CanvasPhoto& c : m_desk.project().painting.photos)
        if (const Reference* r = m_desk.project().reference(c.reference); r && !m_photos.contains(c.id))
            wanted.push_back({c.id, r->pixels, survey::PhotoSaid::of(c).corners}), ids.push_back(c.id);
    if (wanted.empty() || !work())
        return;
    const auto canvas = transfer::canvasPlanOf(m_desk.project());
    m_smallPhotos.ask(
        JobKey(ids),
        [wanted, canvas, base = *m_work.last()](Progress& progress) -> Result<SmallPhotos> {
            const Photo plan = colour::codeOf(base->picture.colour);
            SmallPhotos all;
            for (const One& one : wanted) {
                survey::Asked asked;
                asked.widthCm = canvas.widthCm, asked.heightCm = canvas.heightCm, asked.corners = one.corners;
                const Photo photo = one.pixels.photo();
                if (photo.empty())
                    continue;
                const auto found = survey::cornersOf(plan, photo, asked, progress);
                if (progress.cancelled())
                    break;
                all[one.id]
                    = smallOf(imageOf(found && found->found ? survey::squaredUp(photo, found->view, 360) : photo));
            }
            return all;
        },
        Lane::Long);
}

void PaintState::takePhoto(Reference picture)
{
    Project p = edits::withCanvasPhoto(m_desk.project(), std::move(picture),
        {0, 0, clock.now(), plan() ? schedule::lastDone(plan()->tasks) : std::string(), {}, {}, 50});
    const int id = p.painting.photos.back().id;
    m_desk.edit(tr("Photograph the canvas"), std::move(p));
    holdPhoto(id);
}

void PaintState::stop()
{
    for (JobBase* job : std::initializer_list<JobBase*>{&m_survey, &m_plan, &m_work})
        job->stop();
}

const Error* PaintState::problem() const
{
    return m_work.problem() ? m_work.problem() : m_plan.problem() ? m_plan.problem() : m_survey.problem();
}

bool PaintState::stopped() const
{
    return m_work.refuses(workKey()) || m_plan.refuses(planKey()) || (m_photo && m_survey.refuses(surveyKey()));
}

void PaintState::again()
{
    m_work.again(), m_plan.again(), m_survey.again();
    want();
    compare();
    emit changed();
}

} // namespace rl::app
