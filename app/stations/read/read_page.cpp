#include "app/stations/read/read_page.h"
#include "app/stations/read/ladders.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include "output/read_sheets.h"
#include <QButtonGroup>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

namespace {
const char* const kLooks[] = {QT_TRANSLATE_NOOP("rl::app::Page", "Contours"),
    QT_TRANSLATE_NOOP("rl::app::Page", "Values"), QT_TRANSLATE_NOOP("rl::app::Page", "Silhouettes"),
    QT_TRANSLATE_NOOP("rl::app::Page", "Squint"), QT_TRANSLATE_NOOP("rl::app::Page", "Plain")};
const char* const kTips[]
    = {QT_TRANSLATE_NOOP("rl::app::Page", "Marks where contours are lost (thick), soft (dots) or firm"),
        QT_TRANSLATE_NOOP("rl::app::Page", "The picture in few values, as you would block it in"),
        QT_TRANSLATE_NOOP("rl::app::Page", "Every element filled flat: can each be told by its shape?"),
        QT_TRANSLATE_NOOP("rl::app::Page", "As with half-closed eyes: what still reads?"),
        QT_TRANSLATE_NOOP("rl::app::Page", "The lit picture by itself")};
} // namespace

ReadPage::ReadPage(Desk& desk)
    : Page(desk, tr("Read"), tr("What a viewer will see, in which order"))
    , m_looks(new QButtonGroup(this))
    , m_ladders(new Ladders)
    , m_chips(new Chips)
    , m_contours(desk)
    , m_made(desk.jobs)
    , m_seen(desk.jobs)
    , m_report(desk.jobs)
{
    for (int i = 0; i < 5; ++i) {
        auto* b = new QPushButton(tr(kLooks[i]));
        b->setObjectName(QString("look%1").arg(i));
        b->setCheckable(true);
        b->setChecked(i == 0);
        b->setToolTip(tr(kTips[i]));
        b->setFocusPolicy(Qt::TabFocus);
        m_looks->addButton(b, i);
        m_form->add(b);
    }
    lookFields();
    valueFields();
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    row->addWidget(m_chips, 3);
    row->addWidget(m_ladders, 4);
    row->addWidget(smallPictures());
    static_cast<QVBoxLayout*>(layout())->addLayout(row);
    connect(m_looks, &QButtonGroup::idClicked, this, [this](int i) { choose(Look(i)); });
    connect(&m_made, &JobBase::done, this, [this] { emit m_desk.overlayChanged(); });
    connect(&m_seen, &JobBase::done, this, &ReadPage::show);
    connect(&m_report, &JobBase::done, this, [this] {
        if (!m_report.problem() && m_report.last())
            m_desk.notices.say(*m_report.last());
    });
}

void ReadPage::lookFields()
{
    m_form->pick(
        {"moreLooks", {}, tr("Other ways to see it fresh: without colour, turned over, small, or one quality alone"),
            {}},
        [] {
            return Choices{{tr("more looks…"), -1}, {tr("without colour"), int(Look::Grey)},
                {tr("warm and cool"), int(Look::WarmCool)}, {tr("saturation"), int(Look::Saturation)},
                {tr("mirrored"), int(Look::Mirrored)}, {tr("upside down"), int(Look::UpsideDown)},
                {tr("across the room"), int(Look::Small)}};
        },
        [this] { return std::optional(int(m_look) > int(Look::Plain) ? int(m_look) : -1); },
        [this](int i) { choose(i < 0 ? Look::Plain : Look(i)); });
    m_form->value(
        {"squintFrom", {}, tr("From how far it is squinted at, or seen across the room"), {}},
        Shown{1, tr(" m away"), 1, 0.5}, 0.3, 50, [this] { return std::optional(squintedFromCm() / 100); },
        [this](double v, int) {
            m_fromM = v;
            choose(m_look == Look::Small ? Look::Small : Look::Squint);
        });
}

double ReadPage::squintedFromCm() const
{
    return m_fromM > 0 ? 100 * m_fromM : project().brief.viewingDistanceCm;
}

