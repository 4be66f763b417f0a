// From the project to the picture and its findings.
#include "app/board/board.h"
#include "app/frame/findings_hand.h"
#include "app/frame/imports.h"
#include "app/frame/main_window.h"
#include "app/frame/notice_board.h"
#include "app/frame/side_column.h"
#include "app/frame/trail.h"
#include "app/theme/theme.h"
#include "core/base/words.h"
#include "core/light/presets.h"
#include <QBuffer>
#include <QCloseEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenuBar>
#include <QSettings>
#include <QStackedWidget>
#include <QThreadPool>
#include <QToolButton>

namespace rl::app {

void MainWindow::projectChanged()
{
    m_desk.tryOut({});
    judged(); // checking, until the next review is there
    const Brief& b = m_desk.project().brief;
    const bool inch = b.unit == LengthUnit::Inch;
    const double unit = inch ? 2.54 : 1;
    m_board->setCanvas(b.widthCm, b.heightCm, {unit, inch ? "in" : "cm"}, b.viewingDistanceCm);
    m_trail->setTitle(b.title.empty() ? tr("Untitled work") : QString::fromStdString(b.title),
        QString("%L1 × %L2 %3 · %4%5")
            .arg(b.widthCm / unit, 0, 'f', 1)
            .arg(b.heightCm / unit, 0, 'f', 1)
            .arg(inch ? "in" : "cm", QString::fromStdString(rl::tr(b.medium)),
                m_desk.document.readOnly() ? tr(" · reading only") : QString()));
    setWindowTitle(QString("%1 — Roving Lantern").arg(QString::fromStdString(b.title)));
    refresh();
    askLight();
}

void MainWindow::refresh()
{
    here()->refresh();
    m_side->plans()->refresh();
    m_board->update();
}

void MainWindow::askLight()
{
    if (m_files->opening() || m_desk.document.path().isEmpty())
        return;
    Project shown = m_desk.trial() ? m_desk.trial()->project : m_desk.project();
    shown.lights = light::alone(shown.lights, m_desk.alone());
    const bool all = !m_desk.trial() && shown.lights == m_desk.project().lights;
    m_desk.light.ask(shown, m_desk.document.revision(), m_board->wantedWidthPx(), all, m_desk.document.inGesture());
}

void MainWindow::take(std::shared_ptr<const LitWork> lit)
{
    if (!m_desk.light.isOf(*lit))
        return; // of the work that was left
    const bool first = !m_desk.lit;
    m_desk.lit = std::move(lit);
    m_board->setPicture(m_desk.lit->image);
    emit m_desk.pictureChanged();
    if (first)
        emit firstPicture();
    here()->refresh();
    m_board->update();
}

void MainWindow::judged()
{
    const bool checking = !m_desk.known();
    if (!m_desk.review || (checking && m_desk.findings.empty() && !m_desk.review->whole)) {
        m_trail->setUnknown();
        m_side->setKnown(nullptr);
        return;
    }
    Findings all = m_desk.findings;
    review::merge(all, m_desk.more());
    m_trail->setFindings(all, checking);
    m_side->setKnown(&all, checking);
}
} // namespace rl::app
