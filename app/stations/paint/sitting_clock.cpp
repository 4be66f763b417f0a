#include "app/stations/paint/sitting_clock.h"
#include "core/project/painting_edits.h"
#include <QDateTime>

namespace rl::app {

WallClock systemClock()
{
    return {[] { return Instant(QDateTime::currentSecsSinceEpoch()); },
        [](Instant at) { return QDateTime::fromSecsSinceEpoch(at).offsetFromUtc() / 60; }};
}

SittingClock::SittingClock(Desk& desk)
    : m_desk(desk)
{
    connect(&desk.document, &Document::workChanged, this, [this] {
        if (timer.running())
            (void)timer.end();
        m_second.stop();
    });
    m_second.setInterval(1000);
    connect(&m_second, &QTimer::timeout, this, [this] { tick(double(m_steady.restart()) / 1000); });
}

SittingClock::~SittingClock()
{
    if (timer.running())
        journal();
}

schedule::Minutes SittingClock::local() const
{
    const Instant now = wall.now();
    return now / 60 + wall.utcMinutes(now);
}

void SittingClock::begin()
{
    const Instant now = wall.now();
    if (!timer.running())
        timer.begin(now, wall.utcMinutes(now));
    timer.pause(false);
    m_steady.start();
    m_second.start();
    journal();
    emit changed();
}

void SittingClock::pause(bool on)
{
    timer.pause(on);
    journal();
    emit changed();
}

void SittingClock::turnTo(const schedule::WorkTask& task)
{
    timer.turnTo(task.key, task.kind, task.element, wall.now());
    journal();
    emit turned(task.key);
    emit changed();
}

void SittingClock::tick(double seconds)
{
    if (!timer.running())
        return;
    timer.advance(seconds);
    journal();
    emit ticked();
}

void SittingClock::journal()
{
    if (const auto saver = m_desk.document.saver(); saver && !saver->readOnly())
        saver->post(
            [s = timer.sitting()](store::ProjectFile& f) { (void)f.keepRunning(s); }, store::Saver::Order::Loose);
}

void SittingClock::end()
{
    m_second.stop();
    const Sitting s = timer.end();
    if (!s.spans.empty())
        m_desk.edit(tr("Log the sitting"), edits::withSitting(m_desk.project(), s));
    if (const auto saver = m_desk.document.saver(); saver && !saver->readOnly())
        saver->post([](store::ProjectFile& f) { (void)f.dropRunning(); });
    emit changed();
}

} // namespace rl::app