void ReadPage::valueFields()
{
    const auto brief = lens::brief();
    m_form->value(
        {"valueSteps", {}, tr("In how many values the picture is read, 2 to 9."), {}}, Shown{1, tr(" values"), 0, 1}, 2,
        9,
        [this] {
            const auto& own = project().brief.valueBounds;
            return std::optional(own.empty() ? double(m_steps) : double(own.size()) + 1);
        },
        [this](double v, int) {
            m_steps = int(v);
            if (!project().brief.valueBounds.empty())
                m_form->change(
                    lens::brief(), tr("Let the steps be found"), -1, [](Brief& b) { b.valueBounds.clear(); });
            choose(Look::Values);
        });
    m_form->button(
        "findSteps", tr("Find the steps"), tr("Lets the program place the steps again, instead of your beads"),
        [this, brief] {
            m_form->change(brief, tr("Let the steps be found"), -1, [](Brief& b) { b.valueBounds.clear(); });
        },
        [this] { return !project().brief.valueBounds.empty(); });
    m_form->pick(
        {"wantedKey", {},
            tr("The key that is meant: how light the whole is, and how far its values lie apart. The findings hold "
               "the picture against it."),
            {}},
        [] {
            Choices all{{tr("no key chosen"), -1}};
            static const char* const names[] = {QT_TRANSLATE_NOOP("rl::app::Page", "low"),
                QT_TRANSLATE_NOOP("rl::app::Page", "middle"), QT_TRANSLATE_NOOP("rl::app::Page", "high")};
            for (int i = 0; i < 6; ++i)
                all.emplace_back(tr("%1 key, %2").arg(tr(names[i / 2]), i % 2 ? tr("major") : tr("minor")), i);
            return all;
        },
        [this] {
            const Brief& b = project().brief;
            return std::optional(b.wantedKey < 0 ? -1 : 2 * b.wantedKey + std::max(0, b.wantedSpan));
        },
        [this, brief](int i) {
            m_form->change(brief, tr("Choose the key"), -1,
                [i](Brief& b) { b.wantedKey = i < 0 ? -1 : i / 2, b.wantedSpan = i < 0 ? -1 : i % 2; });
        });
    m_form->button("report", tr("Report…"), tr("The findings of all stations as a PDF with pictures, a page a station"),
        [this] { report(); });
    connect(m_chips, &Chips::boundsMoved, this, [this](const std::vector<double>& bounds, bool done) {
        if (!m_gesture.on())
            m_gesture.begin();
        Brief b = project().brief;
        b.valueBounds = bounds;
        if (!(b == project().brief))
            m_gesture.edit(tr("Place a value step"), edits::withBrief(project(), std::move(b)));
        if (done)
            m_gesture.finish();
        if (m_look != Look::Values)
            choose(Look::Values);
        ask();
    });
}

void ReadPage::report()
{
    if (!m_desk.review)
        return m_desk.notices.say(tr("The picture is still being read; try again in a moment."));
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the report"), tr("report.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    m_report.forget();
    m_report.ask(
        path,
        [p = project(), review = m_desk.review, path](Progress&) -> Result<QString> {
            const auto done = output::writeReport(p, *review, path);
            return done ? Result<QString>(tr("The report is saved as %1.").arg(QFileInfo(path).fileName()))
                        : Result<QString>(done.error());
        },
        Lane::Long);
}

QWidget* ReadPage::smallPictures()
{
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    const QString names[] = {tr("silhouettes"), tr("squinted"), tr("3 cm wide")};
    for (int i = 0; i < 3; ++i) {
        auto* column = new QVBoxLayout;
        m_small[i] = new QLabel;
        m_small[i]->setMinimumSize(theme::px(i == 2 ? 70 : 104), theme::px(66));
        m_small[i]->setAlignment(Qt::AlignCenter);
        m_small[i]->setAccessibleName(names[i]);
        auto* caption = new QLabel(names[i]);
        caption->setProperty("role", "hint");
        caption->setAlignment(Qt::AlignHCenter);
        column->addWidget(m_small[i], 1);
        column->addWidget(caption);
        row->addLayout(column);
    }
    return box;
}

void ReadPage::choose(Look look)
{
    m_look = look;
    m_looks->setExclusive(false);
    for (int i = 0; i < 5; ++i)
        m_looks->button(i)->setChecked(i == int(look));
    m_looks->setExclusive(true);
    m_form->show();
    ask();
    emit lookChanged();
    emit saysChanged();
}

JobKey ReadPage::lookKey() const
{
    return std::tuple(
        m_desk.lit, int(m_look), m_look == Look::Values ? m_steps : 0, squintedFromCm(), project().brief.valueBounds);
}

