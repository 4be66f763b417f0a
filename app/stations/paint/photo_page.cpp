#include "app/stations/paint/photo_page.h"
#include "app/board/board.h"
#include "app/stations/paint/simulated_photo.h"
#include "core/project/edits.h"
#include "core/project/painting_edits.h"
#include "core/project/takes.h"
#include "store/picture_reader.h"
#include "store/stored_picture.h"

namespace rl::app {

/// The sash is pushed across the board: left of it the canvas, right of it the stage.
class PhotoPage::Wipe final : public Tool {
public:
    explicit Wipe(PhotoPage& page)
        : m_page(page)
    {
    }
    bool press(const BoardPoint& p) override
    {
        move(p);
        return true;
    }
    void move(const BoardPoint& p) override
    {
        m_page.m_look.sash = std::clamp(p.at.x / m_page.project().brief.widthCm, 0.0, 1.0);
        emit m_page.lookChanged();
    }

private:
    PhotoPage& m_page;
};

std::optional<Vec2> PhotoPage::inPhoto(Vec2 cm) const
{
    const CanvasPhoto* c = m_state.photos.held();
    const Reference* r = c ? project().reference(c->reference) : nullptr;
    if (!r)
        return {};
    // The photograph fills the board's canvas as it fits.
    const double w = project().brief.widthCm, h = project().brief.heightCm,
                 k = std::max(r->pixels.width() / w, r->pixels.height() / h);
    return Vec2{(cm.x - w / 2) * k + r->pixels.width() / 2.0, (cm.y - h / 2) * k + r->pixels.height() / 2.0};
}

void PhotoPage::accept(const Rect& r)
{
    m_accept.setOn(false);
    m_desk.edit(tr("Take the canvas as the plan"), edits::withAccepted(project(), {0, m_state.photos.id(), r}));
}

void PhotoPage::setGrey(const Rect& r)
{
    m_card.setOn(false);
    const auto from = inPhoto({r.x, r.y}), to = inPhoto({r.right(), r.bottom()});
    if (!from || !to)
        return;
    const Rect px{
        std::max(0.0, from->x), std::max(0.0, from->y), to->x - std::max(0.0, from->x), to->y - std::max(0.0, from->y)};
    m_desk.edit(tr("Show the grey card"), edits::withCanvasGrey(project(), m_state.photos.id(), px));
    m_look.shown = PhotoLook::Even;
    m_state.photos.compare();
}

PhotoPage::PhotoPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Check"),
        tr("A photograph of the canvas, straightened and compared with the plan at this stage"))
    , m_wipe(std::make_unique<Wipe>(*this))
    , m_corners(desk)
    , m_accept([this](const Rect& r) { accept(r); }, tr("Drag a box over what is better than the plan."),
          [this] { refill(); })
    , m_card([this](const Rect& r) { setGrey(r); }, tr("Drag a box inside the grey card in the photograph."),
          [this] { refill(); })
    , m_beside(new PhotoBeside(desk, m_state))
    , m_camera(desk.jobs)
    , m_idea(desk.jobs)
{
    connect(&m_camera, &JobBase::done, this, [this] {
        if (!m_camera.problem() && m_camera.last())
            m_state.photos.take(*m_camera.last());
    });
    connect(&m_idea, &JobBase::done, this, &PhotoPage::takeIdea);
    m_corners.setChanged([this] { refill(); });
    m_marks.drift = true;
    photoFields();
    handFields();
    passField();
    outFields();
}

PhotoPage::~PhotoPage() = default;

void PhotoPage::refill()
{
    refresh();
    emit lookChanged();
}

void PhotoPage::byHand(Tool* which)
{
    m_card.setOn(which == &m_card), m_accept.setOn(which == &m_accept);
    if (which == &m_corners)
        beginCorners();
    else
        m_corners.end();
    if (which == &m_corners || which == &m_card)
        m_look.shown = PhotoLook::Raw;
    refill();
}

void PhotoPage::beginCorners()
{
    PointsWanted wanted;
    wanted.hint = tr("Click the canvas' corners in the photograph, from the upper left round.");
    wanted.least = wanted.most = 4;
    wanted.refuses = [this](Vec2 cm) { return inPhoto(cm) ? QString() : tr("There is no photograph to click in."); };
    wanted.done = [this](const std::vector<OutlinePoint>& points) {
        std::vector<Vec2> corners;
        for (const OutlinePoint& p : points)
            if (const auto px = inPhoto(p.at))
                corners.push_back(*px);
        m_look.shown = PhotoLook::Even;
        m_desk.edit(tr("Set the corners by hand"),
            edits::withCanvasCorners(project(), m_state.photos.id(), std::move(corners)));
        m_state.photos.compare();
    };
    m_corners.begin(std::move(wanted));
}

