#include "app/stations/paint/record_page.h"
#include "app/theme/theme.h"
#include "core/project/brief_edits.h"
#include "core/project/painting_edits.h"
#include "core/schedule/paint_rules.h"
#include "output/work_sheets.h"
#include "store/picture_reader.h"
#include <QTreeWidget>
#include <nlohmann/json.hpp>

namespace rl::app {

class RecordPage::SignTool final : public Tool {
public:
    explicit SignTool(RecordPage& page)
        : m_page(page)
    {
    }
    QString hint() const override { return RecordPage::tr("Click where the signature goes."); }
    bool press(const BoardPoint& p) override
    {
        m_page.m_desk.edit(RecordPage::tr("Place the signature"), edits::withSignature(m_page.project(), p.at));
        return true;
    }

private:
    RecordPage& m_page;
};

RecordPage::RecordPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Record"), tr("Facts checked, signature, varnish, the record that goes with the work"))
    , m_sign(std::make_unique<SignTool>(*this))
    , m_facts(new QTreeWidget)
{
    m_marks.signature = true;
    m_form->latch("placeSignature", tr("Place the signature"),
        tr("Click on the picture; you are warned if it is too near the frame"), [this](bool on) {
            m_signing = on;
            emit lookChanged();
        });
    m_form->line(painting(), &Painting::signature,
        {"signature", tr("signed"), tr("As it stands on the canvas and in the record"), tr("Write the signature")},
        160);
    m_form->mainButton(
        "writeRecord", tr("Record…"),
        tr("A PDF or JSON: size, ground, medium, paints with lightfastness, hours, stages, credits, cost"),
        [this] {
            if (const QString path = askPath(tr("Record"), "record.pdf", tr("PDF (*.pdf);;JSON (*.json)"));
                !path.isEmpty())
                writeRecord(path);
        },
        [this] { return m_state.work.plan() && !m_write.running(); });
    m_form->button(
        "writeLog", tr("Log as CSV…"), tr("Every span of work, decision and photograph in one table"), [this] {
            if (const QString path = askPath(tr("Log"), "log.csv", tr("CSV (*.csv)")); !path.isEmpty())
                writeLog(path);
        });
    addWriting();
    m_facts->setObjectName("factChecks");
    m_facts->setAccessibleName(tr("Facts to check before signing"));
    m_facts->setHeaderLabels({tr("must be right"), tr("source")});
    m_facts->setRootIsDecorated(false);
    m_facts->hide();
    connect(m_facts, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem* item, int column) {
        if (!m_filling && column == 0)
            m_desk.edit(tr("Check a fact"),
                edits::withFactChecked(
                    project(), item->data(0, Qt::UserRole).toInt(), item->checkState(0) == Qt::Checked));
    });
}

RecordPage::~RecordPage() = default;

QWidget* RecordPage::beside()
{
    return m_facts;
}

std::vector<Tool*> RecordPage::tools()
{
    return m_signing ? std::vector<Tool*>{m_sign.get()} : std::vector<Tool*>{};
}

void RecordPage::refresh()
{
    PaintPage::refresh();
    m_filling = true;
    m_facts->clear();
    for (const Fact& f : project().brief.facts) {
        auto* item = new QTreeWidgetItem(m_facts, {said(f.words), said(f.source)});
        item->setCheckState(0, f.checked ? Qt::Checked : Qt::Unchecked);
        item->setData(0, Qt::UserRole, f.id);
        item->setToolTip(0, said(f.words));
    }
    m_facts->resizeColumnToContents(0);
    m_filling = false;
}

void RecordPage::writeRecord(const QString& path)
{
    auto work = m_state.work.current();
    if (!work)
        return;
    std::vector<std::pair<QString, QImage>> stages;
    if (const auto* plan = m_state.work.plan())
        for (int i = 0; i < int(plan->sittings.size()); i += std::max(1, int(plan->sittings.size()) / 8))
            if (const QImage small = m_state.work.small(i); !small.isNull())
                stages.emplace_back(said(schedule::daySaid(plan->sittings[std::size_t(i)].free.from)), small);
    if (const auto* s = m_state.photos.compared(); s && !s->squared.empty())
        stages.insert(stages.begin(), {tr("the canvas"), imageOf(s->squared)});
    write(tr("The record is in %1.").arg(path),
        [work = std::move(*work), plan = *m_state.work.plan(), stages, path](Progress&) -> Result<Done> {
            if (!path.endsWith(".json"))
                return output::writeRecord(work, plan, stages, path);
            const std::string s
                = output::recordOf(work, plan).dump(2, ' ', false, nlohmann::json::error_handler_t::replace);
            return store::writeFile(path.toStdString(), std::vector<unsigned char>(s.begin(), s.end()));
        });
}

void RecordPage::writeLog(const QString& path)
{
    write(tr("The log is in %1.").arg(path), [csv = schedule::csvOf(project()), path](Progress&) {
        return store::writeFile(path.toStdString(), std::vector<unsigned char>(csv.begin(), csv.end()));
    });
}

QString RecordPage::says() const
{
    int open = 0;
    for (const Fact& f : project().brief.facts)
        open += !f.checked;
    const double days = project().painting.varnishDays >= 0 ? project().painting.varnishDays
                                                            : schedule::varnishDaysOf(schedule::mediumOf(project()));
    return tr("%1 of %2 facts checked; %3 h logged in %4 sittings; %5")
        .arg(project().brief.facts.size() - std::size_t(open))
        .arg(project().brief.facts.size())
        .arg(m_state.work.plan() ? m_state.work.plan()->loggedHours : 0, 0, 'f', 1)
        .arg(project().painting.sittings.size())
        .arg(days > 0 ? tr("varnish %1 days after the last stroke, window open, no flame; read the safety data sheet.")
                            .arg(days, 0, 'f', 0)
                      : tr("not varnished: framed behind glass."));
}

} // namespace rl::app
