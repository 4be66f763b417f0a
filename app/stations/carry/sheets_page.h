#pragma once
#include "app/board/overlays/sheet_marks.h"
#include "app/stations/station.h"
#include "output/sheets.h"

class QProgressBar;

namespace rl::app {

/// The sheets as they will come out of the printer, laid over the canvas.
class SheetsPage final : public Page {
    Q_OBJECT
public:
    explicit SheetsPage(Desk& desk);
    QString says() const override;
    void show() override;
    std::vector<Overlay*> overlays() override { return {&m_marks}; }
    QImage look() override;
    bool busy() const override { return m_write.running() || m_lines.running(); }
    void writeTo(const QString& path); ///< the PDF, in the background
    bool writing() const { return m_write.running(); }
    const std::vector<transfer::Stroke>& lines() const; ///< as shown; empty while they are being drawn

signals:
    void written(bool ok);

private:
    void chooseFile();
    output::SheetContent m_what = output::SheetContent::LineArt;
    bool m_grid = true;
    SheetMarks m_marks;
    QProgressBar* m_bar;
    Job<SheetMarks::Lines> m_lines;
    Job<Done> m_write;
    QString m_path;
    int m_count = 0;
};

} // namespace rl::app
