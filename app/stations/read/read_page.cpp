#include "app/stations/read/read_page.h"
#include "app/stations/read/ladders.h"
#include "app/theme/theme.h"
#include <QButtonGroup>
#include <QLabel>
#include <QVBoxLayout>

namespace rl::app {

namespace {
const char* const kLooks[] = {QT_TRANSLATE_NOOP("rl::app::Page", "Edges"), QT_TRANSLATE_NOOP("rl::app::Page", "Values"),
    QT_TRANSLATE_NOOP("rl::app::Page", "Silhouettes"), QT_TRANSLATE_NOOP("rl::app::Page", "Squint"),
    QT_TRANSLATE_NOOP("rl::app::Page", "Plain")};
const char* const kTips[]
    = {QT_TRANSLATE_NOOP("rl::app::Page", "Marks where contours are lost (thick), soft (dots) or firm"),
        QT_TRANSLATE_NOOP("rl::app::Page", "The picture in few values, as you would block it in"),
        QT_TRANSLATE_NOOP("rl::app::Page", "Every element filled flat: can each be recognised by its shape?"),
        QT_TRANSLATE_NOOP("rl::app::Page", "As with half-closed eyes: what still reads?"),
        QT_TRANSLATE_NOOP("rl::app::Page", "The lit picture by itself")};
} // namespace

ReadPage::ReadPage(Desk& desk)
    : Page(desk, tr("Overview"), tr("What a viewer will see, in which order"))
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
    m_strip = new QWidget(this);
    m_strip->hide();
    auto* row = new QHBoxLayout(m_strip);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(10);
    row->addWidget(m_chips, 3);
    row->addWidget(m_ladders, 4);
    row->addWidget(smallPictures());
    connect(m_looks, &QButtonGroup::idClicked, this, [this](int i) { choose(Look(i)); });
    connect(&m_made, &JobBase::done, this, [this] { emit m_desk.overlayChanged(); });
    connect(&m_seen, &JobBase::done, this, &ReadPage::refresh);
    connect(&m_report, &JobBase::done, this, [this] {
        if (!m_report.problem() && m_report.last())
            m_desk.notices.say(*m_report.last());
    });
}

double ReadPage::squintedFromCm() const
{
    return m_fromM > 0 ? 100 * m_fromM : project().brief.viewingDistanceCm;
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
    m_form->refresh();
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

void ReadPage::refresh()
{
    Page::refresh();
    ask();
    if (const Seen* s = m_seen.last()) {
        auto steps = s->steps; // measured a moment ago; the beads stay where the hand has put them
        const std::vector<double>& bounds = project().brief.valueBounds;
        for (std::size_t i = 0; bounds.size() + 1 == steps.size() && i < bounds.size(); ++i)
            steps[i].to = steps[i + 1].from = bounds[i];
        m_chips->show(std::move(steps));
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

} // namespace rl::app