std::vector<Tool*> PhotoPage::tools()
{
    if (m_corners.active())
        return {&m_corners};
    if (m_card.on() || m_accept.on())
        return {m_card.on() ? &m_card : &m_accept};
    if (m_state.photos.compared() && !m_state.photos.compared()->even.empty())
        return {m_wipe.get()};
    return {};
}

void PhotoPage::bringIn(const QString& path)
{
    m_camera.ask(
        ++m_count,
        [path](Progress&) -> Result<Reference> {
            const auto read = store::readPicture(std::filesystem::path(path.toStdString()));
            if (!read)
                return read.error();
            return store::referenceOf(QFileInfo(path).completeBaseName().toStdString(), *read);
        },
        Lane::Long);
}

void PhotoPage::simulate(int seed)
{
    auto work = m_state.work.current();
    if (!work || !work->looks)
        return;
    m_camera.ask(
        ++m_count,
        [work = std::move(*work), seed, name = tr("canvas %1").arg(project().painting.photos.size() + 1).toStdString()](
            Progress&) { return simulatedPhoto(work, seed, name); },
        Lane::Long);
}

void PhotoPage::tryOn()
{
    const auto* s = m_state.photos.compared();
    if (!s || s->squared.empty())
        return;
    m_idea.ask(++m_count, [squared = s->squared, name = tr("the canvas as it is").toStdString()](Progress&) {
        return Result<Reference>(
            store::referenceOf(name, store::pictureFile(squared, 94), squared.width(), squared.height()));
    });
}

void PhotoPage::takeIdea()
{
    if (m_idea.problem() || !m_idea.last())
        return;
    Reference r = *m_idea.last();
    r.heap = "canvas", r.permission = Permission::Own, r.credit = "own photograph";
    Project p = edits::withReference(project(), std::move(r));
    const int id = p.references.back().id;
    p = takes::withDuplicate(std::move(p), tr("tried on the canvas").toStdString());
    p.backdrop.reference = id, p.backdrop.horizon = std::clamp(p.camera.horizonCm / p.brief.heightCm, 0.02, 0.98);
    p.elements.clear(); // they are in the photograph already
    m_desk.edit(tr("Try an idea on the canvas"), std::move(p));
    m_desk.notices.say(
        tr("A new take lies on the photograph: add, cover and relight on Stage and Light; the takes compare it."));
}

QImage PhotoPage::look()
{
    m_marks.drift = m_look.shown != PhotoLook::Raw;
    const auto* s = m_state.photos.compared();
    if (s && m_look.has(*s))
        return m_look.of(*s, project().brief.widthCm, project().brief.heightCm);
    const QImage early = m_state.photos.firstLook(); // squared up roughly, while the rest is worked out
    return early.isNull() ? PaintPage::look() : early;
}

void PhotoPage::refresh()
{
    PaintPage::refresh();
    m_state.photos.compare();
    m_beside->fill();
}

QString PhotoPage::says() const
{
    for (const Tool* tool : std::initializer_list<const Tool*>{&m_corners, &m_card, &m_accept})
        if (const QString hint = tool->hint(); !hint.isEmpty())
            return hint;
    if (!m_state.photos.held())
        return tr("Photograph the canvas from the front, all four corners in the picture; then Load canvas photo…");
    if (m_state.photos.comparing())
        return tr("Squaring up and comparing: %1 %.").arg(100 * m_state.photos.progress(), 0, 'f', 0);
    if (m_state.stopped())
        return stoppedWords();
    const auto* s = m_state.photos.compared();
    if (!s)
        return {};
    if (!s->compared.found)
        return said(s->compared.why);
    return comparedWords(*s);
}

QString PhotoPage::comparedWords(const survey::WorkSurvey& s) const
{
    double worst = 0;
    for (const auto& d : s.compared.landmarks)
        if (d.confidence >= 0.6 && d.painted)
            worst = std::max(worst, std::hypot(d.dxMm, d.dyMm));
    return tr("Corners %1 (%2 % sure). %3 % painted. Largest drift %4 mm, drawn 10 × as long. Uneven light: %5 stops.")
        .arg(s.compared.byTags ? tr("by their tags") : tr("found"))
        .arg(100 * s.compared.confidence, 0, 'f', 0)
        .arg(100 * s.compared.painted, 0, 'f', 0)
        .arg(worst, 0, 'f', 1)
        .arg(s.compared.light.stops, 0, 'f', 1);
}

} // namespace rl::app
