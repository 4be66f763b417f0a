#include "app/stations/stage/takes_page.h"
#include "app/desk/trouble.h"
#include "core/project/takes.h"
#include "output/contact_sheet.h"
#include <QFileDialog>
#include <QInputDialog>
#include <QSettings>
#include <QVBoxLayout>

namespace rl::app {

TakesPage::TakesPage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Takes"), tr("Several arrangements kept side by side"))
    , m_takes(desk)
    , m_strip(new TakeStrip)
    , m_sheet(desk.jobs)
{
    m_form->mainButton("duplicateTake", tr("New take"),
        tr("Keeps the arrangement as it is and goes on in a copy of it"), [this] { duplicateTake(); });
    m_form->button("workOnTake", tr("Work on this take"), tr("Goes to the chosen take; the present one is kept"),
        [this] { workOnTake(); });
    m_aside = m_form->button("takeAside", tr("Set aside…"),
        tr("Sets the chosen take aside, with your reason; it can be restored"), [this] { asideOrBack(); });
    m_form->button(
        "nameTake", tr("Name…"), tr("Names the chosen take"), [this] { nameTake(); },
        [this] { return !project().takes.empty(); });
    m_form->button(
        "compareTake", tr("Compare"),
        tr("Lays the chosen take over the present one; drag the divider across. Esc ends it"), [this] { compare(); },
        [this] { return project().takes.size() > 1; });
    m_form->button("contactSheet", tr("Contact sheet…"),
        tr("A PDF or PNG of the takes in play, with letters for others to vote on"), [this] { askContactSheet(); });
    const auto words = [this](const char* name, const QString& hint, const QString& tip, int width) {
        auto* edit = new QLineEdit;
        edit->setObjectName(name);
        edit->setPlaceholderText(hint);
        edit->setToolTip(tip);
        edit->setAccessibleName(tip);
        edit->setFixedWidth(width);
        m_form->add(edit);
        return edit;
    };
    m_voter = words("voter", tr("who"), tr("Who votes; a second vote replaces the first"), 90);
    m_letter = words("voteLetter", tr("letter"), tr("The letter of the take they chose"), 60);
    m_words = words("voteWords", tr("why"), tr("Their reason"), 150);
    m_form->button("countVote", tr("Add vote"), tr("Keeps the vote with the work"), [this] { vote(); });
    m_strip->setParent(this);
    m_strip->hide();
    connect(m_words, &QLineEdit::returnPressed, this, &TakesPage::vote);
    connect(m_strip, &TakeStrip::chosenChanged, this, [this] { fillStrip(); });
    connect(m_strip, &TakeStrip::wanted, this, &TakesPage::workOnTake);
    connect(&m_takes, &TakeKeeper::changed, this, [this] {
        if (isVisible())
            fillStrip();
    });
    connect(&m_sheet, &JobBase::done, this, [this] {
        if (!m_sheet.problem() && m_sheet.last())
            m_desk.notices.say(*m_sheet.last());
    });
}

QWidget* TakesPage::over()
{
    return m_strip;
}

void TakesPage::refresh()
{
    StagePage::refresh();
    if (isVisible())
        fillStrip();
}

void TakesPage::fillStrip()
{
    m_takes.follow();
    const Project& p = project();
    const QStringList rows{tr("horizon (from top)"), tr("lead read as"), tr("lead's height"), tr("left weighs"),
        tr("range"), tr("findings"), tr("votes")};
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
                         << (m_takes.current(id) ? troubleSaid(f.broken, f.watch) : tr("checking…"))
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
    emit saysChanged();
}

QString TakesPage::says() const
{
    const Project& p = project();
    const Take* chosen = p.takeOf(m_strip->chosen());
    const TakeKeeper::Known *now = m_takes.known(p.take), *then = chosen ? m_takes.known(chosen->id) : nullptr;
    QStringList said, differs;
    for (const Vote& v : p.votes)
        if (chosen && v.take == chosen->id)
            said << (v.words.empty()
                    ? QString::fromStdString(v.who)
                    : tr("%1: “%2”").arg(QString::fromStdString(v.who), QString::fromStdString(v.words)));
    if (now && then && chosen->id != p.take)
        for (const std::string& d : review::differences(p, now->figures, then->figures))
            differs << QString::fromStdString(d);
    return (differs.isEmpty() ? tr("Click a take to compare it, double-click or Enter to work on it.")
                              : tr("%1 compared with the present one: %2.")
                                    .arg(QString::fromStdString(chosen->letter), differs.join("; ")))
        + (said.isEmpty() ? QString() : tr(" Votes: %1.").arg(said.join("; ")));
}

void TakesPage::duplicateTake()
{
    Project after = takes::withDuplicate(
        project(), tr("take %1").arg(project().takes.empty() ? 2 : project().takes.size() + 1).toStdString());
    const int id = after.take;
    m_desk.edit(tr("Begin another take"), std::move(after));
    m_strip->choose(id);
}

void TakesPage::workOnTake()
{
    const int id = m_strip->chosen();
    if (id && id != project().take)
        m_desk.edit(tr("Work on another take"), takes::withCurrent(project(), id));
}

void TakesPage::asideOrBack()
{
    const Take* t = project().takeOf(m_strip->chosen());
    if (!t || t->id == project().take) {
        m_desk.notices.say(
            tr("The present take cannot be set aside: work on another one first, then set this one aside."));
        return;
    }
    if (t->aside)
        return m_desk.edit(tr("Restore the take"), takes::withBack(project(), t->id));
    const int id = t->id;
    bool ok = false;
    const QString reason = QInputDialog::getText(
        this, tr("Set aside"), tr("Why it is set aside, to remember later:"), QLineEdit::Normal, {}, &ok);
    if (ok)
        m_desk.edit(tr("Set the take aside"), takes::withAside(project(), id, reason.toStdString()));
}

void TakesPage::nameTake()
{
    const Take* t = project().takeOf(m_strip->chosen());
    if (!t)
        return;
    const int id = t->id;
    bool ok = false;
    const QString name = QInputDialog::getText(
        this, tr("Name the take"), tr("Its name:"), QLineEdit::Normal, QString::fromStdString(t->name), &ok);
    if (ok && !name.trimmed().isEmpty())
        m_desk.edit(tr("Name the take"), takes::withName(project(), id, name.trimmed().toStdString()));
}

void TakesPage::compare()
{
    const Take* t = project().takeOf(m_strip->chosen());
    const TakeKeeper::Known* k = t ? m_takes.known(t->id) : nullptr;
    if (!k || t->id == project().take)
        return m_desk.notices.say(tr("Choose another take on the strip to compare with the present one."));
    emit m_desk.compareWanted(k->image, tr("take %1").arg(QString::fromStdString(t->letter)), tr("present one"));
}

void TakesPage::vote()
{
    const std::string who = m_voter->text().trimmed().toStdString(), letter = m_letter->text().trimmed().toStdString();
    Project after = takes::withVote(project(), who, letter, m_words->text().trimmed().toStdString());
    if (who.empty() || after.votes == project().votes) {
        m_desk.notices.say(tr("A vote needs a name and the letter of a take on the strip."));
        return;
    }
    m_desk.edit(tr("Count a vote"), std::move(after));
    m_voter->clear(), m_letter->clear(), m_words->clear();
    m_voter->setFocus();
}

void TakesPage::askContactSheet()
{
    const QString folder = QSettings().value("lastFolder").toString();
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Contact sheet"), folder + "/" + tr("takes.pdf"), tr("PDF (*.pdf);;PNG picture (*.png)"));
    if (!path.isEmpty())
        writeContactSheet(path);
}

void TakesPage::writeContactSheet(const QString& path)
{
    std::vector<review::TakeFigures> figures;
    const Project& p = project();
    if (p.takes.empty())
        if (const auto* k = m_takes.known(0))
            figures.push_back(k->figures);
    for (const Take& t : p.takes)
        if (const auto* k = m_takes.known(t.id); k && !t.aside)
            figures.push_back(k->figures);
    m_desk.notices.say(tr("Writing the contact sheet…"));
    m_sheet.ask(
        ++m_written,
        [p, figures, path](Progress&) -> Result<QString> {
            const auto done = output::writeContactSheet(p, figures, path);
            return done ? Result<QString>(tr("The contact sheet is in %1.").arg(path)) : Result<QString>(done.error());
        },
        Lane::Long);
}

} // namespace rl::app
