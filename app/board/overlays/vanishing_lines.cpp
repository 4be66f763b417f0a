#include "app/board/overlays/vanishing_lines.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/base/words.h"
#include "core/stage/camera.h"
#include <QPainter>

namespace rl::app {

VanishingLines::VanishingLines(Desk& desk)
    : m_desk(desk)
    , m_job(desk.jobs)
{
    QObject::connect(&m_job, &JobBase::done, &m_job, [this] {
        if (m_found)
            m_found();
    });
}

const VanishingLines::Found* VanishingLines::found() const
{
    const Reference* r = m_desk.project().reference(m_desk.project().backdrop.reference);
    return r ? m_job.answer(r->pixels.held()) : nullptr;
}

void VanishingLines::ask()
{
    const Reference* r = m_desk.project().reference(m_desk.project().backdrop.reference);
    if (!r || !m_shown || r->pixels.missing())
        return;
    m_job.ask(r->pixels.held(), [pixels = r->pixels](Progress&) -> Result<Found> {
        const Photo photo = pixels.photo();
        if (photo.empty())
            return Error{
                ErrorKind::Missing, rl::tr("The backdrop's file cannot be read, so no lines are found in it."), {}};
        Found f;
        f.segments = gather::segmentsOf(photo);
        f.eye = gather::eyeLevelOf(f.segments, photo.width(), photo.height());
        return f;
    });
}

void VanishingLines::paint(QPainter& p, const Board& board) const
{
    const Found* f = found();
    const Reference* r = m_desk.project().reference(m_desk.project().backdrop.reference);
    if (!f || !r)
        return;
    const Rect place = stage::backdropPlace(m_desk.project());
    const double k = place.width / r->pixels.width();
    const auto at = [&](Vec2 px) { return board.toScreen(Vec2{place.x + px.x * k, place.y + px.y * k}); };
    // One dash for each family; the first two tell most.
    const Qt::PenStyle styles[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine, Qt::DashDotLine};
    for (std::size_t i = 0; i < std::min<std::size_t>(2, f->eye.points.size()); ++i) {
        const gather::VanishingPoint& v = f->eye.points[i];
        for (const int line : v.lines) {
            const gather::Segment& s = f->segments[std::size_t(line)];
            p.setPen(QPen(QColor(0xf0, 0xa9, 0x4a, 70), 1, styles[i]));
            p.drawLine(at((s.a + s.b) * 0.5), at(v.at));
            p.setPen(QPen(theme::kPaper, 3));
            p.drawLine(at(s.a), at(s.b));
            p.setPen(QPen(theme::kAccent, 1.6, styles[i]));
            p.drawLine(at(s.a), at(s.b));
        }
    }
    if (f->eye.confidence >= 0.25) {
        const double y = place.y + f->eye.y * k;
        p.setPen(QPen(theme::kGlow, 2));
        p.drawLine(board.toScreen(Vec2{0, y}), board.toScreen(Vec2{board.widthCm(), y}));
    }
}

QString VanishingLines::words() const
{
    const Reference* r = m_desk.project().reference(m_desk.project().backdrop.reference);
    if (!r)
        return Desk::tr("There is no backdrop to look for lines in.");
    const Found* f = found();
    if (!f)
        return Desk::tr("Looking for straight edges…");
    if (f->eye.confidence < 0.25)
        return Desk::tr("%1 straight edges, but they do not agree where they meet: the eye level cannot be measured.")
            .arg(f->segments.size());
    const Rect place = stage::backdropPlace(m_desk.project());
    const double y = place.y + f->eye.y * place.width / r->pixels.width();
    return Desk::tr("The backdrop's lines meet at %1 cm, %2 cm %3 your horizon; tilt %4°.")
        .arg(y, 0, 'f', 1)
        .arg(std::abs(y - m_desk.project().camera.horizonCm), 0, 'f', 1)
        .arg(y > m_desk.project().camera.horizonCm ? Desk::tr("below") : Desk::tr("above"))
        .arg(f->eye.tilt, 0, 'f', 1);
}

} // namespace rl::app
