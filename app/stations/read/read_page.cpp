#include "app/stations/read/read_page.h"
#include "app/stations/read/ladders.h"
#include "app/theme/theme.h"
#include <QButtonGroup>
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
    , m_made(&desk.notices)
    , m_seen(&desk.notices)
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
    m_form->value(
        {"valueSteps", {}, tr("In how many values the picture is read, 2 to 9."), {}}, Shown{1, tr(" values"), 0, 1}, 2,
        9, [this] { return std::optional(double(m_steps)); },
        [this](double v, int) {
            m_steps = int(v);
            choose(Look::Values);
        });
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    row->addWidget(m_chips, 3);
    row->addWidget(m_ladders, 4);
    row->addWidget(smallPictures());
    static_cast<QVBoxLayout*>(layout())->addLayout(row);
    connect(m_looks, &QButtonGroup::idClicked, this, [this](int i) { choose(Look(i)); });
    connect(&m_made, &JobBase::done, this, [this] { emit m_desk.overlayChanged(); });
    connect(&m_seen, &JobBase::done, this, &ReadPage::show);
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
    m_looks->button(int(look))->setChecked(true);
    ask();
    emit lookChanged();
}

JobKey ReadPage::lookKey() const
{
    return std::tuple(m_desk.lit, int(m_look), m_look == Look::Values ? m_steps : 0);
}

JobKey ReadPage::seenKey() const
{
    return std::pair(m_desk.lit, m_steps);
}

namespace {
QImage lookOf(const LitWork& lit, ReadPage::Look look, int steps, const Brief& brief)
{
    const LinearPicture& colour = lit.picture.colour;
    if (look == ReadPage::Look::Values)
        return imageOf(reading::posterised(colour, reading::valueSteps(colour, steps)));
    if (look == ReadPage::Look::Silhouettes)
        return imageOf(reading::silhouettePicture(lit.picture));
    return imageOf(
        reading::squinted(colour, reading::pixelsPerDegree(colour.width(), brief.widthCm, brief.viewingDistanceCm)));
}
} // namespace

void ReadPage::ask()
{
    if (!m_desk.lit || !isVisible())
        return;
    const auto lit = m_desk.lit;
    if (m_look != Look::Contours && m_look != Look::Plain)
        m_made.ask(
            lookKey(), [lit, look = m_look, steps = m_steps, brief = project().brief](Progress&) -> Result<QImage> {
                return lookOf(*lit, look, steps, brief);
            });
    m_seen.ask(seenKey(), [lit, steps = m_steps, wide = int(physicalDpiX() / 2.54 * 3)](Progress&) -> Result<Seen> {
        Seen s;
        s.steps = reading::valueSteps(lit->picture.colour, steps);
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
    const auto shares = reading::castShares(project(), m_desk.review->reading.attention);
    std::vector<Ladders::Rung> intended;
    for (const CastMember& m : project().brief.cast) {
        const auto s = shares.find(m.id);
        intended.push_back({m.id, QString::fromStdString(m.name), s == shares.end() ? 0 : s->second});
    }
    auto measured = intended;
    std::stable_sort(measured.begin(), measured.end(), [](const auto& x, const auto& y) { return x.share > y.share; });
    m_ladders->show(std::move(intended), std::move(measured));
}

QString ReadPage::says() const
{
    if (!m_desk.review)
        return tr("Reading the picture…");
    const auto& a = m_desk.review->reading.attention;
    QStringList names;
    for (const int id : a.glances)
        if (const Element* e = project().element(id))
            names << QString::fromStdString(e->name);
    return names.isEmpty() ? tr("Nothing stands in the scene yet, so there is nothing to read.")
                           : tr("First glances, by contrast: <b>%1</b>. The strongest is so mostly through %2. It does "
                                "not know faces or meaning.")
                                 .arg(names.join(" → "), QString::fromStdString(a.driver));
}

} // namespace rl::app
