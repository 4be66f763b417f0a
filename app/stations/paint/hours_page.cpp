#include "app/stations/paint/days_page.h"
#include "core/project/painting_edits.h"
#include "store/picture_reader.h"
#include <QDateTime>
#include <QFileDialog>

namespace rl::app {

namespace {
QString clockSaid(int minutes)
{
    return QString::fromStdString(schedule::clockOf(minutes));
}
} // namespace

HoursPage::HoursPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Free time"), tr("When you paint, and what the room does to drying"))
{
    listFields();
    heldFields();
    roundFields();
    m_form->line();
    roomFields();
}

void HoursPage::edit(const QString& undo, int gesture, const std::function<void(Painting&)>& change)
{
    Painting p = project().painting;
    change(p);
    m_desk.edit(undo, edits::withPainting(project(), std::move(p)), gesture);
}

void HoursPage::listFields()
{
    m_form->pick(
        {"freeHours", tr("free hours"), tr("Your free hours; select one to change it"), {}},
        [this] {
            Choices all;
            const auto& d = project().painting.diary;
            for (std::size_t i = 0; i < d.hours.size(); ++i)
                all.emplace_back(tr("%1 %2–%3")
                                     .arg(d.roundDays == 7 ? tr(schedule::shortDayOf(d.hours[i].day))
                                                           : tr("day %1").arg(d.hours[i].day + 1),
                                         clockSaid(d.hours[i].from), clockSaid(d.hours[i].to)),
                    int(i));
            return all;
        },
        [this]() -> std::optional<int> {
            const int n = int(project().painting.diary.hours.size());
            return n ? std::optional(std::clamp(m_at, 0, n - 1)) : std::nullopt;
        },
        [this](int i) {
            m_at = i;
            refresh();
        });
    m_form->button("addHours", tr("Add hours"), tr("Adds another time when you paint"), [this] {
        edit(tr("Add free hours"), -1, [this](Painting& p) {
            FreeHours h;
            if (!p.diary.hours.empty()) {
                h = p.diary.hours[std::size_t(std::clamp(m_at, 0, int(p.diary.hours.size()) - 1))];
                h.day = (h.day + 1) % p.diary.roundDays;
            }
            p.diary.hours.push_back(h);
            m_at = int(p.diary.hours.size()) - 1;
        });
    });
    m_form->button(
        "dropHours", tr("Remove"), tr("Removes these hours"),
        [this] {
            edit(tr("Take free hours away"), -1, [this](Painting& p) {
                if (held(p))
                    p.diary.hours.erase(p.diary.hours.begin() + std::clamp(m_at, 0, int(p.diary.hours.size()) - 1));
            });
        },
        [this] { return !project().painting.diary.hours.empty(); });
}

void HoursPage::heldFields()
{
    m_form->pick(
        {"hoursDay", tr("day"), tr("Of the week, or of a round of shifts"), {}},
        [this] {
            Choices all;
            const int n = project().painting.diary.roundDays;
            for (int i = 0; i < n; ++i)
                all.emplace_back(n == 7 ? tr(schedule::shortDayOf(i)) : tr("day %1").arg(i + 1), i);
            return all;
        },
        [this]() -> std::optional<int> {
            Painting p = project().painting;
            const FreeHours* h = held(p);
            return h ? std::optional(h->day) : std::nullopt;
        },
        [this](int day) {
            edit(tr("Paint on another day"), -1, [this, day](Painting& p) {
                if (FreeHours* h = held(p))
                    h->day = day;
            });
        });
    for (const bool end : {false, true})
        m_form->value(
            {end ? "hoursTo" : "hoursFrom", end ? tr("to") : tr("from"),
                end ? tr("When you stop, as 21:30") : tr("When you can begin, as 19:30"), {}},
            NumberFormat{1, {}, 2, 0.25, true}, 0, 24,
            [this, end]() -> std::optional<double> {
                Painting p = project().painting;
                const FreeHours* h = held(p);
                return h ? std::optional((end ? h->to : h->from) / 60.0) : std::nullopt;
            },
            [this, end](double v, int gesture) {
                edit(tr("Change free hours"), gesture, [this, end, v](Painting& p) {
                    if (FreeHours* h = held(p)) {
                        const int m = int(std::lround(v * 60));
                        if (end)
                            h->to = std::max(h->from + 15, m);
                        else
                            h->from = std::min(m, h->to - 15);
                    }
                });
            });
}

void HoursPage::roundFields()
{
    m_form->value(
        {"roundDays", tr("repeats every"), tr("7 days are a week; shifts may repeat after another number"), {}},
        NumberFormat{1, tr(" days"), 0, 1}, 1, 60,
        [this] { return std::optional(double(project().painting.diary.roundDays)); },
        [this](double v, int gesture) {
            edit(tr("Change the round"), gesture, [this, v](Painting& p) {
                p.diary.roundDays = int(v);
                if (p.diary.roundFrom.empty() && p.diary.roundDays != 7) {
                    const Instant now = m_state.clock.wall.now();
                    p.diary.roundFrom = schedule::dateOf(now / 60 + m_state.clock.wall.utcMinutes(now));
                }
                std::erase_if(p.diary.hours, [&](const FreeHours& h) { return h.day >= p.diary.roundDays; });
            });
        });
    m_form->button(
        "readBusy", tr("Import calendar…"), tr("An iCalendar file: what stands in it takes your hours"), [this] {
            const QString file = QFileDialog::getOpenFileName(this, tr("Calendar"), {}, tr("Calendar (*.ics)"));
            if (!file.isEmpty())
                readCalendar(file, false);
        });
    m_form->button(
        "readFree", tr("Import free time…"), tr("An iCalendar file whose entries are your free hours"), [this] {
            const QString file = QFileDialog::getOpenFileName(this, tr("Calendar"), {}, tr("Calendar (*.ics)"));
            if (!file.isEmpty())
                readCalendar(file, true);
        });
}

void HoursPage::roomFields()
{
    const auto all = painting();
    m_form->number(all, &Painting::humidity,
        {"humidity", tr("humidity"), tr("Of the room: water-borne paint dries as fast as water leaves it"),
            tr("Set the humidity")});
    m_form->check(
        {"dryer", tr("hair dryer"), tr("Dries water-borne paint in a fifth of the time; keep it off wet solvent"), {}},
        [this] { return std::optional(project().painting.dryer != 0); },
        [this](bool on) { edit(tr("Use a dryer"), -1, [on](Painting& p) { p.dryer = on; }); });
    m_form->number(all, &Painting::pace,
        {"pace", tr("hours"), tr("Times the usual ones, until your own sittings are known"), tr("Set the pace")});
    m_form->number(all, &Painting::blockMm,
        {"blockMm", tr("block brush"), tr("Width of the brush that blocks in"), tr("Set the block brush")});
    m_form->number(all, &Painting::freshEyesHours,
        {"freshEyes", tr("fresh eyes after"), tr("How long the painting hangs on the wall before the accents"),
            tr("Set the pause")});
    m_form->number(all, &Painting::varnishDays,
        {"varnishDays", tr("varnish after"), tr("From the last stroke; as the medium asks: acrylic 3, oil 180 days"),
            tr("Set the wait"), {}, tr("as the medium asks")});
}

FreeHours* HoursPage::held(Painting& p) const
{
    return p.diary.hours.empty() ? nullptr
                                 : &p.diary.hours[std::size_t(std::clamp(m_at, 0, int(p.diary.hours.size()) - 1))];
}

void HoursPage::readCalendar(const QString& path, bool asFree)
{
    const auto bytes = store::readFile(path.toStdString(), 20'000'000);
    if (!bytes)
        return m_desk.notices.fail(bytes.error());
    const Instant now = m_state.clock.wall.now();
    const auto entries = schedule::entriesOf(std::string((*bytes)->begin(), (*bytes)->end()),
        m_state.clock.wall.utcMinutes(now), now / 60 + 400 * schedule::kDay);
    if (!entries)
        return m_desk.notices.fail(entries.error());
    Painting p = project().painting;
    const std::size_t before = p.diary.days.size();
    p.diary = schedule::withCalendar(std::move(p.diary), *entries, asFree);
    m_desk.notices.say(tr("%n entries read from the calendar.", nullptr, int(p.diary.days.size() - before)));
    m_desk.edit(tr("Read a calendar"), edits::withPainting(project(), std::move(p)));
}

QString HoursPage::says() const
{
    const auto& d = project().painting.diary;
    if (d.hours.empty() && d.days.empty())
        return tr("Set when you paint: Add hours. Until then two evenings and a Saturday afternoon are assumed.");
    return tr("%1 h in a round of %2 days; %3 days are different.")
        .arg(schedule::hoursARound(d), 0, 'f', 1)
        .arg(d.roundDays)
        .arg(d.days.size());
}

} // namespace rl::app
