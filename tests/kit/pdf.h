#pragma once
#include <QImage>
#include <QSizeF>
#include <QString>

/// Reads PDFs with poppler's tools, so that what is checked is what a printer would get.
namespace rl::kit {

int pdfPages(const QString& pdf);
QSizeF pdfPageMm(const QString& pdf, int page); ///< page from 1
QImage pdfPage(const QString& pdf, int page, int dpi);

/// Length of the check ruler at the foot of a sheet, mm: from its first tick to its last.
double rulerMm(const QString& pdf, int page);

} // namespace rl::kit
