#pragma once
#include "app/stations/carry/carry_page.h"

namespace rl::app {

/// The sheets as they will come out of the printer, laid over the canvas.
class SheetsPage final : public CarryPage {
    Q_OBJECT
public:
    SheetsPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    QImage look() override;
    bool busy() const override { return m_sheets.running() || m_state.busy(); }
    void writeTo(const QString& path); ///< the PDF, in the background
    bool writing() const { return m_sheets.running(); }
    const std::vector<transfer::Stroke>& lines() const; ///< as shown; empty while they are being drawn
    enum class On { File, Desktop, Simulated };

signals:
    void written(bool ok);

private:
    void whatField();
    void paperFields();
    void writeFields();
    void chooseFile();
    void print();
    output::SheetContent m_what = output::SheetContent::LineArt;
    bool m_grid = true;
    On m_on = On::File;
    QProgressBar* m_bar;
    Job<Done> m_sheets;
    QString m_path;
    int m_count = 0;
};

} // namespace rl::app
