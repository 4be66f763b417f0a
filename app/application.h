#pragma once
#include <QApplication>
#include <QElapsedTimer>

namespace rl::app {

/// Nothing thrown leaves an event handler; and it knows what kept the interface longest.
class Application final : public QApplication {
    Q_OBJECT
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override;

    struct Stop {
        double ms = 0;
        QString what; ///< class and name of the receiver, and the event
    };
    const Stop& longestStop() const { return m_longest; } ///< since it was forgotten last
    const Stop& busiestStop() const { return m_busiest; } ///< counting only what this thread worked, not what it waited
    void forgetStops() { m_longest = m_busiest = {}; }

private:
    Stop m_longest, m_busiest;
    struct Inside {
        int level = 0; ///< of event loops
        bool nested = false;
    };
    std::vector<Inside> m_inside;
};

/// A window where it is wished for, but no larger than the screen and all of it there.
QRect fittedTo(const QRect& screen, const QRect& wished);

/// `roving-lantern [FILE] [--demo] [--shots DIR]`. \return the exit code
int runWindow(int argc, char** argv);

} // namespace rl::app
