// The takes: a strip of them with their figures, and what is done with them.
#include "app/jobs.h"
#include "app/stations/stage_station.h"
#include "core/project/takes.h"
#include "output/contact_sheet.h"
#include <QFileDialog>
#include <QInputDialog>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QtConcurrent>

namespace rl::app {

void StageStation::fillTakes()
{
    m_takes.follow();
    const Project& p = project();
    const QStringList rows{tr("horizon at"), tr("lead read as"), tr("lead's height"), tr("left weighs"), tr("range"),
        tr("findings"), tr("votes")};
    std::vector<TakeStrip::Item> items;
    const auto add = [&](int id, const QString& letter, const QString& name, const Take* t) {
        TakeStrip::Item item{
            id, letter, name, t ? QString::fromStdString(t->reason) : QString(), {}, {}, id == p.take, t && t->aside};
        if (const TakeKeeper::Known* k = m_takes.known(id)) {
            const review::TakeFigures& f = k->figures;
            item.image = k->image;
            item.figures << tr("%1 % of the height").arg(100 * f.horizonShare, 0, 'f', 0)
                         << (f.leadRank ? tr("number %1, %2 % pull").arg(f.leadRank).arg(100 * f.leadPull, 0, 'f', 0)
                                        : tr("no lead in it"))
                         << tr("%1 % of the canvas").arg(100 * f.leadHeightShare, 0, 'f', 0)
                         << tr("%1 %").arg(100 * f.leftWeight, 0, 'f', 0) << tr("%1 L*").arg(f.range, 0, 'f', 0)
                         << tr("%1 broken, %2 to watch").arg(f.broken).arg(f.watch)
                         << QString::number(takes::votesFor(p, id));
        }
        items.push_back(std::move(item));
    };
    if (p.takes.empty())
        add(0, "A", tr("the only take yet"), nullptr);
    for (const Take& t : p.takes)
        add(t.id, QString::fromStdString(t.letter), QString::fromStdString(t.name), &t);
    m_strip->show(rows, std::move(items));
    const Take* chosen = p.takeOf(m_strip->chosen());
    m_aside->setText(chosen && chosen->aside ? tr("Bring back") : tr("Set aside…"));
    m_aside->setEnabled(chosen && chosen->id != p.take);
    QStringList said;
    for (const Vote& v : p.votes)
        if (chosen && v.take == chosen->id)
            said << (v.words.empty()
                    ? QString::fromStdString(v.who)
                    : tr("%1: “%2”").arg(QString::fromStdString(v.who), QString::fromStdString(v.words)));
    const TakeKeeper::Known *now = m_takes.known(p.take), *then = chosen ? m_takes.known(chosen->id) : nullptr;
    QStringList differs;
    if (now && then && chosen->id != p.take)
        for (const std::string& d : review::differences(p, now->figures, then->figures))
            differs << QString::fromStdString(d);
    m_strip->setToolTip((differs.isEmpty() ? QString() : tr("Against the one in hand: %1.\n").arg(differs.join("; ")))
        + (said.isEmpty() ? QString() : tr("Votes: %1.\n").arg(said.join("; ")))
        + tr("Click a take to compare it, double-click or Enter to work on it; the arrow keys walk along."));
    if (chosen && chosen->id != p.take && !differs.isEmpty())
        emit work.notice(
            tr("%1 against the one in hand: %2.").arg(QString::fromStdString(chosen->letter), differs.join("; ")));
}

void StageStation::duplicateTake()
{
    Project after = takes::withDuplicate(
        project(), tr("take %1").arg(project().takes.empty() ? 2 : project().takes.size() + 1).toStdString());
    const int id = after.take;
    edit(tr("Begin another take"), std::move(after));
    m_strip->choose(id);
}

void StageStation::workOnTake()
{
    const int id = m_strip->chosen();
    if (id && id != project().take)
        edit(tr("Work on another take"), takes::withCurrent(project(), id));
}

void StageStation::asideOrBack()
{
    const Take* t = project().takeOf(m_strip->chosen());
    if (!t || t->id == project().take)
        return;
    if (t->aside) {
        edit(tr("Bring the take back"), takes::withBack(project(), t->id));
        return;
    }
    const int id = t->id;
    bool ok = false;
    const QString reason = QInputDialog::getText(
        m_bench, tr("Set aside"), tr("Why it is set aside, to remember later:"), QLineEdit::Normal, {}, &ok);
    if (ok)
        edit(tr("Set the take aside"), takes::withAside(project(), id, reason.toStdString()));
}

void StageStation::nameTake()
{
    const Take* t = project().takeOf(m_strip->chosen());
    if (!t)
        return;
    const int id = t->id;
    bool ok = false;
    const QString name = QInputDialog::getText(
        m_bench, tr("Name the take"), tr("Its name:"), QLineEdit::Normal, QString::fromStdString(t->name), &ok);
    if (ok && !name.trimmed().isEmpty())
        edit(tr("Name the take"), takes::withName(project(), id, name.trimmed().toStdString()));
}

void StageStation::vote()
{
    const std::string who = m_voter->text().trimmed().toStdString(),
                      letter = m_voteLetter->text().trimmed().toStdString();
    Project after = takes::withVote(project(), who, letter, m_voteWords->text().trimmed().toStdString());
    if (who.empty() || after.votes == project().votes) {
        emit work.notice(tr("A vote needs a name and the letter of a take on the strip."));
        return;
    }
    edit(tr("Count a vote"), std::move(after));
    m_voter->clear(), m_voteLetter->clear(), m_voteWords->clear();
    m_voter->setFocus();
}

void StageStation::askContactSheet()
{
    const QString folder = QSettings().value("lastFolder").toString();
    const QString path = QFileDialog::getSaveFileName(
        m_bench, tr("Contact sheet"), folder + "/" + tr("takes.pdf"), tr("PDF (*.pdf);;PNG picture (*.png)"));
    if (!path.isEmpty())
        writeContactSheet(path);
}

void StageStation::writeContactSheet(const QString& path)
{
    std::vector<review::TakeFigures> figures;
    const Project& p = project();
    if (p.takes.empty()) {
        if (const auto* k = m_takes.known(0))
            figures.push_back(k->figures);
    }
    for (const Take& t : p.takes)
        if (const auto* k = m_takes.known(t.id); k && !t.aside)
            figures.push_back(k->figures);
    if (m_sheet.isRunning())
        return;
    emit work.notice(tr("Writing the contact sheet…"));
    m_sheet.setFuture(QtConcurrent::run(jobs(), [p, figures, path] {
        const auto done = output::writeContactSheet(p, figures, path);
        return done ? tr("The contact sheet is in %1.").arg(path) : QString::fromStdString(done.error().sentence);
    }));
}

} // namespace rl::app
