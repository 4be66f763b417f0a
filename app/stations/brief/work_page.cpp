#include "app/stations/brief/work_page.h"
#include "app/stations/brief/cast_row.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QDate>
#include <QVBoxLayout>

namespace rl::app {

namespace {
/// Stretched canvases and boards sold ready made: the metric ones, then the inch ones.
constexpr std::pair<double, double> kSizes[] = {{30, 24}, {40, 30}, {50, 40}, {60, 40}, {60, 50}, {70, 50}, {80, 60},
    {90, 60}, {100, 70}, {100, 80}, {120, 80}, {120, 100}, {30, 30}, {50, 50}, {80, 80}, {100, 100}, {25.4, 20.32},
    {35.56, 27.94}, {40.64, 30.48}, {50.8, 40.64}, {60.96, 45.72}, {76.2, 60.96}, {91.44, 60.96}, {101.6, 76.2}};
} // namespace

WorkPage::WorkPage(Desk& desk)
    : Page(desk, tr("Canvas"), tr("What it is, how large, in what paint, and who is to be seen first"))
    , m_marks(desk)
    , m_points(desk)
    , m_cast(new CastRow)
{
    m_points.setChanged([this] {
        emit m_desk.overlayChanged();
        emit saysChanged();
    });
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
            own, NumberFormat{1 / unit, inch ? " in" : " cm", inch ? 4 : decimals, decimals ? 1.0 : 10.0},
            row.low / unit, row.high / unit,
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
    m_form->pick(
        {"usualSize", tr("usual sizes"), tr("Sizes that are sold ready made; nothing else changes"), {}},
        [this] { return usualSizes(); },
        [this] {
            const Brief& b = project().brief;
            for (std::size_t i = 0; i < std::size(kSizes); ++i)
                if (kSizes[i].first == b.widthCm && kSizes[i].second == b.heightCm)
                    return std::optional(int(i));
            return std::optional(-1);
        },
        [this, brief](int i) {
            if (i >= 0)
                m_form->change(brief, tr("Choose a usual size"), -1,
                    [i](Brief& b) { b.widthCm = kSizes[i].first, b.heightCm = kSizes[i].second; });
        });
    m_form->choice(brief, &Brief::format, {tr("rectangle"), tr("oval or round"), tr("free outline")},
        {"format", tr("outline"), tr("The true outline of the canvas: round when its sides are equal"),
            tr("Choose the outline")});
    m_form->button(
        "drawOutline", tr("Draw the outline"), tr("Click the corners of the canvas on the board; Enter closes it"),
        [this] { drawOutline(); }, [this] { return project().brief.format == Format::Free; });
    const QString formats[] = {tr("Portrait"), tr("Landscape"), tr("Square")};
    for (int i = 0; i < 3; ++i)
        m_form->button(QString("format%1").arg(i), formats[i], tr("Turns the canvas; a square takes the shorter side"),
            [this, i] { turn(i); });
    m_form->choice(brief, &Brief::unit, {tr("centimetres"), tr("inches")},
        {"unit", tr("units"), tr("What lengths are shown in; the rulers follow"), tr("Change the unit")});
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
        {"viewingDistance", tr("viewing distance"),
            tr("Viewing distance. It decides how fine a detail can be seen and how many pixels a reference needs."),
            {}},
        &Brief::viewingDistanceCm, 0);
}

Choices WorkPage::usualSizes() const
{
    Choices all{{tr("own size"), -1}};
    const bool inch = project().brief.unit == LengthUnit::Inch;
    for (std::size_t i = 0; i < std::size(kSizes); ++i) {
        const auto& [w, h] = kSizes[i];
        all.emplace_back(inch
                ? QString("%1 × %2 in")
                      .arg(QString::fromStdString(inchesOf(w / 2.54)), QString::fromStdString(inchesOf(h / 2.54)))
                : QString("%1 × %2 cm").arg(w).arg(h),
            int(i));
    }
    return all;
}

void WorkPage::drawOutline()
{
    m_points.begin({tr("Click the corners of the canvas, one after another."), 3, 0, false, true,
        tr("An outline needs three corners at least."), [this](std::vector<OutlinePoint> points) {
            m_form->change(lens::brief(), tr("Draw the outline"), -1, [&](Brief& b) {
                b.outline.clear();
                for (const OutlinePoint& p : points)
                    b.outline.push_back(p.at);
            });
        }});
    emit m_desk.overlayChanged();
    emit m_desk.boardWanted();
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
    m_form->button("addMember", tr("Add subject"), tr("Everything that must appear, most important first"),
        [this] { addMember(); });
    m_form->text(
        {"deadline", tr("deadline"), tr("The deadline, as year-month-day: 2027-03-01. Empty: none"), {}}, 100,
        [this] { return std::optional(QString::fromStdString(project().brief.deadline)); },
        [this](const QString& said) {
            const std::string day = said.toStdString();
            if (!day.empty() && !daysBetween(day, day)) {
                m_desk.notices.say(tr("“%1” is no date; write it as 2027-03-01.").arg(said));
                return m_form->refresh();
            }
            m_form->change(lens::brief(), tr("Set the deadline"), -1, [&](Brief& b) { b.deadline = day; });
        });
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
    m_desk.edit(tr("Add subject"), std::move(p));
}

void WorkPage::refresh()
{
    Page::refresh();
    m_cast->show(project().brief.cast);
}

void WorkPage::left()
{
    m_points.end();
}

QString WorkPage::says() const
{
    if (m_points.active())
        return m_points.hint();
    const auto days = daysBetween(QDate::currentDate().toString(Qt::ISODate).toStdString(), project().brief.deadline);
    const QString left = days ? tr(" <b>%n days</b> to the deadline.", nullptr, int(*days)) : QString();
    return project().brief.cast.empty() ? left.trimmed()
                                        : tr("Subjects, in the order the eye should find them. Drag to reorder, "
                                             "double-click to rename, Delete removes.")
            + left;
}

} // namespace rl::app
