#include "app/stations/carry/grid_page.h"
#include "app/theme/theme.h"
#include "core/transfer/grid.h"
#include <cmath>

namespace rl::app {

/// A click ticks a square.
class GridPage::Tick final : public Tool {
public:
    Tick(Desk& desk, CarryState& state)
        : m_desk(desk)
        , m_state(state)
    {
    }
    bool press(const BoardPoint& p) override
    {
        const auto grid = transfer::gridOf(m_desk.project());
        const Vec2 at = transfer::canvasPlanOf(m_desk.project()).toCanvas(p.at);
        const auto index = [](const std::vector<double>& lines, double v) {
            return int(std::upper_bound(lines.begin(), lines.end(), v) - lines.begin()) - 1;
        };
        const int c = index(grid.xs, at.x), r = index(grid.ys, at.y);
        if (c < 0 || r < 0 || c >= grid.columns || r >= grid.rows)
            return false;
        const std::string name = grid.column(c) + std::to_string(r + 1);
        m_state.setTraced(name, !m_state.traced(name));
        return true;
    }

private:
    Desk& m_desk;
    CarryState& m_state;
};

GridPage::GridPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Grid"), tr("Squares to draw by, what to mark along the canvas' edges, what is traced"))
    , m_tick(std::make_unique<Tick>(desk, m_state))
{
    m_marks.shows.lines = m_marks.shows.grid = m_marks.shows.traced = true;
    const auto sheets = lens::sheets();
    m_form->pick(
        {"gridSide", tr("squares of"),
            tr("Side of a square; the program picks one that gives 6 to 14 squares along the long side"), {}},
        [this] {
            const bool inch = project().brief.unit == LengthUnit::Inch;
            const auto canvas = transfer::canvasPlanOf(project());
            const double own = transfer::chosenSideCm(canvas.widthCm, canvas.heightCm, project().brief.unit);
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
        {"quarters", tr("centre lines and quarters only"),
            tr("The cross, quarter lines and diagonals, for those who want no more"), {}},
        [this] { return std::optional(project().sheets.quarters != 0); },
        [this, sheets](bool on) {
            m_form->change(sheets, tr("Choose cross and quarters"), -1, [on](Sheets& s) { s.quarters = on; });
        });
    m_form->latch("tickSquares", tr("Tick squares"), tr("Click a square on the board once it is on the canvas (T)"),
        [this](bool on) {
            m_ticking = on;
            emit lookChanged();
        });
    m_form->check(
        {"tickElement", tr("selected element is traced"), tr("Ticks the selected element, in all squares it lies in"),
            {}},
        [this]() -> std::optional<bool> {
            return m_desk.element() ? std::optional(m_state.traced("#" + std::to_string(m_desk.element())))
                                    : std::nullopt;
        },
        [this](bool on) { m_state.setTraced("#" + std::to_string(m_desk.element()), on); });
    m_form->button(
        "untickAll", tr("Clear all ticks"), tr("Removes all ticks"),
        [this] { m_form->change(lens::sheets(), tr("Begin tracing anew"), -1, [](Sheets& s) { s.traced.clear(); }); },
        [this] { return !project().sheets.traced.empty(); });
    m_form->mainButton(
        "writeGrid", tr("Grid sheets…"), tr("A PDF of the squares at 1:1 with what to mark along each edge"),
        [this] {
            if (const QString path = askPath(tr("Grid sheets"), "grid.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                writeTo(path);
        },
        [this] { return !m_write.running(); });
    addWriting();
}

GridPage::~GridPage() = default;

std::vector<Tool*> GridPage::tools()
{
    return m_ticking ? std::vector<Tool*>{m_tick.get()} : std::vector<Tool*>{};
}

void GridPage::writeTo(const QString& path)
{
    write(tr("The grid is in %1.").arg(path), [this, p = project(), path](Progress& progress) -> Result<Done> {
        const auto job = output::sheetJob(p, output::SheetContent::Grid, true, m_desk.surfaces(), progress);
        return job ? output::writeSheets(*job, path, progress) : Result<Done>(job.error());
    });
}

QString GridPage::says() const
{
    const auto grid = transfer::gridOf(project());
    const LengthUnit unit = project().brief.unit;
    const auto ruler = [unit](double cm) { return QString::fromStdString(transfer::onRuler(cm, unit)); };
    const int all = grid.columns * grid.rows;
    int done = 0;
    std::string open;
    for (int r = 0; r < grid.rows; ++r)
        for (int c = 0; c < grid.columns; ++c) {
            const std::string name = grid.column(c) + std::to_string(r + 1);
            if (m_state.traced(name))
                ++done;
            else if (open.empty())
                open = name;
        }
    QString s
        = tr("%1 × %2 squares; mark the upper and lower edge every %3 from the left, the sides every %4 from the top.")
              .arg(grid.columns)
              .arg(grid.rows)
              .arg(ruler(grid.xs[1]), ruler(grid.ys[1]));
    if (const auto* d = m_state.drawn(); d && !d->dense.empty())
        s += tr(" %n squares are dense: quarter them.", nullptr, int(d->dense.size()));
    QStringList forgotten;
    bool any = false;
    for (const Element& e : project().elements)
        if (m_state.traced("#" + std::to_string(e.id)))
            any = true;
        else
            forgotten << QString::fromStdString(e.name).toHtmlEscaped();
    if (any)
        s += forgotten.isEmpty() ? tr(" Every thing is traced.")
                                 : tr(" Still to trace: %1.").arg(forgotten.mid(0, 4).join(", "));
    if (done)
        s += tr(" <b>%1 of %2 traced</b>%3.")
                 .arg(done)
                 .arg(all)
                 .arg(open.empty() ? QString() : tr("; next %1").arg(QString::fromStdString(open)));
    return s;
}

} // namespace rl::app