JobKey ReadPage::seenKey() const
{
    return std::tuple(m_desk.lit, m_desk.review, m_steps, project().brief.valueBounds);
}

namespace {
std::vector<reading::ValueStep> stepsOf(const LinearPicture& colour, int steps, const std::vector<double>& bounds)
{
    return bounds.empty() ? reading::valueSteps(colour, steps) : reading::valueSteps(colour, bounds);
}
QImage lookOf(const LitWork& lit, ReadPage::Look look, int steps, const Brief& brief, double fromCm)
{
    using Look = ReadPage::Look;
    const LinearPicture& colour = lit.picture.colour;
    const double perDegree = reading::pixelsPerDegree(colour.width(), brief.widthCm, fromCm);
    switch (look) {
    case Look::Values:
        return imageOf(reading::posterised(colour, stepsOf(colour, steps, brief.valueBounds)));
    case Look::Silhouettes:
        return imageOf(reading::silhouettePicture(lit.picture));
    case Look::Grey:
        return imageOf(reading::greyPicture(colour));
    case Look::WarmCool:
        return imageOf(reading::warmCoolPicture(colour));
    case Look::Saturation:
        return imageOf(reading::saturationPicture(colour));
    case Look::Mirrored:
        return lit.image.mirrored(true, false);
    case Look::UpsideDown:
        return lit.image.mirrored(true, true);
    case Look::Small: { // what an eye resolves from there: a minute of arc
        return imageOf(reading::squinted(colour, perDegree, 0.02));
    }
    default:
        return imageOf(reading::squinted(colour, perDegree));
    }
}
} // namespace

void ReadPage::ask()
{
    if (!m_desk.lit || !isVisible())
        return;
    const auto lit = m_desk.lit;
    if (m_look != Look::Contours && m_look != Look::Plain)
        m_made.ask(lookKey(),
            [lit, look = m_look, steps = m_steps, brief = project().brief, from = squintedFromCm()](
                Progress&) -> Result<QImage> { return lookOf(*lit, look, steps, brief, from); });
    m_seen.ask(seenKey(),
        [lit, seen = m_desk.review, steps = m_steps, bounds = project().brief.valueBounds,
            wide = int(physicalDpiX() / 2.54 * 3)](Progress&) -> Result<Seen> {
            Seen s;
            s.steps = stepsOf(seen ? seen->picture.colour : lit->picture.colour, steps, bounds);
            s.silhouettes = imageOf(reading::silhouettePicture(lit->picture))
                                .scaled(theme::px(112), theme::px(80), Qt::KeepAspectRatio, Qt::SmoothTransformation);
            s.squinted = lit->image.scaled(24, 24, Qt::KeepAspectRatio, Qt::SmoothTransformation)
                             .scaled(theme::px(112), theme::px(80), Qt::KeepAspectRatio, Qt::SmoothTransformation);
            s.small = lit->image.scaledToWidth(std::max(40, wide), Qt::SmoothTransformation);
            return s;
        });
}

QImage ReadPage::look()
{
    if (m_look == Look::Contours || m_look == Look::Plain)
        return {};
    const QImage* made = m_made.answer(lookKey());
    return made ? *made : m_made.running() && m_made.last() ? *m_made.last() : QImage();
}

std::vector<Overlay*> ReadPage::overlays()
{
    return m_look == Look::Contours ? std::vector<Overlay*>{&m_contours} : std::vector<Overlay*>{};
}

void ReadPage::show()
{
    Page::show();
    ask();
    if (const Seen* s = m_seen.last()) {
        m_chips->show(s->steps);
        const QImage* small[] = {&s->silhouettes, &s->squinted, &s->small};
        for (int i = 0; i < 3; ++i)
            m_small[i]->setPixmap(QPixmap::fromImage(*small[i]));
    }
    if (!m_desk.review)
        return;
    const auto shares
        = reading::castShares(project(), m_desk.review->reading.attention, m_desk.review->picture.pixelsPerCm);
    std::vector<Ladders::Rung> intended;
    for (const CastMember& m : project().brief.cast) {
        const auto s = shares.find(m.id);
        intended.push_back({m.id, QString::fromStdString(m.name), s == shares.end() ? 0 : s->second});
    }
    auto measured = intended;
    std::stable_sort(measured.begin(), measured.end(), [](const auto& x, const auto& y) { return x.share > y.share; });
    m_ladders->show(std::move(intended), std::move(measured));
}

