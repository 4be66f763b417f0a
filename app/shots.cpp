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
    m_since.start();
    m_timer.start(60);
}

bool Shots::atRest() const
{
    return m_window.settled() && !m_window.here()->busy() && m_window.desk().wall.idle();
}

void Shots::step()
{
    if (m_next == m_views.size())
        return;
    if (!m_there && m_next == 0 && !m_window.settled()) {
        if (m_since.elapsed() < m_openMs)
            return;
        QTextStream(stderr)
            << tr("roving-lantern: the work was not shown in %1 s; no picture was taken.").arg(m_openMs / 1000) << "\n";
        m_timer.stop();
        return emit finished(2);
    }
    const View& v = m_views[m_next];
    if (!m_there) {
        m_window.goTo(Station(v.station));
        m_window.here()->turnTo(v.page);
        m_there = true;
        m_calm = 0;
        m_since.restart();
        return;
    }
    m_calm = atRest() ? m_calm + 1 : 0;
    const bool late = m_since.elapsed() > m_pageMs;
    if (m_calm < 6 && !late)
        return;
    if (late)
        m_restless << v.name;
    take(v);
    m_there = false;
    if (++m_next == m_views.size())
        end();
}

void Shots::take(const View& v)
{
    const QString file = m_folder + "/" + v.name + ".png";
    const QPixmap shot = m_window.grab();
    shot.save(file);
    if (!v.page) // a small one for the guide
        shot.scaledToWidth(620, Qt::SmoothTransformation)
            .save(QString("%1/guide/%2.jpg").arg(m_folder, v.name.section('-', 1)), "JPG", 82);
    QTextStream(stdout) << file << "\n";
}

void Shots::end()
{
    m_timer.stop();
    if (!m_restless.isEmpty())
        QTextStream(stderr) << tr("roving-lantern: still at work when pictured after %1 s: %2.")
                                   .arg(m_pageMs / 1000)
                                   .arg(m_restless.join(", "))
                            << "\n";
    emit finished(m_restless.isEmpty() ? 0 : 3);
}

} // namespace rl::app
