#include "output/paper.h"
#include "app/theme/fonts.h"
#include "core/colour/srgb.h"
#include "output/said.h"
#include <QPageSize>

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

Result<Done> writeWhole(
    const QString& path, const std::string& cannot, const std::function<Result<Done>(QSaveFile&)>& fill)
{
    const auto refused = [&](const QString& detail) {
        return Error{ErrorKind::NotWritable, cannot, (path + ": " + detail).toStdString()};
    };
    QSaveFile file(path); // it knows of every write that failed, and gives the name only if none did
    if (!file.open(QIODevice::WriteOnly))
        return refused(file.errorString());
    const auto filled = fill(file);
    if (!filled) {
        file.cancelWriting();
        return filled.error().sentence.empty() ? refused(file.errorString()) : filled.error();
    }
    return file.commit() ? Result<Done>(Done{}) : Result<Done>(refused(file.errorString()));
}

Result<Done> writePdf(const QString& path, const QString& title, const QPageSize& size,
    const std::function<void(QPainter&, QPdfWriter&)>& draw)
{
    return guarded([&]() -> Result<Done> {
        if (!path.endsWith(".pdf", Qt::CaseInsensitive))
            return Error{ErrorKind::Invalid, tr("Sheets are a PDF: end the name with .pdf."), path.toStdString()};
        static const bool fonts = (theme::loadFonts(), true);
        Q_UNUSED(fonts)
        return writeWhole(path, tr("The sheets cannot be written there; choose another folder."),
            [&](QSaveFile& file) -> Result<Done> {
                QPdfWriter writer(&file);
                writer.setResolution(254); // 10 units a millimetre
                writer.setTitle(title);
                writer.setCreator("Roving Lantern");
                writer.setPageSize(size);
                writer.setPageMargins(QMarginsF(0, 0, 0, 0));
                QPainter p;
                if (!p.begin(&writer))
                    return Error{ErrorKind::NotWritable, {}, {}};
                draw(p, writer);
                p.end();
                return Done{};
            });
    });
}

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
