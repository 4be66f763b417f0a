#include "app/frame/what_now.h"
#include "app/board/board.h"
#include "app/frame/main_window.h"
#include "app/stations/cut/cut_table.h"
#include "app/stations/gather/wall_page.h"
#include "app/stations/light/lantern_page.h"
#include "app/stations/stage/hand_page.h"
#include "app/stations/stage/space_page.h"
#include "app/theme/theme.h"
#include "core/project/edits.h"
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QToolButton>

namespace rl::app {

WhatNow::WhatNow(MainWindow& window, QWidget* over)
    : QFrame(over)
    , m_window(window)
    , m_over(over)
    , m_words(new QLabel)
    , m_link(new QPushButton)
    , m_away(new QToolButton)
    , m_light(window.desk().jobs)
{
    setObjectName("whatNow");
    m_words->setObjectName("whatNowWords");
    m_words->setWordWrap(true); // in a narrow window
    m_link->setObjectName("whatNowDo");
    m_link->setProperty("main", true);
    m_link->setFocusPolicy(Qt::TabFocus);
    m_away->setObjectName("whatNowAway");
    m_away->setText(tr("Not now"));
    m_away->setAutoRaise(true);
    m_away->setFocusPolicy(Qt::TabFocus);
    m_away->setToolTip(
        tr("This hint is not shown again in this work. Help ▸ Show next-step hints turns all of them off."));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 4, 8, 4);
    row->addWidget(m_words, 1);
    row->addWidget(m_link);
    row->addWidget(m_away);
    setAutoFillBackground(true);
    setFrameShape(QFrame::StyledPanel);
    over->installEventFilter(this);
    hide();
    connect(m_link, &QPushButton::clicked, this, &WhatNow::take);
    connect(m_away, &QToolButton::clicked, this, &WhatNow::sendAway);
    Desk& desk = window.desk();
    connect(&desk.document, &Document::projectChanged, this, &WhatNow::follow);
    connect(&desk.document, &Document::workChanged, this, [this] {
        m_dismissed.clear();
        follow();
    });
    connect(&desk.wall, &WallKeeper::changed, this, &WhatNow::follow);
    connect(&m_light, &JobBase::done, this, [this] {
        Desk& d = m_window.desk();
        if (m_light.problem() || !m_light.last())
            return;
        Project p = d.project();
        p.lights = m_light.last()->lights;
        p.backdrop = m_light.last()->backdrop;
        repair(p);
        d.edit(tr("Light as the backdrop"), std::move(p));
        d.notices.say(QString::fromStdString(m_light.last()->words));
        m_window.goTo(Station::Light);
    });
}

bool WhatNow::wanted()
{
    return QSettings().value("whatNow", true).toBool();
}

void WhatNow::setWanted(bool on)
{
    QSettings().setValue("whatNow", on);
    m_dismissed.clear();
    follow();
}

void WhatNow::follow()
{
    const Desk& desk = m_window.desk();
    m_step = wanted() && !m_window.bare() && !desk.document.path().isEmpty() && !desk.document.readOnly()
        ? review::nextStep(desk.project(), desk.wall.measures(), m_dismissed)
        : review::NextStep{};
    setVisible(!m_step.key.empty());
    if (m_step.key.empty())
        return;
    m_words->setText(tr(m_step.sentence.c_str()));
    m_link->setText(tr(m_step.label.c_str()));
    m_link->setAccessibleDescription(m_words->text());
    place();
}

/// Over the picture's upper edge: it comes and goes, and the picture stays where it is.
void WhatNow::place()
{
    const int edge = theme::px(30);
    const int words = m_words->fontMetrics().horizontalAdvance(m_words->text()) + theme::px(6),
              rest = m_link->sizeHint().width() + m_away->sizeHint().width() + theme::px(50);
    const int wide = std::min(words + rest, m_over->width() - 2 * edge);
    resize(wide, std::max(layout()->totalHeightForWidth(wide), theme::px(38)));
    move((m_over->width() - width()) / 2, edge);
    raise();
}

bool WhatNow::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == m_over && (event->type() == QEvent::Resize || event->type() == QEvent::ChildAdded) && isVisible())
        place();
    return false;
}

void WhatNow::sendAway()
{
    m_dismissed.insert(m_step.key);
    follow();
}

void WhatNow::takeBackdrop(int reference)
{
    m_window.goTo(Station::Gather);
    m_window.desk().holdReference(reference);
    if (auto* wall = m_window.here()->find<WallPage>())
        wall->useAsBackdrop();
    m_window.goTo(Station::Stage);
}

void WhatNow::takeLight()
{
    Desk& desk = m_window.desk();
    const Reference* r = desk.project().reference(desk.project().backdrop.reference);
    if (!r)
        return;
    const auto* known = desk.wall.measure(r->id);
    std::optional<gather::PictureMeasure> measure;
    if (known)
        measure = *known;
    m_light.ask(++m_count, [p = desk.project(), pixels = r->pixels, measure](Progress&) {
        return review::lightOfBackdrop(p, measure ? &*measure : nullptr, pixels.photo());
    });
}

void WhatNow::take()
{
    Desk& desk = m_window.desk();
    const review::NextStep step = m_step;
    if (step.key == "bring")
        return m_window.bringIn();
    if (step.key == "backdrop")
        return takeBackdrop(step.id);
    if (step.key == "light")
        return takeLight();
    m_window.goTo(step.station);
    StationView& view = *m_window.here();
    if (step.key == "eye") {
        view.turnToPage<SpacePage>()->askEyes();
    } else if (step.key == "cut" || step.key == "stand") {
        desk.holdReference(step.id);
        auto* table = view.ownBoard()->findChild<CutTable*>();
        if (step.key == "stand") {
            table->stand({});
            return m_window.goTo(Station::Stage);
        }
        view.turnTo(1); // a frame round it is the quickest way
        table->setMark(CutTable::Mark::Rectangle);
    } else if (step.key == "size") {
        desk.holdElement(step.id);
        view.turnToPage<HandPage>();
        if (auto* field = view.bench()->findChild<QWidget*>("usual"))
            field->setFocus();
    } else if (step.key == "lantern") {
        desk.holdElement(step.id);
        view.turnToPage<LanternPage>()->hang();
    }
}

} // namespace rl::app
