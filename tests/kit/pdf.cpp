#include "tests/kit/pdf.h"
#include <QImageReader>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

namespace rl::kit {

namespace {
QString told(const QString& program, const QStringList& words)
{
    QProcess p;
    p.start(program, words);
    return p.waitForFinished(60000) ? QString::fromUtf8(p.readAllStandardOutput()) : QString();
}
} // namespace

int pdfPages(const QString& pdf)
{
    const auto m = QRegularExpression("Pages:\\s+(\\d+)").match(told("pdfinfo", {pdf}));
    return m.captured(1).toInt();
}

QSizeF pdfPageMm(const QString& pdf, int page)
{
    const QString n = QString::number(page);
    const auto m
        = QRegularExpression("size:\\s+([\\d.]+) x ([\\d.]+) pts").match(told("pdfinfo", {"-f", n, "-l", n, pdf}));
    return QSizeF(m.captured(1).toDouble(), m.captured(2).toDouble()) * 25.4 / 72;
}

QImage pdfPage(const QString& pdf, int page, int dpi)
{
    QImageReader::setAllocationLimit(0); // an A3 page at printers' resolution
    QTemporaryDir dir;
    const QString n = QString::number(page);
    told("pdftoppm", {"-png", "-singlefile", "-r", QString::number(dpi), "-f", n, "-l", n, pdf, dir.filePath("page")});
    return QImage(dir.filePath("page.png"));
}

double rulerMm(const QString& pdf, int page)
{
    constexpr int kDpi = 480; // a whole page stays under the size Qt reads
    const QImage image = pdfPage(pdf, page, kDpi).convertToFormat(QImage::Format_Grayscale8);
    if (image.isNull())
        return 0;
    // The ruler is the lowest long dark line: 10 cm unbroken.
    const int left = int(0.8 / 2.54 * kDpi), wanted = int(9.9 / 2.54 * kDpi);
    for (int y = image.height() - 1; y > image.height() * 3 / 4; --y) {
        const uchar* row = image.constScanLine(y);
        int first = -1, last = -1, dark = 0;
        for (int x = left; x < image.width(); ++x)
            if (row[x] < 128) {
                if (first < 0)
                    first = x;
                if (last >= 0 && x - last > 3)
                    break;
                last = x;
                ++dark;
            }
        if (dark >= wanted) {
            // From the middle of the first tick to the middle of the last, read 1.5 mm higher up.
            const uchar* ticks = image.constScanLine(y - int(0.15 / 2.54 * kDpi));
            double sumA = 0, sumB = 0;
            int a = 0, b = 0;
            for (int x = first - 6; x <= first + 14; ++x)
                if (ticks[x] < 128)
                    sumA += x, ++a;
            for (int x = last - 14; x <= last + 6; ++x)
                if (ticks[x] < 128)
                    sumB += x, ++b;
            return a && b ? (sumB / b - sumA / a) * 25.4 / kDpi : 0;
        }
    }
    return 0;
}

} // namespace rl::kit