/// Key, depth planes and what is in hand, in L*.
QString ReadPage::valuesSaid() const
{
    const reading::ValuePlan& v = m_desk.review->reading.values;
    const auto range = [](const reading::ElementValues& e) {
        return QString("L* %1 · %2 · %3").arg(e.darkest, 0, 'f', 0).arg(e.middle, 0, 'f', 0).arg(e.lightest, 0, 'f', 0);
    };
    static const char* const planes[]
        = {"", QT_TRANSLATE_NOOP("rl::app::Page", "near"), QT_TRANSLATE_NOOP("rl::app::Page", "middle"),
            QT_TRANSLATE_NOOP("rl::app::Page", "far"), QT_TRANSLATE_NOOP("rl::app::Page", "backdrop")};
    QStringList parts{tr("<b>%1 key, %2</b>: darkest, middle, lightest %3")
                          .arg(tr(nameOf(v.height)), v.major ? tr("major") : tr("minor"), range(v.all))};
    for (const auto& e : v.planes)
        parts << tr(planes[std::size_t(std::clamp(e.element, 0, 4))]) + " " + range(e);
    for (const auto& e : v.elements)
        if (e.element == m_desk.element())
            parts << "<b>" + QString::fromStdString(project().element(e.element)->name).toHtmlEscaped() + "</b> "
                    + range(e);
    return parts.join("; ")
        + tr("; under L* 12: %1 %, over 95: %2 % of the canvas.")
              .arg(100 * v.blackShare, 0, 'f', 1)
              .arg(100 * v.whiteShare, 0, 'f', 1);
}

/// How each shape alone reads at thumb size.
QString ReadPage::shapesSaid() const
{
    QStringList parts;
    for (const reading::ThumbShape& t : m_desk.review->reading.thumbs)
        if (const Element* e = project().element(t.element))
            parts << QString("%1 %2%3")
                         .arg(QString::fromStdString(e->name).toHtmlEscaped())
                         .arg(t.read, 0, 'f', 2)
                         .arg(t.hidden > 0.1 ? tr(" (%1 % hidden)").arg(100 * t.hidden, 0, 'f', 0) : QString());
    const reading::Skyline& line = m_desk.review->reading.skyline;
    return tr("As small as a thumb, 1 reads best, under 0.3 is lost: %1. Skyline: %2 peaks, heights vary by %3 %.")
        .arg(parts.join(", "))
        .arg(line.peaks)
        .arg(100 * line.heights, 0, 'f', 0);
}

QString ReadPage::coloursSaid() const
{
    const reading::ColourPlan& c = m_desk.review->reading.colours;
    QStringList accents;
    for (const reading::Accent& a : c.accents)
        accents << tr("%1 (%2)").arg(tr(a.hue.c_str()), a.answered ? tr("answered") : tr("answered nowhere"));
    return tr("Colour: %1; %2 % warm, %3 % cool, %4 % grey; mean C* %5.%6")
        .arg(QString::fromStdString(c.spread))
        .arg(100 * c.warmShare, 0, 'f', 0)
        .arg(100 * c.coolShare, 0, 'f', 0)
        .arg(100 * c.greyShare, 0, 'f', 0)
        .arg(c.meanChroma, 0, 'f', 0)
        .arg(accents.isEmpty() ? QString() : tr(" Accents: %1.").arg(accents.join(", ")));
}

QString ReadPage::says() const
{
    if (!m_desk.review)
        return tr("Reading the picture…");
    if (m_look == Look::Values || m_look == Look::Grey)
        return valuesSaid();
    if (m_look == Look::Silhouettes)
        return shapesSaid();
    if (m_look == Look::WarmCool || m_look == Look::Saturation)
        return coloursSaid();
    const auto& a = m_desk.review->reading.attention;
    QStringList names;
    for (const int id : a.glances)
        if (const Element* e = project().element(id))
            names << QString::fromStdString(e->name);
    return names.isEmpty() ? tr("Nothing stands in the scene yet, so there is nothing to read.")
                           : tr("First glances, by contrast: <b>%1</b>. The strongest is so mostly through %2. It does "
                                "not know faces or meaning.")
                                 .arg(names.join(" → "), tr(a.driver.c_str()));
}

} // namespace rl::app
