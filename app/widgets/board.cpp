#include "app/widgets/board.h"
#include "app/theme/theme.h"
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QTimer>

namespace rl::app {

namespace {
constexpr int kRuler = 24;
/// Neutral mats of Munsell value 3, 5 and 8.
const QColor kMats[] = {QColor(0x4a, 0x4a, 0x4a), QColor(0x7a, 0x7a, 0x7a), QColor(0xca, 0xca, 0xca)};
} // namespace

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
    setToolTip(tr(
        "The canvas at its true proportions. Wheel: zoom. Middle button or Space and drag: move about.\n"
        "Hold P: the plain picture, Hold O: mirrored, Hold Q: with half-closed eyes. N: another mat. F: all of it."));
}

void Board::setCanvas(double w, double h, const Unit& unit, double distance)
{
    const bool same = w == m_width && h == m_height;
    m_width = w, m_height = h, m_unit = unit, m_distance = distance;
    if (!same || m_fitted)
        fit();
    update();
}

void Board::setPicture(const QImage& image)
{
    m_image = image;
    m_soft = {};
    update();
}

void Board::setGuest(BoardGuest* guest)
{
    m_guest = guest;
    m_guestHolds = false;
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
        int(m_width * std::min(m_scale, (width() - kRuler) / m_width * 1.6) * devicePixelRatioF()), 200, 1600);
}

void Board::fit()
{
    const double w = std::max(60, width() - kRuler - 28), h = std::max(60, height() - kRuler - 28);
    m_scale = std::min(w / m_width, h / m_height);
    m_origin = {kRuler + 14 + (w - m_width * m_scale) / 2, kRuler + 14 + (h - m_height * m_scale) / 2};
    m_fitted = true;
    update();
    emit viewChanged();
}

void Board::zoomAt(QPointF screen, double factor)
{
    const double scale = std::clamp(m_scale * factor, 0.2, 400.0);
    m_origin = screen - (screen - m_origin) * (scale / m_scale);
    m_scale = scale;
    m_fitted = false;
    update();
    emit viewChanged();
}

void Board::zoomLifeSize()
{
    zoomAt(rect().center(), physicalDpiX() / 2.54 / m_scale);
}

/// The angle the canvas takes up from its viewing distance, for eyes 60 cm from the screen.
void Board::zoomAsSeen()
{
    zoomAt(rect().center(), physicalDpiX() / 2.54 * 60 / m_distance / m_scale);
}

QString Board::zoomWords() const
{
    const double life = physicalDpiX() / 2.54, share = m_scale / life;
    return tr("%1 % of life size").arg(100 * share, 0, 'f', 0)
        + tr(" · as seen from %1 m").arg(0.6 / std::max(share, 1e-3), 0, 'f', 1);
}

void Board::nextMat()
{
    m_mat = (m_mat + 1) % 3;
    update();
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
    if (!m_squinted)
        return m_image;
    if (m_soft.isNull() && !m_image.isNull()) // half-closed eyes: a third of a degree runs together
        m_soft = m_image.scaledToWidth(std::max(12, int(m_width / (m_distance * 0.0058))), Qt::SmoothTransformation)
                     .scaled(m_image.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    return m_soft;
}

void Board::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), kMats[m_mat]);
    const QRectF canvas = canvasRect();
    p.fillRect(canvas.adjusted(-1, -1, 1, 1), QColor(0, 0, 0, 60));
    const QImage other = m_guest && !m_plain && !m_squinted ? m_guest->replacement() : QImage();
    const QImage& image = other.isNull() ? shown() : other;
    if (image.isNull())
        p.fillRect(canvas, theme::kPaper);
    else if (m_mirrored) {
        p.save();
        p.translate(2 * canvas.center().x(), 0);
        p.scale(-1, 1);
        p.drawImage(canvas, image);
        p.restore();
    } else
        p.drawImage(canvas, image);
    if (!m_plain && !m_mirrored && !m_squinted) {
        if (m_guest) {
            p.save();
            m_guest->paintOver(p, *this);
            p.restore();
        }
        if (m_flashSteps > 0) {
            p.setPen(QPen(m_flashSteps % 2 ? theme::kGlow : QColor(255, 255, 255), 3));
            p.setBrush(Qt::NoBrush);
            p.drawRect(toScreen(m_flash).adjusted(-4, -4, 4, 4));
        }
    }
    paintRulers(p);
}

