#include "app/stations/read/what_if_page.h"
#include "app/theme/theme.h"
#include "core/project/takes.h"
#include "core/review/put_right.h"
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

WhatIfPage::WhatIfPage(Desk& desk)
    : Page(desk, tr("What if"),
        tr("Lights lighter, darks darker, more or less colour: tried on the picture, kept as a take or not"))
    , m_made(desk.jobs)
    , m_kept(desk.jobs)
    , m_figures(new QLabel)
{
    m_form->check(
        {"whatIfHeld", tr("only selected element"), tr("The adjustment applies to the selected element alone"), {}},
        [this] { return m_desk.element() ? std::optional(!m_whole) : std::nullopt; },
        [this](bool on) {
            m_whole = !on;
            changed();
        });
    number("whatIfLights", tr("lights"), tr("Lightens what is lighter than the middle (value, 0 to 100)"),
        &reading::Touch::lights, 40, " L*");
    number("whatIfDarks", tr("darks"), tr("Lightens what is darker than the middle; below 0 darkens it"),
        &reading::Touch::darks, 40, " L*");
    number(
        "whatIfAll", tr("everything"), tr("Lightens everything; below 0 darkens it"), &reading::Touch::dL, 30, " L*");
    m_form->value(
        {"whatIfSaturation", tr("colour"), tr("Multiplies colour strength; 1 leaves it as it is"), {}},
        NumberFormat{1, QString(" ") + QChar(0xd7), 2, 0.1}, 0.1, 2.2, [this] { return std::optional(m_saturation); },
        [this](double v, int) {
            m_saturation = v;
            changed();
        });
    number("whatIfWarm", tr("warmth"), tr("Warmer above 0, cooler below"), &reading::Touch::warm, 30, " b*");
    m_form->mainButton(
        "whatIfTake", tr("Keep as a take"), tr("Another take with these tones; the present one stays"),
        [this] { keep(true); }, [this] { return touch().any(); });
    m_form->button(
        "whatIfDo", tr("Apply to this take"), tr("Changes the tones of this take, as one step"),
        [this] { keep(false); }, [this] { return touch().any(); });
    m_form->button(
        "whatIfDrop", tr("Discard"), tr("Back to the picture as it is"),
        [this] {
            m_touch = {}, m_saturation = 1;
            changed();
        },
        [this] { return touch().any(); });
    m_figures->setObjectName("whatIfFigures");
    m_figures->setTextFormat(Qt::RichText);
    m_figures->setMinimumHeight(theme::px(74));
    layout()->addWidget(m_figures);
    connect(&m_made, &JobBase::done, this, [this] {
        refresh();
        emit m_desk.overlayChanged();
        emit saysChanged();
    });
    connect(&m_kept, &JobBase::done, this, [this] {
        if (m_kept.problem() || !m_kept.last())
            return;
        const Project after = **m_kept.last();
        m_kept.forget();
        m_touch = {}, m_saturation = 1;
        m_desk.edit(tr("What if"), after);
        changed();
    });
}

void WhatIfPage::number(const QString& name, const QString& label, const QString& tip, double reading::Touch::*member,
    double reach, const QString& unit)
{
    m_form->value(
        {name, label, tip, {}}, NumberFormat{1, unit, 0, 2}, -reach, reach,
        [this, member] { return std::optional(m_touch.*member); },
        [this, member](double v, int) {
            m_touch.*member = v;
            changed();
        });
}

reading::Touch WhatIfPage::touch() const
{
    reading::Touch t = m_touch;
    t.element = m_whole ? 0 : m_desk.element();
    t.saturation = std::log(m_saturation);
    return t;
}

JobKey WhatIfPage::key() const
{
    const reading::Touch t = touch();
    return std::tuple(m_desk.review, t.element, t.lights, t.darks, t.dL, t.saturation, t.warm);
}

void WhatIfPage::changed()
{
    refresh();
    emit lookChanged();
    emit saysChanged();
}

