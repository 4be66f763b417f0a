#include "app/stations/stage/room_page.h"
#include "core/stage/room.h"

namespace rl::app {

RoomPage::RoomPage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Balance"), tr("Margins, head room, space to look into, balance and a counterweight"))
    , m_room(desk)
{
    m_form->latch("showRoom", tr("Show in picture"),
        tr("Draws margins, head and gaze room, the centre of weight, and where a counterweight would steady the "
           "picture"),
        [this](bool on) {
            m_room.setShown(on);
            emit m_desk.overlayChanged();
        });
}

QString RoomPage::says() const
{
    const auto r = stage::roomOf(project(), m_desk.surfaces());
    QString s;
    if (r.known) {
        const auto cm = [](double v) { return QString::number(v, 'f', 1); };
        s = tr("About “%1”: left %2, right %3, above %4, below %5 cm; head room %6 cm. ")
                .arg(QString::fromStdString(project().element(r.lead)->name), cm(r.left), cm(r.right), cm(r.top),
                    cm(r.bottom), cm(r.headRoomCm));
        if (r.facing == Facing::Left || r.facing == Facing::Right)
            s += tr("It looks %1: %2 cm ahead, %3 behind. ")
                     .arg(r.facing == Facing::Left ? tr("left") : tr("right"), cm(r.aheadCm), cm(r.behindCm));
    } else {
        s = tr("On “Selected”, choose which element shows the main subject: balance is measured about it. ");
    }
    if (m_desk.review && !m_desk.review->picture.colour.empty()) {
        const auto& b = m_desk.review->reading.balance;
        s += tr("Weight %1 % left, %2 % above").arg(100 * b.left, 0, 'f', 0).arg(100 * b.top, 0, 'f', 0);
        s += b.deadEven ? tr(": dead even. ") : QString(". ");
        if (b.counter.wanted)
            s += tr("Counterweight: %1 cm², %2 L* off its ground, at %3 cm from the left, %4 cm from the top.")
                     .arg(b.counter.areaCm2, 0, 'f', 0)
                     .arg(b.counter.againstL, 0, 'f', 0)
                     .arg(b.counter.atCm.x, 0, 'f', 0)
                     .arg(b.counter.atCm.y, 0, 'f', 0);
    }
    return s;
}

} // namespace rl::app
