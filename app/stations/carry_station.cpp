#include "app/stations/carry_station.h"
#include "app/jobs.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "core/transfer/grid.h"
#include "output/sheets.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPointer>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QSignalBlocker>
#include <QtConcurrent>

namespace rl::app {

/// One writing of sheets: lives until the worker is done with it, even when the station is gone.
struct CarryStation::Job final : Progress {
    std::atomic<bool> stop = false;
    std::function<void(double, QString)> told;
    void report(double fraction, std::string_view note) override
    {
        told(fraction, QString::fromUtf8(note.data(), qsizetype(note.size())));
    }
    bool cancelled() const override { return stop; }
};

CarryStation::CarryStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_what(new QComboBox)
    , m_paper(new QComboBox)
    , m_side(new QComboBox)
    , m_grid(new QCheckBox(tr("with the squared grid")))
    , m_overlap(numberField(
          "overlap", "mm", 0, 50, 0, 1, tr("What neighbouring sheets share. Printers drift by a millimetre or two.")))
    , m_says(new QLabel)
    , m_write(new QPushButton(tr("Write the sheets…")))
    , m_cancel(new QPushButton(tr("Stop")))
    , m_bar(new QProgressBar)
{
    m_what->setObjectName("carryWhat");
    m_what->addItems({tr("line art"), tr("picture"), tr("grid alone")});
    m_what->setToolTip(tr("What goes on the sheets: lines to trace, the picture itself, or only the squares"));
    m_paper->setObjectName("paper");
    m_paper->addItems({"A4", "Letter"});
    m_paper->setToolTip(tr("The paper in your printer"));
    m_side->setToolTip(tr("Side of a square; the program picks one that gives 6 to 14 squares along the long side"));
    m_grid->setChecked(true);
    m_grid->setToolTip(tr("Prints the squares over the sheets too, so that they can be laid on a squared canvas"));
    m_write->setObjectName("writeSheets");
    m_write->setProperty("main", true);
    m_write->setToolTip(
        tr("Writes a PDF at 1:1 with overlap, cut marks, a map of the sheets and a 10 cm ruler on each"));
    m_says->setWordWrap(true);
    m_bar->setRange(0, 100);
    m_bar->hide();
    m_cancel->hide();
    auto* row = new QHBoxLayout;
    row->addWidget(labelled(tr("Carry over"), m_what));
    row->addWidget(labelled(tr("Paper"), m_paper));
    row->addWidget(labelled(tr("Shared strip"), m_overlap));
    row->addWidget(labelled(tr("Squares of"), m_side));
    row->addWidget(m_grid, 0, Qt::AlignBottom);
    row->addStretch();
    row->addWidget(m_bar, 1, Qt::AlignBottom);
    row->addWidget(m_cancel, 0, Qt::AlignBottom);
    row->addWidget(m_write, 0, Qt::AlignBottom);
    auto* layout = new QVBoxLayout(m_bench);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addLayout(row);
    layout->addWidget(m_says, 1);

    const auto edit = [this](const QString& what, auto change) {
        Sheets s = project().sheets;
        change(s);
        if (!(s == project().sheets))
            work.document.edit(what, edits::withSheets(project(), s));
    };
    connect(m_paper, &QComboBox::activated, this, [=, this] {
        edit(tr("Choose the paper"), [&](Sheets& s) { s.paper = m_paper->currentText().toStdString(); });
    });
    connect(m_overlap, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { edit(tr("Set the shared strip"), [&](Sheets& s) { s.overlapCm = v / 10; }); });
    connect(m_side, &QComboBox::activated, this,
        [=, this] { edit(tr("Choose the squares"), [&](Sheets& s) { s.gridCm = m_side->currentData().toDouble(); }); });
    connect(m_what, &QComboBox::activated, this, [this] { emit work.heldChanged(); });
    connect(m_grid, &QCheckBox::clicked, this, [this] { emit work.heldChanged(); });
    connect(m_write, &QPushButton::clicked, this, &CarryStation::chooseFile);
    connect(m_cancel, &QPushButton::clicked, this, [this] {
        if (m_job)
            m_job->stop = true;
    });
}

CarryStation::~CarryStation()
{
    if (m_job)
        m_job->stop = true;
}

void CarryStation::chooseFile()
{
    QSettings settings;
    const QString folder = settings.value("lastSheetFolder", QDir::homePath()).toString();
    const QString path = QFileDialog::getSaveFileName(
        m_bench, tr("Write the sheets"), folder + "/" + tr("sheets.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    settings.setValue("lastSheetFolder", QFileInfo(path).absolutePath());
    writeTo(path);
}

void CarryStation::writeTo(const QString& path)
{
    if (m_writing)
        return;
    m_writing = true;
    m_job = std::make_shared<Job>();
    const QPointer<CarryStation> self(this);
    m_job->told = [self](double f, const QString& note) {
        if (self)
            QMetaObject::invokeMethod(self, [self, f, note] {
                if (!self)
                    return;
                self->m_bar->setValue(int(100 * f));
                self->m_bar->setFormat(note);
            });
    };
    m_bar->show();
    m_cancel->show();
    m_write->setEnabled(false);
    output::SheetJob sheets;
    sheets.project = project();
    sheets.withGrid = m_grid->isChecked();
    sheets.content = output::SheetContent(m_what->currentIndex());
    const int width = sheets.content == output::SheetContent::Picture ? output::printWidthPx(project()) : 2000;
    auto* watcher = new QFutureWatcher<QString>(this);
    connect(watcher, &QFutureWatcher<QString>::finished, this, [this, watcher, path] {
        watcher->deleteLater();
        m_writing = false;
        m_bar->hide();
        m_cancel->hide();
        m_write->setEnabled(true);
        const QString problem = watcher->result();
        emit work.notice(problem.isEmpty()
                ? tr("The sheets are in %1. Print them at 100 % and measure the ruler on each.").arg(path)
                : problem);
        emit written(problem.isEmpty());
    });
    watcher->setFuture(
        QtConcurrent::run(jobs(), [sheets, width, path, job = m_job, &cache = work.light.surfaces()]() mutable {
            const auto done = guarded([&]() -> Result<Done> {
                const auto frame = stage::compose(sheets.project, width, cache, *job);
                if (!frame)
                    return Error{Kind::Cancelled, "The sheets were not written.", {}};
                light::Relighter relighter;
                sheets.picture = relighter.light(frame, sheets.project.lights);
                return output::writeSheets(sheets, path, *job);
            });
            return done ? QString() : QString::fromStdString(done.error().sentence);
        }));
}

void CarryStation::refresh()
{
    const Project& p = project();
    const QSignalBlocker a(m_paper), b(m_side);
    m_paper->setCurrentText(QString::fromStdString(p.sheets.paper));
    setQuietly(m_overlap, 10 * p.sheets.overlapCm);
    m_side->clear();
    const bool inch = p.brief.unit == LengthUnit::Inch;
    const double chosen = transfer::chosenSideCm(p.brief.widthCm, p.brief.heightCm, p.brief.unit);
    m_side->addItem(inch ? tr("chosen: %1 in").arg(chosen / 2.54) : tr("chosen: %1 cm").arg(chosen), 0.0);
    for (const double s :
        inch ? std::vector<double>{1.27, 2.54, 5.08, 10.16} : std::vector<double>{1, 2, 2.5, 5, 10, 20})
        m_side->addItem(inch ? tr("%1 in").arg(s / 2.54) : tr("%1 cm").arg(s), s);
    m_side->setCurrentIndex(std::max(0, m_side->findData(p.sheets.gridCm)));
    if (work.lit && m_linesFrom != work.lit.get() && m_bench->isVisible()) {
        m_linesFrom = work.lit.get();
        const auto lit = work.lit;
        auto* watcher = new QFutureWatcher<std::vector<transfer::Stroke>>(this);
        connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher] {
            m_lines = watcher->result();
            watcher->deleteLater();
            emit work.heldChanged();
        });
        watcher->setFuture(QtConcurrent::run(jobs(),
            [lit] { return transfer::lineArt(lit->picture.colour, lit->picture.ids, lit->picture.pixelsPerCm); }));
    }
    const auto plan = transfer::tilesOf(p);
    const auto grid = transfer::gridOf(p);
    m_says->setText(tr("%1 sheets of %2 in %3 columns and %4 rows, and a map of them. Grid: %5 × %6 squares of %7 cm; "
                       "along the upper edge mark every %7 cm from the left, down the side every %7 cm from the top.")
                        .arg(plan.tiles.size())
                        .arg(QString::fromStdString(p.sheets.paper))
                        .arg(plan.columns)
                        .arg(plan.rows)
                        .arg(grid.columns)
                        .arg(grid.rows)
                        .arg(grid.sideCm, 0, 'g', 3));
}

QImage CarryStation::replacement()
{
    if (m_what->currentIndex() == 1)
        return {};
    QImage blank(8, 8, QImage::Format_RGB32);
    blank.fill(QColor(0xfd, 0xfc, 0xfa));
    return blank;
}

void CarryStation::paintOver(QPainter& p, const Board& board)
{
    p.setBrush(Qt::NoBrush);
    if (m_what->currentIndex() == 0) {
        for (const transfer::Stroke& s : m_lines) {
            QPolygonF line;
            for (const Vec2 v : s.points)
                line << board.toScreen(v);
            p.setPen(QPen(s.contour ? theme::kInk : QColor(0x6e, 0x6e, 0x6e), s.contour ? 1.5 : 0.9));
            s.closed ? p.drawPolygon(line) : p.drawPolyline(line);
        }
    }
    const auto grid = transfer::gridOf(project());
    if (m_grid->isChecked() || m_what->currentIndex() == 2) {
        p.setPen(QPen(QColor(70, 90, 120, 150), 1));
        p.setFont(theme::text(11));
        for (const double x : grid.xs)
            p.drawLine(board.toScreen(Vec2{x, 0}), board.toScreen(Vec2{x, grid.ys.back()}));
        for (const double y : grid.ys)
            p.drawLine(board.toScreen(Vec2{0, y}), board.toScreen(Vec2{grid.xs.back(), y}));
        p.setPen(QColor(50, 65, 95));
        for (int c = 0; c < grid.columns; ++c)
            p.drawText(board.toScreen(Vec2{grid.xs[std::size_t(c)], 0}) + QPointF(4, 13),
                QString::fromStdString(grid.column(c)));
        for (int r = 1; r < grid.rows; ++r)
            p.drawText(board.toScreen(Vec2{0, grid.ys[std::size_t(r)]}) + QPointF(4, 13), QString::number(r + 1));
    }
    // Sheets as they come out of the printer, with the shared strips laid over each other.
    const auto plan = transfer::tilesOf(project());
    for (const auto& t : plan.tiles) {
        const QRectF r = board.toScreen(t.canvas);
        p.setPen(QPen(theme::kAccent, 1.2, Qt::DashLine));
        p.drawRect(r.adjusted(1, 1, -1, -1));
        const QString name = QString::fromStdString(grid.column(t.column)) + QString::number(t.row + 1);
        p.setFont(theme::heading(18));
        const QRectF tag(r.center().x() - 17, r.center().y() - 12, 34, 24);
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(246, 245, 242, 215));
        p.drawRoundedRect(tag, 4, 4);
        p.setBrush(Qt::NoBrush);
        p.setPen(theme::kAccent);
        p.drawText(tag, Qt::AlignCenter, name);
    }
}

} // namespace rl::app
