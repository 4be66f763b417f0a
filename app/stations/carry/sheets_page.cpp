#include "app/stations/carry/sheets_page.h"
#include "app/theme/theme.h"
#include "core/project/papers.h"
#include "core/transfer/grid.h"
#include "core/transfer/tiles.h"
#include "devices/printing/printer.h"
#include <QFileInfo>
#include <QPrintDialog>
#include <QProgressBar>

namespace rl::app {

SheetsPage::SheetsPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Sheets"),
        tr("Sheets at 1:1 with a squared grid, line art or the picture; sheets for the easel"))
    , m_bar(new QProgressBar)
    , m_sheets(desk.jobs)
{
    m_marks.shows.lines = m_marks.shows.grid = m_marks.shows.tiles = true;
    const auto sheets = lens::sheets();
    whatField();
    paperFields();
    writeFields();
    connect(&m_sheets, &JobBase::progressed, this, [this](double f, const QString& note) {
        m_bar->setValue(int(100 * f));
        m_bar->setFormat(note);
    });
    connect(&m_sheets, &JobBase::done, this, [this] {
        const bool ok = !m_sheets.problem();
        if (ok)
            m_desk.notices.say(
                tr("The sheets are in %1. Print them at 100 % and measure the ruler on each.").arg(m_path));
        else if (m_sheets.problem()->kind == ErrorKind::Cancelled)
            m_desk.notices.say(tr("The sheets were not written."));
        refresh();
        emit written(ok);
    });
}

void SheetsPage::whatField()
{
    const auto sheets = lens::sheets();
    m_form->pick(
        {"carryWhat", tr("print"),
            tr("What goes on the sheets: lines to trace, the picture itself, or only the squares; or one page for the "
               "easel"),
            {}},
        [this] {
            Choices all{{tr("line art"), 0}, {tr("picture"), 1}, {tr("grid alone"), 2}, {tr("colours, one page"), 3},
                {tr("values, one page"), 4}, {tr("landmarks, one page"), 5}};
            if (m_desk.heldElement())
                all.emplace_back(tr("selected element, again"), int(output::SheetContent::Recarry));
            return all;
        },
        [this] { return std::optional(int(m_what)); },
        [this](int i) {
            m_what = output::SheetContent(i);
            refresh();
            emit lookChanged();
        });
}

void SheetsPage::paperFields()
{
    const auto sheets = lens::sheets();
    m_form->pick(
        {"paper", tr("paper"), tr("The paper in your printer"), {}},
        [] {
            Choices all;
            for (int i = 0; i < int(papers().size()); ++i)
                all.emplace_back(tr(papers()[std::size_t(i)].name), i);
            return all;
        },
        [this] {
            const Paper* p = paperOf(project().sheets.paper);
            return std::optional(p ? int(p - papers().data()) : 0);
        },
        [this, sheets](int i) {
            m_form->change(
                sheets, tr("Choose the paper"), -1, [i](Sheets& s) { s.paper = papers()[std::size_t(i)].name; });
        });
    m_form->number(sheets, &Sheets::overlapCm,
        {"overlap", tr("overlap"), tr("What neighbouring sheets share. Printers drift by a millimetre or two."),
            tr("Set the shared strip"), NumberFormat{10, " mm", 0, 1}});
    m_form->value(
        {"rulerSays", tr("printed ruler measures"),
            tr("What the 10 cm ruler of a printed sheet measures: all later sheets are corrected by it"),
            tr("Correct the printer")},
        NumberFormat{1, tr(" mm"), 1, 0.1}, 91, 111,
        [this] { return std::optional(100 / project().sheets.scaleCorrection); },
        [this, sheets](double mm, int gesture) {
            m_form->change(
                sheets, tr("Correct the printer"), gesture, [mm](Sheets& s) { s.scaleCorrection = 100 / mm; });
        });
}

