#include "app/board/board.h"
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QTimer>
#include <QUrl>

namespace rl::app {

QStringList localFiles(const QMimeData& data)
{
    QStringList files;
    for (const QUrl& url : data.urls())
        if (url.isLocalFile())
            files << url.toLocalFile();
    return files;
}

Board::Board(QWidget* parent)
    : QWidget(parent)
{
    setObjectName("board");
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setAcceptDrops(true);
    setMinimumSize(320, 220);
    setAccessibleName(tr("Board"));
    setToolTip(
        tr("The canvas at its true proportions. Wheel: zoom. Middle button, or Space held, and drag: move about."));
}

void Board::setCanvas(double w, double h, const Unit& unit, double distance)
{
    const bool same = w == m_width && h == m_height;
    m_width = w, m_height = h, m_unit = unit, m_distance = distance;
    if (!same)
        fit();
    update();
}

void Board::setPicture(const QImage& image)
{
    m_image = image;
    m_soft = {};
    update();
}

void Board::setLook(std::function<QImage()> look)
{
    m_look = std::move(look);
    update();
}

void Board::setTools(std::vector<Tool*> topFirst)
{
    m_tools = std::move(topFirst);
    if (m_holds && m_holds != m_taken && std::find(m_tools.begin(), m_tools.end(), m_holds) == m_tools.end()) {
        m_holds = nullptr; // it may be there no more; a drag of one that stays goes on
        emit holdLost();
    }
    update();
    emit hintChanged();
}

void Board::setOverlays(std::vector<Overlay*> overlays)
{
    m_overlays = std::move(overlays);
    std::stable_sort(m_overlays.begin(), m_overlays.end(),
        [](const Overlay* a, const Overlay* b) { return a->depth() < b->depth(); });
    update();
}

QRectF Board::canvasRect() const
{
    return {m_origin, QSizeF(m_width * m_scale, m_height * m_scale)};
}
QPointF Board::toScreen(Vec2 c) const
{
    return m_origin + QPointF(c.x, c.y) * m_scale;
}
QRectF Board::toScreen(const Rect& r) const
{
    return {toScreen(Vec2{r.x, r.y}), QSizeF(r.width, r.height) * m_scale};
}
Vec2 Board::toCanvas(QPointF s) const
{
    const QPointF p = (s - m_origin) / m_scale;
    return {p.x(), p.y()};
}

int Board::wantedWidthPx() const
{
    return std::clamp(
        int(m_width * std::min(m_scale, (width() - ruler()) / m_width * 1.6) * devicePixelRatioF()), 200, 1600);
}

void Board::fit()
{
    const double w = std::max(60, width() - ruler() - 20), h = std::max(60, height() - ruler() - 20);
    m_scale = std::min(w / m_width, h / m_height);
    m_origin = {ruler() + 10 + (w - m_width * m_scale) / 2, ruler() + 10 + (h - m_height * m_scale) / 2};
    m_fitted = true;
    update();
    emit viewChanged();
}

void Board::zoomAt(QPointF screen, double factor)
{
    const double scale = std::clamp(m_scale * factor, 0.02, 400.0);
    m_origin = screen - (screen - m_origin) * (scale / m_scale);
    m_scale = scale;
    m_fitted = false;
    update();
    emit viewChanged();
}

void Board::zoomBy(double factor)
{
    zoomAt(rect().center(), factor);
}

void Board::zoomLifeSize()
{
    zoomAt(rect().center(), (m_unit.name == "px" ? 1 : physicalDpiX() / 2.54) / m_scale);
}

/// The angle the canvas takes up from its viewing distance, for eyes 60 cm from the screen.
void Board::zoomAsSeen()
{
    if (m_unit.name == "px")
        return zoomLifeSize();
    zoomAt(rect().center(), physicalDpiX() / 2.54 * 60 / m_distance / m_scale);
}

QString Board::zoomWords() const
{
    if (m_unit.name == "px")
        return tr("%1 % of its pixels").arg(100 * m_scale, 0, 'f', 0);
    const double life = physicalDpiX() / 2.54, share = m_scale / life;
    return tr("%1 % of real size").arg(100 * share, 0, 'f', 0)
        + tr(" · looks as from %1 m away").arg(0.6 / std::max(share, 1e-3), 0, 'f', 1);
}

void Board::nextMat()
{
    setMat((m_mat + 1) % 3);
    emit matChanged(m_mat);
}

void Board::setMat(int mat)
{
    m_mat = std::clamp(mat, 0, 2);
    update();
}

void Board::see(Seen how)
{
    m_seen = how;
    update();
}

void Board::setBare(bool on)
{
    m_bare = on;
    fit();
}

void Board::setWaiting(const QString& words)
{
    if (std::exchange(m_waiting, words) != words && m_image.isNull())
        update();
}

void Board::compare(const QImage& before, const QString& wordBefore, const QString& wordAfter)
{
    m_before = before;
    m_wordBefore = wordBefore, m_wordAfter = wordAfter;
    m_sashHeld = false;
    update();
    emit hintChanged();
}

void Board::flash(const Rect& place)
{
    m_flash = place.width > 0 ? place : Rect{0, 0, m_width, m_height};
    m_flashSteps = 9;
    auto* timer = new QTimer(this);
    connect(timer, &QTimer::timeout, this, [this, timer] {
        if (--m_flashSteps <= 0)
            timer->deleteLater();
        update();
    });
    timer->start(130);
    update();
}

const QImage& Board::shown()
{
    if (m_seen != Seen::Squinted)
        return m_image;
    if (m_soft.isNull() && !m_image.isNull()) // half-closed eyes: a third of a degree runs together
        m_soft = m_image.scaledToWidth(std::max(12, int(m_width / (m_distance * 0.0058))), Qt::SmoothTransformation)
                     .scaled(m_image.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    return m_soft;
}

} // namespace rl::app