void Board::paintRulers(QPainter& p) const
{
    p.setRenderHint(QPainter::Antialiasing, false);
    p.fillRect(0, 0, width(), kRuler, theme::kLinen);
    p.fillRect(0, 0, kRuler, height(), theme::kLinen);
    const double unit = m_unit.length;
    double step = unit;
    for (const double k : {1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0, 500.0, 1000.0})
        if ((step = k * unit) * m_scale >= 44)
            break;
    p.setFont(theme::text(11));
    p.setPen(theme::kFaint);
    const auto ticks = [&](bool across) {
        const double length = across ? m_width : m_height;
        for (int i = 0; i * step / 5 <= length + 1e-6; ++i) {
            const QPointF s = toScreen(across ? Vec2{i * step / 5, 0} : Vec2{0, i * step / 5});
            const int at = int(across ? s.x() : s.y()), size = i % 5 == 0 ? 9 : 4;
            if (at < kRuler)
                continue;
            if (across)
                p.drawLine(at, kRuler - size, at, kRuler);
            else
                p.drawLine(kRuler - size, at, kRuler, at);
            if (i % 5 != 0)
                continue;
            const QString words = QString::number(i * step / 5 / unit, 'g', 4);
            if (across)
                p.drawText(QRect(at + 3, 1, 60, 13), Qt::AlignLeft | Qt::AlignVCenter, words);
            else {
                p.save();
                p.translate(2, at + 3);
                p.rotate(90);
                p.drawText(QRect(0, -13, 60, 13), Qt::AlignLeft | Qt::AlignVCenter, words);
                p.restore();
            }
        }
    };
    ticks(true);
    ticks(false);
    p.fillRect(0, 0, kRuler, kRuler, theme::kLinen);
    p.setPen(theme::kInk);
    p.drawText(QRect(0, 0, kRuler, kRuler), Qt::AlignCenter, m_unit.name);
}

void Board::resizeEvent(QResizeEvent*)
{
    if (m_fitted)
        fit();
}

void Board::wheelEvent(QWheelEvent* e)
{
    if (e->angleDelta().y() != 0)
        zoomAt(e->position(), std::exp(e->angleDelta().y() / 600.0));
}

void Board::mousePressEvent(QMouseEvent* e)
{
    setFocus();
    m_last = e->position();
    if (e->button() == Qt::LeftButton && m_guest && m_guest->press(toCanvas(e->position()), e->modifiers(), *this)) {
        m_guestHolds = true;
        update();
        return;
    }
    m_panning = e->button() == Qt::MiddleButton || e->button() == Qt::LeftButton;
}

void Board::mouseMoveEvent(QMouseEvent* e)
{
    if (m_guestHolds) {
        m_guest->move(toCanvas(e->position()), e->modifiers(), *this);
        update();
    } else if (m_panning) {
        m_origin += e->position() - m_last;
        m_fitted = false;
        update();
        emit viewChanged();
    }
    m_last = e->position();
}

void Board::mouseReleaseEvent(QMouseEvent* e)
{
    if (m_guestHolds)
        m_guest->release(toCanvas(e->position()), *this);
    m_guestHolds = m_panning = false;
    update();
}

void Board::keyPressEvent(QKeyEvent* e)
{
    switch (e->key()) {
    case Qt::Key_P:
        m_plain = true;
        break;
    case Qt::Key_O:
        m_mirrored = true;
        break;
    case Qt::Key_Q:
        m_squinted = true;
        break;
    case Qt::Key_N:
        nextMat();
        break;
    case Qt::Key_F:
        fit();
        break;
    case Qt::Key_1:
        zoomLifeSize();
        break;
    case Qt::Key_2:
        zoomAsSeen();
        break;
    case Qt::Key_Plus:
        zoomAt(rect().center(), 1.25);
        break;
    case Qt::Key_Minus:
        zoomAt(rect().center(), 0.8);
        break;
    default:
        if (m_guest && m_guest->key(e))
            break;
        QWidget::keyPressEvent(e);
        return;
    }
    update();
}

void Board::keyReleaseEvent(QKeyEvent* e)
{
    if (e->isAutoRepeat())
        return;
    if (e->key() == Qt::Key_P)
        m_plain = false;
    if (e->key() == Qt::Key_O)
        m_mirrored = false;
    if (e->key() == Qt::Key_Q)
        m_squinted = false;
    update();
}

void Board::dragEnterEvent(QDragEnterEvent* e)
{
    if (e->mimeData()->hasUrls())
        e->acceptProposedAction();
}

void Board::dropEvent(QDropEvent* e)
{
    const QStringList files = localFiles(*e->mimeData());
    if (!files.isEmpty())
        emit filesDropped(files);
}

} // namespace rl::app