void SheetsPage::writeFields()
{
    const auto sheets = lens::sheets();
    m_form->check(
        {"withGrid", tr("with the squared grid"),
            tr("Prints the squares over the sheets too, so that they can be laid on a squared canvas"), {}},
        [this] { return std::optional(m_grid); },
        [this](bool on) {
            m_grid = m_marks.shows.grid = on;
            refresh();
            emit m_desk.overlayChanged();
        });
    m_form->pick(
        {"printOn", tr("on"), tr("A PDF to print elsewhere, a printer of this desktop, or a simulated one that strays"),
            {}},
        [] {
            return Choices{{tr("a PDF"), 0}, {tr("a printer"), 1}, {tr("a printer that strays (simulated)"), 2}};
        },
        [this] { return std::optional(int(m_on)); }, [this](int i) { m_on = On(i); });
    m_form->mainButton(
        "writeSheets", tr("Save sheets…"),
        tr("Writes a PDF at 1:1 with overlap, cut marks, a map of the sheets and a 10 cm ruler on each"),
        [this] { m_on == On::Desktop ? print() : chooseFile(); }, [this] { return !writing(); });
    m_bar->setFixedWidth(theme::px(240));
    m_bar->setAccessibleName(tr("How far the sheets are"));
    m_form->add(m_bar, [this] { return writing(); });
    m_form->button(
        "stopSheets", tr("Stop"), tr("Cancels the sheets; no file is left"), [this] { m_sheets.stop(); },
        [this] { return writing(); });
}

void SheetsPage::chooseFile()
{
    if (const QString path = askPath(tr("Write the sheets"), tr("sheets.pdf"), tr("PDF (*.pdf)")); !path.isEmpty())
        writeTo(path);
}

void SheetsPage::print()
{
    if (writing())
        return;
    const auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
    if (QPrintDialog(printer.get(), this).exec() != QDialog::Accepted)
        return;
    m_path = printer->printerName();
    const int element = m_what == output::SheetContent::Recarry ? m_desk.element() : 0;
    m_sheets.ask(
        ++m_count,
        [this, p = project(), what = m_what, grid = m_grid, element, printer](Progress& progress) -> Result<Done> {
            const auto job = output::sheetJob(p, what, grid, m_desk.surfaces(), progress, element);
            return job ? devices::DesktopPrinter(*printer).print(*job, progress) : Result<Done>(job.error());
        },
        Lane::Long);
    refresh();
}

void SheetsPage::writeTo(const QString& path)
{
    if (writing())
        return;
    m_path = path;
    const int element = m_what == output::SheetContent::Recarry ? m_desk.element() : 0;
    m_sheets.ask(
        ++m_count,
        [this, p = project(), what = m_what, grid = m_grid, on = m_on, element, path](
            Progress& progress) -> Result<Done> {
            const auto job = output::sheetJob(p, what, grid, m_desk.surfaces(), progress, element);
            if (!job)
                return job.error();
            if (on == On::Simulated) // what a worn office printer does
                return devices::SimulatedPrinter(path, {0.994, 0.997, 0.12}).print(*job, progress);
            return output::writeSheets(*job, path, progress);
        },
        Lane::Long);
    refresh();
}

void SheetsPage::refresh()
{
    m_marks.shows.lines = m_what == output::SheetContent::LineArt || m_what == output::SheetContent::Recarry
        || m_what == output::SheetContent::Landmarks;
    m_marks.shows.landmarks = m_what == output::SheetContent::Landmarks;
    m_marks.shows.tiles = int(m_what) < 3;
    CarryPage::refresh();
}

const std::vector<transfer::Stroke>& SheetsPage::lines() const
{
    static const std::vector<transfer::Stroke> none;
    return m_state.drawn() ? m_state.drawn()->lines : none;
}

QImage SheetsPage::look()
{
    const bool picture = m_what == output::SheetContent::Picture || m_what == output::SheetContent::Colours
        || m_what == output::SheetContent::Values;
    return picture ? QImage() : CarryPage::look();
}

QString SheetsPage::says() const
{
    const auto plan = transfer::tilesOf(project());
    const auto grid = transfer::gridOf(project());
    return tr(
        "%n sheets of %1, %2 × %3, and a map. Grid: %4 × %5 squares of %6 cm; mark the upper edge every %6 cm from the "
        "left, the sides every %6 cm from the top.",
        nullptr, int(plan.tiles.size()))
        .arg(QString::fromStdString(project().sheets.paper))
        .arg(plan.columns)
        .arg(plan.rows)
        .arg(grid.columns)
        .arg(grid.rows)
        .arg(grid.sideCm, 0, 'g', 3);
}

} // namespace rl::app
