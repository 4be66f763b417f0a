#include "app/frame/findings_hand.h"
#include "app/board/board.h"
#include "app/frame/findings_panel.h"
#include "app/frame/guide.h"
#include "app/frame/main_window.h"
#include "app/frame/side_column.h"
#include "core/project/edits.h"
#include "core/project/project.h"
#include "core/review/review.h"
#include <QInputDialog>

namespace rl::app {

FindingsHand::FindingsHand(MainWindow& window)
    : QObject(&window)
    , m_window(window)
    , m_desk(window.desk())
{
    const FindingsPanel* panel = window.side()->findings();
    connect(panel, &FindingsPanel::showWanted, this, &FindingsHand::show);
    connect(panel, &FindingsPanel::fixWanted, this, &FindingsHand::fix);
    connect(panel, &FindingsPanel::tryWanted, this, &FindingsHand::tryOut);
    connect(panel, &FindingsPanel::setAsideWanted, this, &FindingsHand::setAside);
    connect(panel, &FindingsPanel::openWanted, this, &FindingsHand::open);
    connect(panel, &FindingsPanel::guideWanted, this, [this](const Finding& f) { m_window.guide()->openAt(f); });
}

void FindingsHand::show(const Finding& f)
{
    if (f.element)
        m_desk.holdElement(f.element);
    if (f.reference)
        m_desk.holdReference(f.reference);
    if (f.reference && !f.element)
        return m_window.goTo(Station::Gather);
    if (m_window.boardHere() != m_window.board())
        m_window.goTo(Station::Stage);
    m_window.board()->flash(f.place);
}

std::optional<Project> FindingsHand::fixed(const Finding& f)
{
    if (auto after = review::fixedBy(m_desk.project(), *f.fix))
        return after;
    const Element* e = m_desk.project().element(f.element);
    m_desk.notices.say(e && e->locked
            ? tr("“%1” is locked in its place; unlock it first.").arg(QString::fromStdString(e->name))
            : tr("“%1” had no effect: a locked or linked element prevents it.")
                  .arg(QString::fromStdString(f.fix->label)));
    return {};
}

void FindingsHand::fix(const Finding& f)
{
    if (auto after = fixed(f))
        m_desk.edit(QString::fromStdString(f.fix->label), *std::move(after));
}

void FindingsHand::tryOut(const Finding& f, bool on)
{
    m_desk.tryOut({});
    if (!on)
        return;
    if (m_window.boardHere() != m_window.board())
        m_window.goTo(Station::Stage);
    if (auto after = fixed(f))
        m_desk.tryOut(Desk::Trial{f.key, QString::fromStdString(f.fix->label), *std::move(after)});
    else
        m_window.side()->findings()->setTried({});
}

void FindingsHand::setAside(const Finding& f)
{
    bool ok = false;
    const QString reason = QInputDialog::getText(&m_window, tr("Set aside"),
        QString::fromStdString(f.sentence) + "\n\n" + tr("You decide. Your reason:"), QLineEdit::Normal, {}, &ok);
    if (ok)
        m_desk.edit(tr("Set a finding aside"), edits::withSetAside(m_desk.project(), f.key, reason.toStdString()));
}

void FindingsHand::open(const Finding& f)
{
    if (f.opens == "picture")
        return m_window.bringIn();
    m_window.goTo(f.station);
    if (f.reference)
        m_desk.holdReference(f.reference);
    emit m_desk.opened(QString::fromStdString(f.opens));
}

} // namespace rl::app
