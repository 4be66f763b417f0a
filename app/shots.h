#pragma once
#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

namespace rl::app {

class MainWindow;

/// Leaves one picture of every page of every station in a folder, then quits. A page that does not come to rest in its
/// time is pictured as it is and named at the end; the exit code is 3 then.
class Shots final : public QObject {
    Q_OBJECT
public:
    Shots(MainWindow& window, const QString& folder);
    void setLimits(int openMs, int pageMs) { m_openMs = openMs, m_pageMs = pageMs; } ///< for tests

signals:
    void finished(int code); ///< 0: all at rest; 2: the work did not come up; 3: some were not at rest

private:
    struct View {
        int station = 0, page = 0;
        QString name; ///< of the picture, without its ending
    };
    void step();
    bool atRest() const;
    void take(const View& view);
    void end();
    MainWindow& m_window;
    QString m_folder;
    QTimer m_timer;
    QElapsedTimer m_since; ///< the page was turned to, or the work asked for
    std::vector<View> m_views;
    QStringList m_restless;
    std::size_t m_next = 0;
    int m_calm = 0, m_openMs = 600'000, m_pageMs = 120'000;
    bool m_there = false;
};

} // namespace rl::app
