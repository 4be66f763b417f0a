#pragma once
#include "core/base/raster.h"
#include <QImage>
#include <QPainter>
#include <QString>

/// What sheets share: a page of 10 units a millimetre, words and pictures on it.
namespace rl::output {

/// Words in the program's own sans, cut off with dots where they are wider than `wide`. \param size px of the type
void text(QPainter& p, QPointF at, const QString& words, int size, bool bold, double wide);
/// Words over several lines inside a rectangle. \return the height they took
double paragraph(QPainter& p, const QRectF& r, const QString& words, int size);
QImage imageOf(const LinearPicture& picture);
/// Draws an image into a rectangle, its proportions kept, from the upper left; with a thin frame. \return where it is
QRectF framed(QPainter& p, const QImage& image, const QRectF& r);

} // namespace rl::output
