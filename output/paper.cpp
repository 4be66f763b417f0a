#include "output/paper.h"
#include "core/colour/srgb.h"

namespace rl::output {

namespace {
QFont sans(int size, bool bold)
{
    QFont font("Cabin");
    font.setPixelSize(size);
    font.setBold(bold);
    return font;
}
} // namespace

void text(QPainter& p, QPointF at, const QString& words, int size, bool bold, double wide)
{
    p.setFont(sans(size, bold));
    p.drawText(at, p.fontMetrics().elidedText(words, Qt::ElideRight, int(wide)));
}

double paragraph(QPainter& p, const QRectF& r, const QString& words, int size)
{
    p.setFont(sans(size, false));
    QRectF took;
    p.drawText(r, Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, words, &took);
    return took.height();
}

QImage imageOf(const LinearPicture& picture)
{
    const Photo photo = colour::codeOf(picture);
    return QImage(reinterpret_cast<const uchar*>(photo.data()), photo.width(), photo.height(), photo.width() * 3,
        QImage::Format_RGB888)
        .copy();
}

QRectF framed(QPainter& p, const QImage& image, const QRectF& r)
{
    const double k = std::min(r.width() / image.width(), r.height() / image.height());
    const QRectF at(r.topLeft(), QSizeF(image.width() * k, image.height() * k));
    p.drawImage(at, image);
    p.setPen(QPen(QColor(0x55, 0x55, 0x55), 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(at);
    p.setPen(Qt::black);
    return at;
}

} // namespace rl::output
