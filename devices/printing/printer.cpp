#include "devices/printing/printer.h"
#include "core/base/words.h"
#include <QFile>
#include <QPdfWriter>

namespace rl::devices {

namespace {
Result<Done> on(QPagedPaintDevice& device, const output::SheetJob& job, const QTransform& slip, Progress& progress)
{
    if (const auto error = output::tooMany(job))
        return *error;
    output::setPaper(device, job);
    QPainter painter;
    if (!painter.begin(&device))
        return Error{ErrorKind::NotWritable, tr("The printer does not take the sheets."), {}};
    painter.setTransform(slip);
    output::drawSheets(job, device, painter, progress);
    painter.end();
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("Printing was cancelled."), {}};
    return Done{};
}
} // namespace

Result<Done> SimulatedPrinter::print(const output::SheetJob& job, Progress& progress)
{
    QPdfWriter writer(m_path);
    writer.setResolution(1200);
    QTransform slip;
    slip.rotate(m_slip.skewDegrees);
    slip.scale(m_slip.across, m_slip.down);
    const auto done = on(writer, job, slip, progress);
    if (!done)
        QFile::remove(m_path);
    return done;
}

Result<Done> DesktopPrinter::print(const output::SheetJob& job, Progress& progress)
{
    m_printer.setFullPage(true);
    return on(m_printer, job, {}, progress);
}

} // namespace rl::devices
