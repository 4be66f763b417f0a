#include "app/stations/paint/canvas_photos.h"
#include "app/desk/live_light.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/project/painting_edits.h"

namespace rl::app {

namespace {
QImage smallOf(const QImage& image)
{
    return image.scaled(240, 168, Qt::KeepAspectRatio, Qt::SmoothTransformation).copy();
}
} // namespace

CanvasPhotos::CanvasPhotos(Desk& desk, SittingClock& clock, WorkInHand& work)
    : m_desk(desk)
    , m_clock(clock)
    , m_work(work)
    , m_survey(desk.jobs)
    , m_smallJob(desk.jobs, JobBase::Told::No)
{
    connect(&m_smallJob, &JobBase::done, this, [this] {
        if (m_smallJob.last() && !m_smallJob.problem())
            for (const auto& [id, image] : *m_smallJob.last())
                m_smalls.emplace(id, image);
        emit changed();
    });
    connect(&m_survey, &JobBase::progressed, this, [this](double f, const QString&) {
        m_progress = f;
        emit changed();
    });
    connect(&m_survey, &JobBase::done, this, [this] {
        m_desk.setMore(compared() ? compared()->findings : Findings{});
        if (const auto* s = compared(); s && !s->squared.empty() && !m_survey.problem())
            m_smalls[m_photo] = smallOf(imageOf(s->squared));
        wantSmall();
        emit changed();
    });
    connect(&desk.document, &Document::workChanged, this, [this] {
        m_photo = 0;
        m_smalls.clear();
        m_firstLook = {};
    });
}

const CanvasPhoto* CanvasPhotos::held() const
{
    for (const CanvasPhoto& c : m_desk.project().painting.photos)
        if (c.id == m_photo)
            return &c;
    return nullptr;
}

void CanvasPhotos::hold(int id)
{
    m_photo = id;
    if (held())
        compare();
    else
        m_photo = 0;
    if (!m_photo)
        m_desk.setMore({});
    emit changed();
}

JobKey CanvasPhotos::surveyKey() const
{
    const CanvasPhoto* c = held();
    const Reference* r = c ? m_desk.project().reference(c->reference) : nullptr;
    return std::tuple(m_photo, r ? r->pixels.held() : nullptr, r && r->pixels.missing(),
        c ? c->corners : std::vector<Vec2>{}, c ? c->grey : Rect{}, c ? c->greyLightness : 0.0,
        m_desk.project().painting.tasks, m_desk.project().painting.tolerances, m_desk.project().painting.accepted,
        m_work.held());
}

/// The last photograph before that one; null: it is the first.
const Reference* CanvasPhotos::earlierThan(const CanvasPhoto& photo, survey::PhotoSaid& words) const
{
    const CanvasPhoto* earlier = nullptr;
    for (const CanvasPhoto& o : m_desk.project().painting.photos)
        if (o.id != photo.id && o.at <= photo.at && (!earlier || o.at >= earlier->at))
            earlier = &o;
    if (earlier)
        words = survey::PhotoSaid::of(*earlier);
    return earlier ? m_desk.project().reference(earlier->reference) : nullptr;
}

std::function<void(const Photo&)> CanvasPhotos::tellsFirstLook()
{
    return [answer = m_desk.document.answering(this), this, id = m_photo](const Photo& rough) {
        answer([this, id, image = imageOf(rough).copy()] {
            if (id == m_photo)
                m_firstLook = image;
            emit changed();
        });
    };
}

void CanvasPhotos::compare()
{
    const CanvasPhoto* c = held();
    auto w = m_work.current();
    const Reference* r = c ? m_desk.project().reference(c->reference) : nullptr;
    if (!w || !r || m_survey.answer(surveyKey()))
        return;
    survey::PhotoSaid earlierWords;
    const Reference* before = earlierThan(*c, earlierWords);
    m_firstLook = {};
    m_progress = 0;
    m_survey.ask(
        surveyKey(),
        [work = std::move(*w), pixels = r->pixels, words = survey::PhotoSaid::of(*c), earlierWords,
            first = tellsFirstLook(), earlier = before ? before->pixels : LazyPhoto(),
            &surfaces = m_desk.surfaces()](Progress& progress) -> Result<survey::WorkSurvey> {
            const Photo photo = pixels.photo();
            if (photo.empty())
                return Error{ErrorKind::Missing, rl::tr("The photograph cannot be read."), {}};
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

QImage CanvasPhotos::small(int photo) const
{
    const auto at = m_smalls.find(photo);
    return at == m_smalls.end() ? QImage() : at->second;
}

/// Squares up those that have not been yet, so that they can be leafed through.
void CanvasPhotos::wantSmall()
{
    struct One {
        int id = 0;
        LazyPhoto pixels;
        std::optional<survey::Corners> corners;
    };
    std::vector<One> wanted;
    std::vector<int> ids;
    for (const CanvasPhoto& c : m_desk.project().painting.photos)
        if (const Reference* r = m_desk.project().reference(c.reference); r && !m_smalls.contains(c.id))
            wanted.push_back({c.id, r->pixels, survey::PhotoSaid::of(c).corners}), ids.push_back(c.id);
    if (wanted.empty() || !m_work.painted())
        return;
    const auto canvas = transfer::canvasPlanOf(m_desk.project());
    m_smallJob.ask(
        JobKey(ids),
        [wanted, canvas, base = m_work.held()](Progress& progress) -> Result<Smalls> {
            const Photo plan = colour::codeOf(base->picture.colour);
            Smalls all;
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

void CanvasPhotos::take(Reference picture)
{
    Project p = edits::withCanvasPhoto(m_desk.project(), std::move(picture),
        {0, 0, m_clock.wall.now(), m_work.plan() ? schedule::lastDone(m_work.plan()->tasks) : std::string(), {}, {},
            50});
    const int id = p.painting.photos.back().id;
    m_desk.edit(tr("Photograph the canvas"), std::move(p));
    hold(id);
}

void CanvasPhotos::again()
{
    m_survey.again();
    compare();
}

} // namespace rl::app
