#pragma once
#include <QObject>
#include <QTimer>

namespace rl::app {

class MainWindow;

/// Leaves one picture of every page of every station in a folder, then quits.
class Shots final : public QObject {
    Q_OBJECT
public:
    Shots(MainWindow& window, const QString& folder);

private:
    struct View {
        int station = 0, page = 0;
        QString name; ///< of the picture, without its ending
    };
    void step();
    bool atRest() const;
    MainWindow& m_window;
    QString m_folder;
    QTimer m_timer;
    std::vector<View> m_views;
    std::size_t m_next = 0;
    int m_calm = 0, m_waited = 0;
    bool m_there = false;
};

} // namespace rl::app
