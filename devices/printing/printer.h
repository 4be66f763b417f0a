#pragma once
#include "core/base/words.h"
#include "output/sheets.h"
#include <QPrinter>

namespace rl::devices {

/// Puts sheets on paper.
class Printer {
public:
    virtual ~Printer() = default;
    virtual QString name() const = 0;
    /// \return NotWritable where it does not take them, TooLarge, Cancelled
    virtual Result<Done> print(const output::SheetJob& job, Progress& progress) = 0;
};

/// How a printer strays: what is 1 long comes out `across` (`down`) long, and the sheet lies askew.
struct Slip {
    double across = 1, down = 1;
    double skewDegrees = 0;
};

/// Writes the paper as a PDF, with its faults: to learn and to test with.
class SimulatedPrinter final : public Printer {
public:
    SimulatedPrinter(QString path, Slip slip)
        : m_path(std::move(path))
        , m_slip(slip)
    {
    }
    QString name() const override { return tr("simulated printer"); }
    Result<Done> print(const output::SheetJob& job, Progress& progress) override;

private:
    QString m_path;
    Slip m_slip;
};

/// One of the desktop's, by QPrinter.
class DesktopPrinter final : public Printer {
public:
    explicit DesktopPrinter(QPrinter& printer)
        : m_printer(printer)
    {
    }
    QString name() const override { return m_printer.printerName(); }
    Result<Done> print(const output::SheetJob& job, Progress& progress) override;

private:
    QPrinter& m_printer;
};

} // namespace rl::devices
