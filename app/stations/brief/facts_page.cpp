#include "app/stations/brief/facts_page.h"
#include "app/theme/theme.h"
#include "core/project/brief_edits.h"
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>

namespace rl::app {

FactsPage::FactsPage(Desk& desk)
    : Page(
        desk, tr("Facts"), tr("Counts, hands, patterns, habits of dress that must be right: ticked off before signing"))
    , m_words(new QLineEdit)
    , m_source(new QLineEdit)
    , m_list(new QWidget)
    , m_rows(new QVBoxLayout(m_list))
    , m_pick(desk)
{
    const auto field = [](QLineEdit* e, const char* name, const QString& hint, const QString& tip, int wide) {
        e->setObjectName(name);
        e->setPlaceholderText(hint);
        e->setToolTip(tip);
        e->setAccessibleName(tip);
        e->setFixedWidth(theme::px(wide));
    };
    field(m_words, "newFact", tr("what must be right…"), tr("A fact: seven spokes, the thumb on the right side"), 250);
    field(m_source, "factSource", tr("how it is known…"), tr("Where you know it from"), 220);
    m_form->add(m_words);
    m_form->add(m_source);
    m_form->button("addFact", tr("Add the fact"),
        tr("Links it to the selected element; you are reminded while that is placed, cut or lit, and before signing"),
        [this] { add(); });
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setSpacing(2);
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_list);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setObjectName("factsScroll");
    layout()->addWidget(scroll);
    connect(m_words, &QLineEdit::returnPressed, this, [this] { m_source->setFocus(); });
    connect(m_source, &QLineEdit::returnPressed, this, &FactsPage::add);
}

void FactsPage::add()
{
    const QString words = m_words->text().trimmed();
    if (words.isEmpty())
        return;
    const Element* e = m_desk.heldElement();
    Fact f{0, words.toStdString(), m_source->text().trimmed().toStdString(), e ? e->id : 0, false};
    m_words->clear(), m_source->clear();
    m_words->setFocus();
    m_desk.edit(tr("Add a fact"), edits::withFact(project(), std::move(f)));
}

void FactsPage::fill()
{
    if (m_shown == project().brief.facts && m_rows->count())
        return;
    m_shown = project().brief.facts;
    while (QLayoutItem* item = m_rows->takeAt(0)) {
        if (item->widget())
            item->widget()->deleteLater();
        delete item;
    }
    for (const Fact& f : m_shown) {
        auto* row = new QWidget;
        auto* line = new QHBoxLayout(row);
        line->setContentsMargins(0, 0, 0, 0);
        const Element* e = project().element(f.element);
        auto* box = new QCheckBox(
            QString::fromStdString(f.words) + (e ? "  ·  " + QString::fromStdString(e->name) : QString()));
        box->setObjectName(QString("fact%1").arg(f.id));
        box->setChecked(f.checked);
        box->setToolTip(tr("Ticked: it has been checked in the picture"));
        auto* source = new QLabel(f.source.empty() ? tr("no source yet") : QString::fromStdString(f.source));
        source->setProperty("role", "hint");
        auto* away = new QPushButton(tr("Remove"));
        away->setObjectName(QString("dropFact%1").arg(f.id));
        away->setToolTip(tr("This fact is forgotten"));
        line->addWidget(box);
        line->addWidget(source, 1);
        line->addWidget(away);
        connect(box, &QCheckBox::toggled, this, [this, id = f.id](bool on) {
            m_desk.edit(
                on ? tr("Tick a fact off") : tr("Open a fact again"), edits::withFactChecked(project(), id, on));
        });
        connect(away, &QPushButton::clicked, this,
            [this, id = f.id] { m_desk.edit(tr("Take a fact away"), edits::withoutFact(project(), id)); });
        m_rows->addWidget(row);
    }
    if (m_shown.empty()) {
        auto* none
            = new QLabel(tr("No fact is written down yet. Name what strangers would see is wrong: a count, a hand, a "
                            "pattern, an old habit of dress."));
        none->setWordWrap(true);
        none->setProperty("role", "hint");
        m_rows->addWidget(none);
    }
    m_rows->addStretch(1);
    if (auto* scroll = findChild<QScrollArea*>("factsScroll"))
        scroll->setFixedHeight(std::clamp(int(m_shown.size()) * theme::px(36) + 4, theme::px(60), theme::px(184)));
}

void FactsPage::refresh()
{
    fill();
    Page::refresh();
}

QString FactsPage::says() const
{
    const auto& all = project().brief.facts;
    const auto open = std::count_if(all.begin(), all.end(), [](const Fact& f) { return !f.checked; });
    if (all.empty())
        return {};
    const Element* e = m_desk.heldElement();
    return tr("%1 of %2 checked.").arg(int(all.size()) - int(open)).arg(all.size())
        + (e ? tr(" A new one is tied to <b>%1</b>.").arg(QString::fromStdString(e->name).toHtmlEscaped()) : QString());
}

} // namespace rl::app
