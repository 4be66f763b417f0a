#include "app/widgets/vanishing_lines.h"
#include "app/jobs.h"
#include "app/theme/theme.h"
#include "app/widgets/board.h"
#include "core/stage/camera.h"
#include <QPainter>
#include <QtConcurrent>

namespace rl::app {

VanishingLines::VanishingLines()
{
    connect(&m_watcher, &QFutureWatcher<Found>::finished, this, [this] {
        m_found = m_watcher.result();
        emit found();
    });
}

VanishingLines::~VanishingLines()
{
    m_watcher.waitForFinished();
}

void VanishingLines::ask(const Project& project)
{
    const Reference* r = project.reference(project.backdrop.reference);
    if (!r || m_asked == r->pixels.identity() || m_watcher.isRunning())
        return;
    m_asked = r->pixels.identity();
    m_found = {};
    m_watcher.setFuture(QtConcurrent::run(jobs(), [pixels = r->pixels] {
        Found f;
        f.segments = gather::segmentsOf(pixels);
        f.eye = gather::eyeLevelOf(f.segments, pixels.width(), pixels.height());
        return f;
    }));
}

void VanishingLines::paint(QPainter& p, const Board& board, const Project& project) const
{
    const Reference* r = project.reference(project.backdrop.reference);
    if (!r || m_asked != r->pixels.identity())
        return;
    const Rect place = stage::backdropPlace(project);
    const double k = place.width / r->pixels.width();
    const auto at = [&](Vec2 px) { return board.toScreen(Vec2{place.x + px.x * k, place.y + px.y * k}); };
    // One dash for each family; the first two tell most.
    const Qt::PenStyle styles[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine, Qt::DashDotLine};
    for (std::size_t f = 0; f < std::min<std::size_t>(2, m_found.eye.points.size()); ++f) {
        const gather::VanishingPoint& v = m_found.eye.points[f];
        for (const int i : v.lines) {
            const gather::Segment& s = m_found.segments[std::size_t(i)];
            p.setPen(QPen(QColor(0xf0, 0xa9, 0x4a, 70), 1, styles[f]));
            p.drawLine(at((s.a + s.b) * 0.5), at(v.at));
            p.setPen(QPen(theme::kPaper, 3));
            p.drawLine(at(s.a), at(s.b));
            p.setPen(QPen(theme::kAccent, 1.6, styles[f]));
            p.drawLine(at(s.a), at(s.b));
        }
    }
    if (m_found.eye.confidence >= 0.25) {
        const double y = place.y + m_found.eye.y * k;
        p.setPen(QPen(theme::kGlow, 2));
        p.drawLine(board.toScreen(Vec2{0, y}), board.toScreen(Vec2{board.widthCm(), y}));
    }
}

QString VanishingLines::words(const Project& project) const
{
    const Reference* r = project.reference(project.backdrop.reference);
    if (!r)
        return tr("There is no backdrop to look for lines in.");
    if (m_watcher.isRunning())
        return tr("Looking for straight edges…");
    if (m_found.eye.confidence < 0.25)
        return tr("%1 straight edges, but they do not agree where they meet: the eye level cannot be told.")
            .arg(m_found.segments.size());
    const Rect place = stage::backdropPlace(project);
    const double y = place.y + m_found.eye.y * place.width / r->pixels.width();
    return tr("The backdrop's lines meet at %1 cm, %2 cm %3 your horizon; tilt %4°.")
        .arg(y, 0, 'f', 1)
        .arg(std::abs(y - project.camera.horizonCm), 0, 'f', 1)
        .arg(y > project.camera.horizonCm ? tr("below") : tr("above"))
        .arg(m_found.eye.tilt, 0, 'f', 1);
}

} // namespace rl::app
