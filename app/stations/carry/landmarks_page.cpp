#include "app/stations/carry/landmarks_page.h"
#include "app/theme/theme.h"
#include "core/transfer/grid.h"
#include <QHeaderView>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace rl::app {

/// A click near a landmark takes it in hand.
class LandmarksPage::Pick final : public Tool {
public:
    Pick(Desk& desk, CarryState& state, LandmarksPage& page)
        : m_desk(desk)
        , m_state(state)
        , m_page(page)
    {
    }
    bool press(const BoardPoint& p) override
    {
        const CarryState::Drawn* d = m_state.drawn();
        if (!d)
            return false;
        const auto canvas = transfer::canvasPlanOf(m_desk.project());
        double nearest = 14 * p.px;
        int found = -1;
        for (std::size_t i = 0; i < d->landmarks.points.size(); ++i)
            if (const double l = (canvas.toPlan(d->landmarks.points[i].at) - p.at).length(); l < nearest)
                nearest = l, found = int(i);
        if (found < 0 || found >= m_page.m_list->topLevelItemCount())
            return false;
        m_page.m_list->setCurrentItem(m_page.m_list->topLevelItem(found));
        return true;
    }

private:
    Desk& m_desk;
    CarryState& m_state;
    LandmarksPage& m_page;
};

LandmarksPage::~LandmarksPage() = default;

std::vector<Tool*> LandmarksPage::tools()
{
    return {m_pick.get()};
}

LandmarksPage::LandmarksPage(Desk& desk, StationView& view)
    : CarryPage(desk, view, tr("Landmarks"), tr("The points that fix the drawing best, each found with a ruler"))
    , m_pick(std::make_unique<Pick>(desk, m_state, *this))
    , m_list(new QTreeWidget)
{
    m_marks.shows.lines = m_marks.shows.landmarks = true;
    m_list->setObjectName("landmarks");
    m_list->setAccessibleName(tr("Landmarks"));
    m_list->setHeaderLabels({tr("point"), tr("across"), tr("down"), tr("to others")});
    m_list->setRootIsDecorated(false);
    m_list->setUniformRowHeights(true);
    m_list->setFixedHeight(theme::px(150));
    m_list->header()->setStretchLastSection(true);
    for (int c = 0; c < 3; ++c)
        m_list->header()->setSectionResizeMode(c, QHeaderView::ResizeToContents);
    m_list->setParent(this);
    m_list->hide();
    connect(m_list, &QTreeWidget::currentItemChanged, this, [this](QTreeWidgetItem* item) {
        m_marks.landmark = item ? m_list->indexOfTopLevelItem(item) : -1;
        emit m_desk.overlayChanged();
    });
    connect(m_list, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem* item, int column) {
        if (!m_filling && column == 0)
            m_state.setTraced(CarryState::landmarkName(int(m_list->indexOfTopLevelItem(item) + 1)),
                item->checkState(0) == Qt::Checked);
    });
    m_form->mainButton(
        "writeLandmarks", tr("Print list…"), tr("A PDF: the plan with its points, and how to find each"),
        [this] {
            if (const QString path = askPath(tr("Landmarks"), "landmarks.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                writeTo(path);
        },
        [this] { return !m_write.running(); });
    m_form->button("nextLandmark", tr("Next unticked"), tr("Goes to the next landmark that is not ticked (])"),
        [this] { step(1); });
    m_form->button(
        "tickLandmark", tr("Tick landmark"), tr("It is on the canvas (T)"), [this] { tickHeld(); },
        [this] { return m_marks.landmark >= 0; });
    addWriting();
}

void LandmarksPage::step(int by)
{
    const int n = m_list->topLevelItemCount();
    for (int i = 1, at = m_marks.landmark; i <= n; ++i) {
        at = (at + by + n) % n;
        if (!m_state.traced(CarryState::landmarkName(at + 1))) {
            m_list->setCurrentItem(m_list->topLevelItem(at));
            return;
        }
    }
}

void LandmarksPage::tickHeld()
{
    const std::string name = CarryState::landmarkName(int(m_marks.landmark + 1));
    if (m_marks.landmark >= 0)
        m_state.setTraced(name, !m_state.traced(name));
}

QWidget* LandmarksPage::over()
{
    return m_list;
}

void LandmarksPage::refresh()
{
    CarryPage::refresh();
    fill();
}

void LandmarksPage::fill()
{
    const CarryState::Drawn* d = m_state.drawn();
    if (!d)
        return;
    m_filling = true;
    const auto ruler
        = [this](double cm) { return QString::fromStdString(transfer::onRuler(cm, project().brief.unit)); };
    if (m_filledFrom != d || m_list->topLevelItemCount() != int(d->landmarks.points.size())) {
        m_list->clear();
        for (std::size_t i = 0; i < d->landmarks.points.size(); ++i) {
            const auto& l = d->landmarks.points[i];
            auto* item = new QTreeWidgetItem({tr("%1  %2").arg(i + 1).arg(QString::fromStdString(l.name)),
                tr("%1 from the %2").arg(ruler(l.across), l.fromRight ? tr("right") : tr("left")),
                tr("%1 from the %2").arg(ruler(l.down), l.fromBottom ? tr("bottom") : tr("top")),
                l.near[0] < 0 ? QString()
                              : tr("%1 to %2, %3 to %4")
                                    .arg(ruler(l.toNear[0]))
                                    .arg(l.near[0] + 1)
                                    .arg(ruler(l.toNear[1]))
                                    .arg(l.near[1] + 1)});
            item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
            m_list->addTopLevelItem(item);
        }
        m_filledFrom = d;
    }
    for (int i = 0; i < m_list->topLevelItemCount(); ++i)
        m_list->topLevelItem(i)->setCheckState(
            0, m_state.traced(CarryState::landmarkName(int(i + 1))) ? Qt::Checked : Qt::Unchecked);
    m_filling = false;
}

void LandmarksPage::writeTo(const QString& path)
{
    write(tr("The landmarks are in %1.").arg(path), [this, p = project(), path](Progress& progress) -> Result<Done> {
        const auto job = output::sheetJob(p, output::SheetContent::Landmarks, false, m_desk.surfaces(), progress);
        return job ? output::writeSheets(*job, path, progress) : Result<Done>(job.error());
    });
}

QString LandmarksPage::says() const
{
    const CarryState::Drawn* d = m_state.drawn();
    if (!d)
        return tr("Looking for landmarks…");
    const auto& all = d->landmarks;
    int done = 0;
    for (std::size_t i = 0; i < all.points.size(); ++i)
        done += m_state.traced(CarryState::landmarkName(int(i + 1)));
    QString s = tr("<b>%n landmarks</b>, %1 on the canvas.", nullptr, int(all.points.size())).arg(done);
    const auto ruler
        = [this](double cm) { return QString::fromStdString(transfer::onRuler(cm, project().brief.unit)); };
    for (std::size_t i = 0; i < all.spans.size() && i < 2; ++i) {
        const auto& span = all.spans[i];
        s += tr(" From %1 (%2) to %3 (%4) must be %5.")
                 .arg(QString::fromStdString(all.points[std::size_t(span.first)].name).toHtmlEscaped())
                 .arg(span.first + 1)
                 .arg(QString::fromStdString(all.points[std::size_t(span.second)].name).toHtmlEscaped())
                 .arg(span.second + 1)
                 .arg(ruler(span.cm));
    }
    return s;
}

} // namespace rl::app
