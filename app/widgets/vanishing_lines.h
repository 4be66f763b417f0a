#pragma once
#include "core/gather/vanishing.h"
#include "core/project/project.h"
#include <QFutureWatcher>
#include <QObject>

class QPainter;

namespace rl::app {

class Board;

/// The straight edges of the backdrop and where they meet, drawn over the board; found off the interface thread.
class VanishingLines final : public QObject {
    Q_OBJECT
public:
    VanishingLines();
    ~VanishingLines() override;
    void ask(const Project& project); ///< again only when the backdrop has changed
    void paint(QPainter& p, const Board& board, const Project& project) const;
    QString words(const Project& project) const; ///< one sentence
    bool idle() const { return !m_watcher.isRunning(); }
    const gather::EyeLevel& eye() const { return m_found.eye; }

signals:
    void found();

private:
    struct Found {
        std::vector<gather::Segment> segments;
        gather::EyeLevel eye;
    };
    const void* m_asked = nullptr;
    Found m_found;
    QFutureWatcher<Found> m_watcher;
};

} // namespace rl::app
