#include "app/shots.h"
#include "app/frame/main_window.h"
#include <QCoreApplication>
#include <QDir>
#include <QTextStream>

namespace rl::app {

Shots::Shots(MainWindow& window, const QString& folder)
    : m_window(window)
    , m_folder(folder)
{
    QDir().mkpath(folder + "/guide");
    for (const StationSpec& spec : allStations())
        for (int page = 0; page < int(spec.pages.size()); ++page)
            m_views.push_back({int(spec.id), page,
                QString("%1-%2%3")
                    .arg(int(spec.id) + 1)
                    .arg(spec.key, page ? QString("-%1").arg(page + 1) : QString())});
    connect(&m_timer, &QTimer::timeout, this, &Shots::step);
    m_timer.start(60);
}

bool Shots::atRest() const
{
    return m_window.settled() && !m_window.here()->busy() && m_window.desk().wall.idle();
}

void Shots::step()
{
    if (++m_waited > 4000) // four minutes: something is stuck
        return QCoreApplication::exit(2);
    if (!m_window.settled())
        return;
    const View& v = m_views[m_next];
    if (!m_there) {
        m_window.goTo(Station(v.station));
        m_window.here()->turnTo(v.page);
        m_there = true;
        m_calm = 0;
        return;
    }
    m_calm = atRest() ? m_calm + 1 : 0;
    if (m_calm < 6)
        return;
    const QString file = m_folder + "/" + v.name + ".png";
    const QPixmap shot = m_window.grab();
    shot.save(file);
    if (!v.page) // a small one for the guide
        shot.scaledToWidth(620, Qt::SmoothTransformation)
            .save(QString("%1/guide/%2.jpg").arg(m_folder, v.name.section('-', 1)), "JPG", 82);
    QTextStream(stdout) << file << "\n";
    m_there = false;
    if (++m_next == m_views.size())
        QCoreApplication::quit();
}

} // namespace rl::app
