#pragma once
#include "core/base/raster.h"
#include "core/base/result.h"
#include <QImage>
#include <QPainter>
#include <QPdfWriter>
#include <QSaveFile>
#include <QString>
#include <functional>

/// What sheets share: a page of 10 units a millimetre, words and pictures on it.
namespace rl::output {

/// Writes a file beside its place, which gets its name when it is whole; where that cannot be (a full disk, a protected
/// folder), or `fill` says no, what was there stays. \param cannot says so, in one sentence
Result<Done> writeWhole(
    const QString& path, const std::string& cannot, const std::function<Result<Done>(QSaveFile&)>& fill);

/// Makes a PDF, written whole.
/// \return Invalid for another suffix than .pdf, NotWritable where it cannot be written
Result<Done> writePdf(const QString& path, const QString& title, const QPageSize& size,
    const std::function<void(QPainter&, QPdfWriter&)>& draw);

/// Words in the program's own sans, cut off with dots where they are wider than `wide`. \param size px of the type
void text(QPainter& p, QPointF at, const QString& words, int size, bool bold, double wide);
/// Words over several lines inside a rectangle. \return the height they took
double paragraph(QPainter& p, const QRectF& r, const QString& words, int size);
QImage imageOf(const LinearPicture& picture);
/// Draws an image into a rectangle, its proportions kept, from the upper left; with a thin frame. \return where it is
QRectF framed(QPainter& p, const QImage& image, const QRectF& r);

} // namespace rl::output
