#include "app/stations/read/apart_page.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/base/words.h"
#include "output/read_sheets.h"
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QPainter>

namespace rl::app {

/// A click names the part under it.
class ApartPage::Click final : public Tool {
public:
    explicit Click(ApartPage& page)
        : m_page(page)
    {
    }
    bool press(const BoardPoint& p) override
    {
        const auto* s = m_page.study();
        if (!s)
            return false;
        const int x = int(p.at.x * s->picture.pixelsPerCm), y = int(p.at.y * s->picture.pixelsPerCm);
        const int id = s->picture.ids.contains(x, y) ? s->picture.ids.at(x, y) : 0;
        if (id)
            QMetaObject::invokeMethod(
                &m_page, [this, id] { m_page.name(id); }, Qt::QueuedConnection);
        return id != 0;
    }

private:
    ApartPage& m_page;
};

/// Outlines of the parts, each with its rank; thirds and the eye level.
class ApartPage::Marks final : public Overlay {
public:
    explicit Marks(const ApartPage& page)
        : m_page(page)
    {
    }
    bool shown() const override { return m_page.study() != nullptr; }
    void paint(QPainter& p, const Board& board) const override
    {
        const review::PictureStudy& s = *m_page.study();
        const double k = s.picture.pixelsPerCm;
        const QRectF whole = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()});
        if (m_outlineOf != &s) {
            m_outlineOf = &s;
            m_outline = QImage(s.picture.ids.width(), s.picture.ids.height(), QImage::Format_ARGB32);
            m_outline.fill(Qt::transparent);
            for (int y = 1; y < m_outline.height(); ++y)
                for (int x = 1; x < m_outline.width(); ++x)
                    if (s.picture.ids.at(x, y) != s.picture.ids.at(x - 1, y)
                        || s.picture.ids.at(x, y) != s.picture.ids.at(x, y - 1))
                        m_outline.setPixel(x, y, qRgba(255, 255, 255, 190));
        }
        p.drawImage(whole, m_outline);
        p.setPen(QPen(QColor(255, 255, 255, 120), 1, Qt::DotLine));
        for (const double t : {1 / 3.0, 2 / 3.0}) {
            p.drawLine(QPointF(whole.left() + t * whole.width(), whole.top()),
                QPointF(whole.left() + t * whole.width(), whole.bottom()));
            p.drawLine(QPointF(whole.left(), whole.top() + t * whole.height()),
                QPointF(whole.right(), whole.top() + t * whole.height()));
        }
        if (s.eyeLevel) {
            const double y = board.toScreen(Vec2{0, *s.eyeLevel / k}).y();
            p.setPen(QPen(theme::kGlow, 1.6));
            p.drawLine(QPointF(whole.left(), y), QPointF(whole.right(), y));
        }
        int rank = 0;
        p.setFont(theme::text(12));
        for (const int id : s.attention.order)
            for (const reading::Region& r : s.regions)
                if (r.id == id)
                    paintLabel(p, board.toScreen(Vec2{r.middle.x / k, r.middle.y / k}),
                        QString("%1 · %2, %3 %")
                            .arg(++rank)
                            .arg(QString::fromStdString(r.name))
                            .arg(100 * s.attention.share.at(id), 0, 'f', 0));
    }

private:
    const ApartPage& m_page;
    mutable QImage m_outline;
    mutable const review::PictureStudy* m_outlineOf = nullptr;
};

