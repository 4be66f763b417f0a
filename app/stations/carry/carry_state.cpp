#include "app/stations/carry/carry_state.h"
#include "app/stations/station.h"
#include "core/project/edits.h"
#include "output/sheet_page.h"

namespace rl::app {

CarryState& CarryState::of(Desk& desk, StationView& view)
{
    if (auto* state = view.findChild<CarryState*>())
        return *state;
    auto* state = new CarryState(desk);
    state->setParent(&view);
    return *state;
}

CarryState::CarryState(Desk& desk)
    : m_desk(desk)
    , m_drawn(desk.jobs)
    , m_flow(desk.jobs, JobBase::Told::No) // an element without a photograph is no failure
    , m_shape(desk.jobs, JobBase::Told::No)
{
    for (JobBase* job :
        {static_cast<JobBase*>(&m_drawn), static_cast<JobBase*>(&m_flow), static_cast<JobBase*>(&m_shape)})
        connect(job, &JobBase::done, this, &CarryState::changed);
}

JobKey CarryState::linesKey() const
{
    const Project& p = m_desk.project();
    Sheets s = p.sheets;
    s.traced.clear();
    return std::tuple(p.scene(), p.brief.widthCm, p.brief.heightCm, p.brief.viewingDistanceCm, p.brief.unit, s);
}
JobKey CarryState::elementKey() const
{
    const Project& p = m_desk.project();
    return std::tuple(m_desk.element(), p.scene(), p.brief.widthCm, p.brief.heightCm);
}
JobKey CarryState::shapeKey() const
{
    const Project& p = m_desk.project();
    Sheets s = p.sheets;
    s.traced.clear();
    return std::tuple(m_mask, m_turns, m_desk.element(), p.scene(), p.brief.widthCm, p.brief.heightCm, s);
}

QImage CarryState::lineImage(const std::vector<transfer::Stroke>& lines, const Project& p, double k, bool dark)
{
    QImage image(std::max(1, int(p.brief.widthCm * k)), std::max(1, int(p.brief.heightCm * k)),
        QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(k, k);
    const int black = dark ? 255 : int(225 - 2 * p.sheets.grey);
    for (const transfer::Stroke& s : lines) {
        constexpr std::array<double, transfer::kLineKindCount> weight{1.5, 0.9, 0.8, 0.8, 0.6, 0.4};
        constexpr std::array<Qt::PenStyle, transfer::kLineKindCount> style{
            Qt::SolidLine, Qt::SolidLine, Qt::DotLine, Qt::DashLine, Qt::DashDotLine, Qt::SolidLine};
        const auto kind = std::size_t(s.kind);
        const double wide = std::max(weight[kind] * p.sheets.lineMm / 10, 1.1 * weight[kind] / k);
        painter.setPen(QPen(QColor(black, black, black), wide, style[kind], Qt::RoundCap, Qt::RoundJoin));
        QPolygonF line;
        for (const Vec2 v : s.points)
            line << QPointF(v.x, v.y);
        s.closed ? painter.drawPolygon(line) : painter.drawPolyline(line);
    }
    return image;
}

void CarryState::wantLines()
{
    m_drawn.ask(linesKey(), [this, p = m_desk.project()](Progress& progress) -> Result<Drawn> {
        const auto job = output::sheetJob(p, output::SheetContent::Landmarks, false, m_desk.surfaces(), progress);
        if (!job)
            return job.error();
        Drawn d;
        d.lines = job->lines, d.landmarks = *job->landmarks;
        d.dense = transfer::denseSquares(transfer::gridOf(p), d.lines, transfer::canvasPlanOf(p));
        d.image = lineImage(d.lines, p, 1800 / std::max(p.brief.widthCm, p.brief.heightCm), p.sheets.darkGround != 0);
        return d;
    });
}

void CarryState::wantFlow()
{
    if (m_desk.element())
        m_flow.ask(elementKey(), [this, p = m_desk.project(), e = m_desk.element()](Progress& progress) {
            return transfer::elementFlow(p, e, 0.25, m_desk.surfaces(), progress);
        });
}

void CarryState::wantShape()
{
    if (m_desk.element())
        m_shape.ask(shapeKey(),
            [this, p = m_desk.project(), e = m_desk.element(), turns = m_turns,
                what = m_mask ? output::SheetContent::Mask : output::SheetContent::Stencil](
                Progress&) { return output::shapeToCut(p, e, what, m_desk.surfaces(), turns); });
}

void CarryState::setMask(bool on)
{
    m_mask = on;
    wantShape();
    emit changed();
}

void CarryState::setTurns(int turns)
{
    m_turns = turns;
    wantShape();
    emit changed();
}

bool CarryState::traced(const std::string& what) const
{
    const auto& all = m_desk.project().sheets.traced;
    return std::find(all.begin(), all.end(), what) != all.end();
}

void CarryState::setTraced(const std::string& what, bool on)
{
    Sheets s = m_desk.project().sheets;
    std::erase(s.traced, what);
    if (on)
        s.traced.push_back(what);
    m_desk.edit(on ? tr("Tick as traced") : tr("Take the tick back"), edits::withSheets(m_desk.project(), s));
}

} // namespace rl::app