void WhatIfPage::refresh()
{
    Page::refresh();
    if (isVisible() && m_desk.review && touch().any()) {
        const Brief& b = project().brief;
        m_made.ask(key(),
            [seen = m_desk.review, t = touch(), v = reading::Viewing{b.widthCm, b.heightCm, b.viewingDistanceCm}](
                Progress&) -> Result<Looked> {
                Looked l;
                const light::Picture& p = seen->picture;
                const LinearPicture after = reading::touched(p.colour, p.ids, {t});
                l.image = imageOf(after);
                l.before = reading::attention(p.colour, p.ids, v), l.after = reading::attention(after, p.ids, v);
                l.valuesBefore = reading::valuePlan(p.colour, p.ids), l.valuesAfter = reading::valuePlan(after, p.ids);
                return l;
            });
    }
    const Looked* l = touch().any() ? m_made.answer(key()) : nullptr;
    if (!l) {
        m_figures->setText(
            touch().any() ? tr("Looking…") : tr("Change a number: the board shows it, and the figures stand here."));
        return;
    }
    QString html = "<table cellspacing='6'><tr><td></td>";
    for (const int id : l->before.order)
        if (const Element* e = project().element(id))
            html += "<td><b>" + QString::fromStdString(e->name).toHtmlEscaped() + "</b></td>";
    html += "<td><b>" + tr("darkest") + "</b></td><td><b>" + tr("middle") + "</b></td><td><b>" + tr("lightest")
        + "</b></td><td><b>" + tr("key") + "</b></td></tr>";
    const auto row = [&](const QString& name, const reading::Attention& a, const reading::ValuePlan& v) {
        html += "<tr><td>" + name + "</td>";
        for (const int id : l->before.order)
            if (project().element(id)) {
                const auto at = a.share.find(id);
                html += QString("<td>%1 %</td>").arg(at == a.share.end() ? 0 : 100 * at->second, 0, 'f', 0);
            }
        html += QString("<td>L* %1</td><td>L* %2</td><td>L* %3</td><td>%4 %5</td></tr>")
                    .arg(v.all.darkest, 0, 'f', 0)
                    .arg(v.all.middle, 0, 'f', 0)
                    .arg(v.all.lightest, 0, 'f', 0)
                    .arg(nameOf(v.height), v.major ? tr("major") : tr("minor"));
    };
    row(tr("as it is"), l->before, l->valuesBefore);
    row(tr("what if"), l->after, l->valuesAfter);
    m_figures->setText(html + "</table>");
}

QImage WhatIfPage::look()
{
    if (!touch().any())
        return {};
    const Looked* l = m_made.answer(key());
    return l ? l->image : m_made.running() && m_made.last() ? m_made.last()->image : QImage();
}

void WhatIfPage::keep(bool asTake)
{
    if (!m_desk.review || !touch().any())
        return;
    m_kept.forget();
    m_kept.ask(m_desk.document.revision(),
        [p = project(), seen = m_desk.review, t = touch(), asTake](Progress&) -> Result<std::shared_ptr<Project>> {
            Project q = asTake ? takes::withDuplicate(p, "what if") : p;
            return std::make_shared<Project>(review::withLook(std::move(q), *seen->frame, seen->picture, t));
        });
}

void WhatIfPage::left()
{
    m_touch = {}, m_saturation = 1;
}

QString WhatIfPage::says() const
{
    if (!touch().any())
        return tr("An adjustment of the whole picture, or of the selected element; nothing changes until you keep it.");
    const Looked* l = m_made.answer(key());
    if (!l)
        return tr("Looking…");
    QStringList first;
    for (const int id : l->after.glances)
        if (const Element* e = project().element(id); e && first.size() < 3)
            first << QString::fromStdString(e->name);
    return l->before.order == l->after.order ? tr("The order of reading stays: <b>%1</b>.").arg(first.join(" → "))
                                             : tr("The order of reading becomes <b>%1</b>.").arg(first.join(" → "));
}

} // namespace rl::app