ApartPage::ApartPage(Desk& desk)
    : Page(desk, tr("Analysis"), tr("Takes the picture apart to learn from it: its parts, lines, values and glances"))
    , m_study(desk.jobs)
    , m_sheet(desk.jobs)
    , m_click(std::make_unique<Click>(*this))
    , m_marks(std::make_unique<Marks>(*this))
{
    m_form->mainButton(
        "study", tr("Analyse picture"),
        tr("Finds what hangs together by colour, ranks it, and looks for lines. A second or two"),
        [this] {
            m_asked = true;
            m_names.clear();
            m_study.forget();
            ask();
        },
        [this] { return !m_study.running(); });
    m_form->button(
        "stopStudy", tr("Stop"), tr("Cancels"), [this] { m_study.stop(); }, [this] { return m_study.running(); });
    m_form->value(
        {"studyParts", {}, tr("Into how many parts it is taken, 2 to 60"), {}}, NumberFormat{1, tr(" parts"), 0, 1}, 2,
        60, [this] { return std::optional(double(m_regions)); },
        [this](double v, int) {
            m_regions = int(v);
            if (m_asked)
                ask();
        });
    m_form->button(
        "studySheet", tr("Study sheet…"), tr("One page to hang beside the easel, as a PDF"), [this] { sheet(); },
        [this] { return study() != nullptr; });
    connect(&m_study, &JobBase::done, this, [this] {
        refresh();
        emit m_desk.overlayChanged();
        emit saysChanged();
    });
    connect(&m_sheet, &JobBase::done, this, [this] {
        if (!m_sheet.problem() && m_sheet.last())
            m_desk.notices.say(*m_sheet.last());
    });
}

ApartPage::~ApartPage() = default;

JobKey ApartPage::key() const
{
    return std::tuple(m_desk.document.revision(), m_regions, m_names);
}

const review::PictureStudy* ApartPage::study() const
{
    const auto* s = m_study.answer(key());
    return s ? s->get() : nullptr;
}

void ApartPage::ask()
{
    if (!m_desk.review)
        return;
    const Brief& b = project().brief;
    m_study.ask(
        key(),
        [seen = m_desk.review, n = m_regions, names = m_names,
            v = reading::Viewing{b.widthCm, b.heightCm, b.viewingDistanceCm}](
            Progress& progress) -> Result<std::shared_ptr<review::PictureStudy>> {
            auto s = std::make_shared<review::PictureStudy>(
                review::studyOf(seen->picture.colour, {}, names, v, n, progress));
            if (s->picture.colour.empty())
                return Error{ErrorKind::Cancelled, rl::tr("The study was cancelled."), {}};
            return s;
        },
        Lane::Long);
    refresh();
    emit saysChanged();
}

void ApartPage::name(int region)
{
    const auto* s = study();
    if (!s)
        return;
    bool ok = false;
    const QString words = QInputDialog::getText(
        this, tr("Name it"), tr("What is it?"), QLineEdit::Normal, QString::fromStdString(s->name(region)), &ok)
                              .trimmed();
    if (!ok || words.isEmpty())
        return;
    m_names[region] = words.toStdString();
    ask();
}

void ApartPage::sheet()
{
    const auto* held = m_study.answer(key());
    if (!held)
        return;
    const QString path
        = QFileDialog::getSaveFileName(this, tr("Save the study sheet"), tr("study.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    m_sheet.forget();
    m_sheet.ask(
        path,
        [s = *held, path, title = tr("Study: %1").arg(QString::fromStdString(project().brief.title))](
            Progress&) -> Result<QString> {
            const auto done = output::writeStudySheet(*s, title, path);
            return done ? Result<QString>(tr("The study sheet is saved as %1.").arg(QFileInfo(path).fileName()))
                        : Result<QString>(done.error());
        },
        Lane::Long);
}

void ApartPage::refresh()
{
    Page::refresh();
}

std::vector<Tool*> ApartPage::tools()
{
    return {m_click.get()};
}
std::vector<Overlay*> ApartPage::overlays()
{
    return {m_marks.get()};
}

QString ApartPage::says() const
{
    if (m_study.running())
        return tr("Finding what hangs together…");
    const auto* s = study();
    if (!s)
        return tr("Works on any picture: a work of its own is made of one by “Take it apart” on the wall of Gather.");
    const auto told = review::sentencesOf(*s);
    return told.empty() ? QString()
                        : QString::fromStdString(told.front()).toHtmlEscaped() + " " + tr("Click a part to name it.");
}

} // namespace rl::app
