#include "app/stations/carry/sheets_page.h"
#include "app/theme/theme.h"
#include "core/transfer/grid.h"
#include "core/transfer/tiles.h"
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QProgressBar>
#include <QSettings>

namespace rl::app {

SheetsPage::SheetsPage(Desk& desk)
    : Page(desk, tr("Sheets"), tr("Sheets at 1:1 with a squared grid, line art or the picture"))
    , m_marks(desk)
    , m_bar(new QProgressBar)
    , m_lines(&desk.notices)
    , m_write(&desk.notices)
{
    const auto sheets = lens::sheets();
    m_form->pick(
        {"carryWhat", tr("carry over"),
            tr("What goes on the sheets: lines to trace, the picture itself, or only the squares"), {}},
        [] {
            return Choices{{tr("line art"), 0}, {tr("picture"), 1}, {tr("grid alone"), 2}};
        },
        [this] { return std::optional(int(m_what)); },
        [this](int i) {
            m_what = output::SheetContent(i);
            show();
            emit lookChanged();
        });
    m_form->pick(
        {"paper", tr("paper"), tr("The paper in your printer"), {}},
        [] {
            return Choices{{"A4", 0}, {"Letter", 1}};
        },
        [this] { return std::optional(project().sheets.paper == "Letter" ? 1 : 0); },
        [this, sheets](int i) {
            m_form->change(sheets, tr("Choose the paper"), -1, [i](Sheets& s) { s.paper = i ? "Letter" : "A4"; });
        });
    m_form->number(sheets, &Sheets::overlapCm,
        {"overlap", tr("shared strip"), tr("What neighbouring sheets share. Printers drift by a millimetre or two."),
            tr("Set the shared strip"), Shown{10, " mm", 0, 1}});
    m_form->pick(
        {"gridSide", tr("squares of"),
            tr("Side of a square; the program picks one that gives 6 to 14 squares along the long side"), {}},
        [this] {
            const bool inch = project().brief.unit == LengthUnit::Inch;
            const Brief& b = project().brief;
            const double own = transfer::chosenSideCm(b.widthCm, b.heightCm, b.unit);
            const auto said = [inch](double cm) {
                return inch ? tr("%1 in").arg(cm / 2.54, 0, 'g', 3) : tr("%1 cm").arg(cm, 0, 'g', 3);
            };
            Choices all{{tr("%1, chosen").arg(said(own)), 0}};
            for (const double s :
                inch ? std::vector<double>{1.27, 2.54, 5.08, 10.16} : std::vector<double>{1, 2, 2.5, 5, 10, 20})
                all.emplace_back(said(s), int(std::lround(1000 * s)));
            return all;
        },
        [this] { return std::optional(int(std::lround(1000 * project().sheets.gridCm))); },
        [this, sheets](int i) {
            m_form->change(sheets, tr("Choose the squares"), -1, [i](Sheets& s) { s.gridCm = i / 1000.0; });
        });
    m_form->check(
        {"withGrid", tr("with the squared grid"),
            tr("Prints the squares over the sheets too, so that they can be laid on a squared canvas"), {}},
        [this] { return std::optional(m_grid); },
        [this](bool on) {
            m_grid = on;
            show();
            emit m_desk.overlayChanged();
        });
    m_form->mainButton(
        "writeSheets", tr("Write the sheets…"),
        tr("Writes a PDF at 1:1 with overlap, cut marks, a map of the sheets and a 10 cm ruler on each"),
        [this] { chooseFile(); }, [this] { return !writing(); });
    m_bar->setFixedWidth(theme::px(240));
    m_bar->setAccessibleName(tr("How far the sheets are"));
    m_form->add(m_bar, [this] { return writing(); });
    m_form->button(
        "stopSheets", tr("Stop"), tr("Gives the sheets up; nothing is left behind"), [this] { m_write.stop(); },
        [this] { return writing(); });
    connect(&m_lines, &JobBase::done, this, [this] {
        if (m_lines.last())
            m_marks.setLines(*m_lines.last());
        emit m_desk.overlayChanged();
    });
    connect(&m_write, &JobBase::progressed, this, [this](double f, const QString& note) {
        m_bar->setValue(int(100 * f));
        m_bar->setFormat(note);
    });
    connect(&m_write, &JobBase::done, this, [this] {
        const bool ok = !m_write.problem();
        if (ok)
            m_desk.notices.say(
                tr("The sheets are in %1. Print them at 100 % and measure the ruler on each.").arg(m_path));
        else if (m_write.problem()->kind == Kind::Cancelled)
            m_desk.notices.say(tr("The sheets were not written."));
        show();
        emit written(ok);
    });
}

void SheetsPage::chooseFile()
{
    QSettings settings;
    const QString folder = settings.value("lastSheetFolder", QDir::homePath()).toString();
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Write the sheets"), folder + "/" + tr("sheets.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    settings.setValue("lastSheetFolder", QFileInfo(path).absolutePath());
    writeTo(path);
}

void SheetsPage::writeTo(const QString& path)
{
    if (writing())
        return;
    m_path = path;
    m_write.ask(
        ++m_count,
        [this, p = project(), what = m_what, grid = m_grid, path](Progress& progress) -> Result<Done> {
            const auto job = output::sheetJob(p, what, grid, m_desk.surfaces(), progress);
            return job ? output::writeSheets(*job, path, progress) : Result<Done>(job.error());
        },
        Lane::Long);
    show();
}

void SheetsPage::show()
{
    m_marks.set(m_what, m_grid);
    Page::show();
    if (isVisible() && m_what == output::SheetContent::LineArt)
        m_lines.ask(std::tuple(project().scene(), project().brief.widthCm, project().brief.heightCm),
            [this, p = project()](Progress& progress) -> Result<SheetMarks::Lines> {
                const auto job = output::sheetJob(p, output::SheetContent::LineArt, false, m_desk.surfaces(), progress);
                if (!job)
                    return job.error();
                SheetMarks::Lines lines{transfer::lineArt(*job->lines), {}};
                lines.drawn = SheetMarks::drawn(lines.strokes, p.brief.widthCm, p.brief.heightCm);
                return lines;
            });
}

const std::vector<transfer::Stroke>& SheetsPage::lines() const
{
    static const std::vector<transfer::Stroke> none;
    return m_lines.last() ? m_lines.last()->strokes : none;
}

QImage SheetsPage::look()
{
    if (m_what == output::SheetContent::Picture)
        return {};
    QImage blank(8, 8, QImage::Format_RGB32);
    blank.fill(QColor(0xfd, 0xfc, 0xfa));
    return blank;
}

QString SheetsPage::says() const
{
    const auto plan = transfer::tilesOf(project());
    const auto grid = transfer::gridOf(project());
    return tr("%1 sheets of %2 in %3 columns and %4 rows, and a map of them. Grid: %5 × %6 squares of %7 cm; along the "
              "upper edge mark every %7 cm from the left, down the side every %7 cm from the top.")
        .arg(plan.tiles.size())
        .arg(QString::fromStdString(project().sheets.paper))
        .arg(plan.columns)
        .arg(plan.rows)
        .arg(grid.columns)
        .arg(grid.rows)
        .arg(grid.sideCm, 0, 'g', 3);
}

} // namespace rl::app
