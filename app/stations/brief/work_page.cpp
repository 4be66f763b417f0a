#include "app/stations/brief/work_page.h"
#include "app/stations/brief/cast_row.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QVBoxLayout>

namespace rl::app {

WorkPage::WorkPage(Desk& desk)
    : Page(desk, tr("The work"), tr("What it is, how big, in what, and who is to be read first"))
    , m_marks(desk)
    , m_cast(new CastRow)
{
    canvasFields();
    castFields();
    layout()->addWidget(m_cast);
}

/// A length in the painter's own unit; what is kept is cm. The field follows the unit.
void WorkPage::lengthField(const FieldWords& words, double Brief::*length, int decimals)
{
    const auto& row = numberAt(length);
    for (const bool inch : {false, true}) {
        FieldWords own = words;
        const double unit = inch ? 2.54 : 1;
        if (inch)
            own.name += "In";
        m_form->value(
            own, Shown{1 / unit, inch ? " in" : " cm", decimals + inch, decimals ? 1.0 : 10.0}, row.low / unit,
            row.high / unit,
            [this, inch, unit, length]() -> std::optional<double> {
                const Brief& b = project().brief;
                return (b.unit == LengthUnit::Inch) == inch ? std::optional(b.*length / unit) : std::nullopt;
            },
            [this, unit, length](double v, int g) {
                m_form->change(lens::brief(), tr("Set the canvas"), g, [&](Brief& b) { b.*length = v * unit; });
            });
    }
}

void WorkPage::canvasFields()
{
    const auto brief = lens::brief();
    m_form->line(brief, &Brief::title,
        {"title", tr("title"), tr("The title, which goes on every sheet"), tr("Name the work")}, 210);
    lengthField(
        {"canvasWidth", tr("canvas, width"), tr("Width of the canvas. Every size in the plan is measured on it."), {}},
        &Brief::widthCm, 1);
    lengthField(
        {"canvasHeight", tr("height"), tr("Height of the canvas. Every size in the plan is measured on it."), {}},
        &Brief::heightCm, 1);
    const QString formats[] = {tr("Portrait"), tr("Landscape"), tr("Square")};
    for (int i = 0; i < 3; ++i)
        m_form->button(QString("format%1").arg(i), formats[i], tr("Turns the canvas; a square takes the shorter side"),
            [this, i] { turn(i); });
    m_form->choice(brief, &Brief::unit, {tr("centimetres"), tr("inches")},
        {"unit", tr("in"), tr("What lengths are shown in; the rulers follow"), tr("Change the unit")});
    static const QStringList media{"acrylic", "oil", "gouache", "watercolour", "casein", "mixed"};
    m_form->pick(
        {"medium", tr("medium"), tr("What it is painted in"), {}},
        [] {
            const QStringList names{
                tr("acrylic"), tr("oil"), tr("gouache"), tr("watercolour"), tr("casein"), tr("mixed")};
            Choices all;
            for (int i = 0; i < names.size(); ++i)
                all.emplace_back(names[i], i);
            return all;
        },
        [this] {
            return std::optional(std::max(0, int(media.indexOf(QString::fromStdString(project().brief.medium)))));
        },
        [this, brief](int i) {
            m_form->change(brief, tr("Choose the medium"), -1, [i](Brief& b) { b.medium = media[i].toStdString(); });
        });
    lengthField(
        {"viewingDistance", tr("seen from"),
            tr("Viewing distance. It decides how fine a detail can be seen and how many pixels a reference needs."),
            {}},
        &Brief::viewingDistanceCm, 0);
}

void WorkPage::castFields()
{
    m_newName = new QLineEdit;
    m_newName->setObjectName("newMember");
    m_newName->setPlaceholderText(tr("who or what must appear…"));
    m_newName->setToolTip(tr("Name a member of the cast and press Enter: everything that must appear, in the order in "
                             "which it should be read"));
    m_newName->setAccessibleName(tr("A new member of the cast"));
    m_newName->setMinimumWidth(
        m_newName->fontMetrics().horizontalAdvance(m_newName->placeholderText()) + theme::px(24));
    m_form->line();
    m_form->add(m_newName);
    m_form->button("addMember", tr("Add to the cast"), tr("Everything that must appear, most important first"),
        [this] { addMember(); });
    connect(m_newName, &QLineEdit::returnPressed, this, &WorkPage::addMember);
    connect(m_cast, &CastRow::moved, this, [this](int from, int to) {
        m_desk.edit(tr("Change the reading order"), edits::withCastMoved(project(), from, to));
    });
    connect(m_cast, &CastRow::removed, this,
        [this](int id) { m_desk.edit(tr("Take out of the cast"), edits::withoutCastMember(project(), id)); });
    connect(m_cast, &CastRow::renamed, this, [this](int id, const QString& name) {
        m_form->change(lens::brief(), tr("Rename in the cast"), -1, [&](Brief& b) {
            for (CastMember& m : b.cast)
                if (m.id == id)
                    m.name = name.toStdString();
        });
    });
}

void WorkPage::turn(int format)
{
    m_form->change(lens::brief(), tr("Turn the canvas"), -1, [format](Brief& b) {
        const double lo = std::min(b.widthCm, b.heightCm), hi = std::max(b.widthCm, b.heightCm);
        b.widthCm = format == 1 ? hi : lo;
        b.heightCm = format == 0 ? hi : lo;
    });
}

void WorkPage::addMember()
{
    const QString name = m_newName->text().trimmed();
    if (name.isEmpty())
        return;
    Project p = project();
    const int id = p.freshId();
    p.brief.cast.push_back({id, name.toStdString()});
    m_newName->clear();
    m_desk.edit(tr("Add to the cast"), std::move(p));
}

void WorkPage::show()
{
    Page::show();
    m_cast->show(project().brief.cast);
}

QString WorkPage::says() const
{
    return project().brief.cast.empty() ? QString()
                                        : tr("The cast, in reading order: drag a card to change its place; "
                                             "double-click to rename; Delete takes it away.");
}

} // namespace rl::app
