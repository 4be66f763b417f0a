#include "app/stations/brief/milestones_page.h"
#include "app/desk/wall_keeper.h"
#include "core/project/edits.h"
#include <QInputDialog>
#include <QVBoxLayout>

namespace rl::app {

MilestonesPage::MilestonesPage(Desk& desk)
    : Page(desk, tr("Milestones"), tr("Points of this work to go back to: look at one, take it up again, compare"))
    , m_strip(new TakeStrip)
    , m_list(desk.jobs)
    , m_seen(desk.jobs)
{
    m_strip->setObjectName("milestoneStrip");
    m_strip->setAccessibleName(tr("Milestones"));
    const auto any = [this] { return count() > 0; };
    m_form->mainButton("setMilestone", tr("Set a milestone…"),
        tr("Keeps the work as it is under a name, to go back to (Ctrl+S)"), [this] {
            bool ok = false;
            const QString name
                = QInputDialog::getText(this, tr("Set a milestone"), tr("Its name:"), QLineEdit::Normal, {}, &ok)
                      .trimmed();
            if (ok && !name.isEmpty())
                set(name);
        });
    m_form->latch(
        "lookAtMilestone", tr("Show milestone"), tr("Shows the chosen milestone on the board; nothing is changed"),
        [this](bool on) {
            m_looking = on;
            if (on)
                ask({});
            emit m_desk.overlayChanged();
        },
        any);
    m_form->button(
        "takeUpMilestone", tr("Restore milestone"), tr("Goes on from the chosen milestone; Ctrl+Z undoes it"),
        [this] { ask([this] { takeUp(); }); }, any);
    m_form->button(
        "compareMilestone", tr("Compare with now"),
        tr("Lays the chosen milestone over the work as it is; drag the divider across. Esc ends it"),
        [this] { ask([this] { compare(); }); }, any);
    m_form->button(
        "dropMilestone", tr("Remove milestone"), tr("Removes the chosen milestone; the work stays"),
        [this] { takeAway(); }, any);
    layout()->addWidget(m_strip);
    connect(m_strip, &TakeStrip::chosenChanged, this, [this] {
        if (m_looking)
            ask({});
        fillStrip();
        emit saysChanged();
    });
    connect(m_strip, &TakeStrip::wanted, this, [this] { ask([this] { takeUp(); }); });
    connect(&m_list, &JobBase::done, this, &MilestonesPage::refresh);
    connect(&m_seen, &JobBase::done, this, [this] {
        const auto then = std::exchange(m_then, nullptr);
        if (!m_seen.problem() && then)
            then();
        emit m_desk.overlayChanged();
        emit saysChanged();
    });
    connect(&desk.document, &Document::workChanged, this, [this] { ++m_version; });
}

void MilestonesPage::set(const QString& name)
{
    const auto saver = m_desk.document.saver();
    if (!saver || saver->readOnly())
        return m_desk.notices.fail({ErrorKind::NotWritable,
            tr("This work is open for reading only; save a copy to set milestones.").toStdString(), {}});
    m_desk.document.finishGesture();
    const QImage image = m_desk.lit ? m_desk.lit->image : QImage();
    saver->post([this, answer = m_desk.document.answering(this), name, image](store::ProjectFile& file) {
        const auto picture = image.isNull() ? std::vector<unsigned char>()
                                            : jpegOf(image.scaledToWidth(480, Qt::SmoothTransformation), 82);
        const auto done = file.addMilestone(name.toStdString(), picture);
        answer([this, name, done] {
            if (!done)
                return m_desk.notices.fail(done.error());
            m_desk.notices.say(tr("Milestone “%1” is set.").arg(name));
            ++m_version;
            refreshList();
        });
    });
}

void MilestonesPage::refreshList()
{
    const auto saver = m_desk.document.saver();
    if (!saver)
        return;
    m_list.ask(std::pair(m_version, m_desk.document.path()), [saver](Progress&) -> Result<std::vector<Kept>> {
        std::vector<Kept> all;
        const auto read = saver->fromWorker([&](store::ProjectFile& file) -> Result<Done> {
            const auto list = file.milestones();
            if (!list)
                return list.error();
            for (const store::Milestone& m : *list) {
                Kept k{m, {}};
                const auto bytes = file.milestonePicture(m.id);
                if (!bytes.empty())
                    k.small.loadFromData(bytes.data(), int(bytes.size()));
                all.push_back(std::move(k));
            }
            return Done{};
        });
        return read ? Result<std::vector<Kept>>(std::move(all)) : Result<std::vector<Kept>>(read.error());
    });
}

void MilestonesPage::refresh()
{
    if (isVisible())
        refreshList();
    Page::refresh();
    fillStrip();
}

void MilestonesPage::fillStrip()
{
    std::vector<TakeStrip::Item> items;
    if (const auto* all = m_list.last())
        for (const Kept& k : *all) {
            const QDateTime when
                = QDateTime::fromString(QString::fromStdString(k.milestone.when), Qt::ISODate).toLocalTime();
            TakeStrip::Item item{k.milestone.id, {}, QString::fromStdString(k.milestone.name), {}, k.small,
                {QLocale().toString(when, QLocale::ShortFormat)}, false, false};
            items.push_back(std::move(item));
        }
    m_strip->setVisible(!items.empty()); // a page that has little takes little
    m_strip->show({tr("set")}, std::move(items));
}

void MilestonesPage::ask(std::function<void()> then)
{
    const auto saver = m_desk.document.saver();
    const int id = chosen();
    if (!saver || !id)
        return;
    m_then = std::move(then);
    const JobKey key = std::tuple(m_desk.document.path(), id);
    if (m_seen.answer(key)) {
        if (const auto now = std::exchange(m_then, nullptr))
            now();
        return emit m_desk.overlayChanged();
    }
    m_seen.again();
    m_seen.ask(key, [this, saver, id](Progress& progress) -> Result<Seen> {
        Seen seen;
        const auto read = saver->fromWorker([&](store::ProjectFile& file) -> Result<Done> {
            auto project = file.projectAt(id);
            if (!project)
                return project.error();
            seen.project = project.take();
            return Done{};
        });
        if (!read)
            return read.error();
        const auto frame = stage::compose(seen.project, 1200, m_desk.surfaces(), progress);
        if (!frame)
            return Error{ErrorKind::Cancelled, {}, {}};
        light::Relighter light;
        seen.image = imageOf(light.light(frame, seen.project.lights).colour);
        return seen;
    });
}

void MilestonesPage::takeUp()
{
    if (const Seen* s = m_seen.last()) {
        Project after = s->project;
        after.lastId = std::max(after.lastId, project().lastId);
        m_desk.edit(tr("Take up a milestone"), std::move(after));
        m_desk.notices.say(tr("You go on from the milestone; Ctrl+Z takes it back."));
    }
}

void MilestonesPage::compare()
{
    if (const Seen* s = m_seen.last())
        emit m_desk.compareWanted(s->image, tr("milestone"), tr("now"));
}

void MilestonesPage::takeAway()
{
    const auto saver = m_desk.document.saver();
    const int id = chosen();
    if (!saver || saver->readOnly() || !id)
        return;
    saver->post([this, answer = m_desk.document.answering(this), id](store::ProjectFile& file) {
        const auto done = file.withoutMilestone(id);
        answer([this, done] {
            if (!done)
                return m_desk.notices.fail(done.error());
            ++m_version;
            refreshList();
        });
    });
}

QImage MilestonesPage::look()
{
    const Seen* s = m_looking ? m_seen.answer(std::tuple(m_desk.document.path(), chosen())) : nullptr;
    return s ? s->image : QImage();
}

QString MilestonesPage::says() const
{
    if (m_seen.running())
        return tr("Reading the milestone…");
    return count() == 0
        ? tr("No milestone is set yet. Every change is saved as it happens; a milestone is a point to go "
             "back to.")
        : tr("Click one, then look at it, take it up again, or compare it with the work as it is.");
}

} // namespace rl::app
