#include "app/stations/read/order_page.h"
#include <QCheckBox>
#include <QProgressBar>
#include <QVBoxLayout>

namespace rl::app {

OrderPage::OrderPage(Desk& desk)
    : Page(desk, tr("Reading order"),
        tr("The smallest changes of light, place and tone that make the measured order the intended one"))
    , m_list(new QWidget)
    , m_rows(new QVBoxLayout(m_list))
    , m_bar(new QProgressBar)
    , m_found(desk.jobs)
{
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setSpacing(2);
    const auto any = [this] { return holds() && !m_switches.empty() && !m_found.running(); };
    m_form->mainButton(
        "putInOrder", tr("Find smallest change"),
        tr("First what light can do, then size and place, then tone, within what a painter would accept. Takes some "
           "seconds; nothing is changed by it"),
        [this] { find(); }, [this] { return !m_found.running(); });
    m_form->add(m_bar, [this] { return m_found.running(); });
    m_form->button(
        "stopOrder", tr("Stop"), tr("Cancels the search"), [this] { m_found.stop(); },
        [this] { return m_found.running(); });
    m_form->latch(
        "tryOrder", tr("Preview"), tr("The board shows how it is and how it would be; nothing is changed"),
        [this](bool on) { tryIt(on); }, any);
    m_form->mainButton(
        "keepOrder", tr("Apply changes"), tr("Applies what is switched on, as one step; Ctrl+Z undoes it"),
        [this] { keep(); }, any);
    m_bar->setFixedWidth(180);
    static_cast<QVBoxLayout*>(layout())->addWidget(m_list);
    connect(&m_found, &JobBase::done, this, &OrderPage::take);
    connect(&m_found, &JobBase::progressed, this, [this](double f, const QString&) { m_bar->setValue(int(100 * f)); });
    connect(&m_desk, &Desk::trialChanged, this, [this] { refresh(); });
}

bool OrderPage::holds() const
{
    return m_found.last() && m_revision == m_desk.document.revision();
}

void OrderPage::find()
{
    m_desk.tryOut({});
    m_bar->setValue(0);
    m_revision = m_desk.document.revision();
    m_found.forget();
    m_found.ask(
        m_revision,
        [p = project(), &cache = m_desk.surfaces()](
            Progress& progress) -> Result<review::PutRight> { return review::putRight(p, cache, progress); },
        Lane::Long);
    take();
}

void OrderPage::take()
{
    qDeleteAll(m_switches);
    m_switches.clear();
    if (holds())
        for (const review::Remedy& r : m_found.last()->remedies) {
            auto* box = new QCheckBox(QString::fromStdString(r.words));
            box->setObjectName(QString("remedy%1").arg(m_switches.size()));
            box->setChecked(true);
            box->setToolTip(tr("Off: this one is left out"));
            connect(box, &QCheckBox::toggled, this, [this] {
                if (m_desk.trial())
                    tryIt(true);
                refresh();
            });
            m_rows->addWidget(box);
            m_switches.push_back(box);
        }
    refresh();
    emit saysChanged();
}

std::optional<Project> OrderPage::changed() const
{
    std::vector<bool> on;
    for (const QCheckBox* box : m_switches)
        on.push_back(box->isChecked());
    if (!holds() || std::none_of(on.begin(), on.end(), [](bool b) { return b; }))
        return {};
    return review::withRemedies(project(), m_found.last()->remedies, on);
}

void OrderPage::tryIt(bool on)
{
    auto after = on ? changed() : std::nullopt;
    if (after)
        m_desk.tryOut(Desk::Trial{"read.put-in-order", tr("put in order"), *std::move(after)});
    else
        m_desk.tryOut({});
}

void OrderPage::keep()
{
    if (auto after = changed())
        m_desk.edit(tr("Reading order"), *std::move(after));
}

void OrderPage::left()
{
    m_desk.tryOut({});
}

void OrderPage::refresh()
{
    if (!m_found.running() && !holds() && !m_switches.empty()) { // the work has changed since
        qDeleteAll(m_switches);
        m_switches.clear();
    }
    Page::refresh();
    m_list->setVisible(!m_switches.empty());
    auto* look = m_form->findChild<QPushButton*>("tryOrder");
    const bool tried = m_desk.trial() && m_desk.trial()->finding == "read.put-in-order";
    if (look && look->isChecked() != tried) {
        const QSignalBlocker quiet(look);
        look->setChecked(tried);
    }
}

QString OrderPage::says() const
{
    if (m_found.running())
        return tr("Trying lights, places and tones…");
    if (!holds())
        return tr("The intended order is that of the cast in the Brief. What is found can be seen first, and switched "
                  "off one by one.");
    const review::PutRight& r = *m_found.last();
    if (r.already)
        return r.margin >= 1.1 || r.margin == 0
            ? tr("It is in order already: nothing needs to change.")
            : tr("It is in order already, but only just (%1 to 1); nothing is changed for that.")
                  .arg(r.margin, 0, 'f', 2);
    if (r.solved)
        return tr("With these it is in order; the closest pair stands %1 to 1. By contrast alone: it does not know "
                  "faces or meaning.")
            .arg(r.margin, 0, 'f', 2);
    QStringList against, nearest;
    for (const std::string& words : r.against)
        against << QString::fromStdString(words);
    for (const review::Remedy& remedy : r.nearest)
        nearest << QString::fromStdString(remedy.words);
    return tr("It cannot be had within what a painter would accept (12 L*, contrast and saturation 0.6 to 1.6 times). "
              "Against it: %1.%2")
        .arg(
            against.join("; "), nearest.isEmpty() ? QString() : tr(" Nearest would come: %1.").arg(nearest.join("; ")));
}

} // namespace rl::app
