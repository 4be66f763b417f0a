#pragma once
#include "app/main_window.h"
#include "app/stations/station.h"
#include <QDoubleSpinBox>
#include <QTest>

namespace rl::kit {

/// A hand at one station of the real window: finds what lies on its bench, types, takes back, waits.
class StationHand {
public:
    StationHand(app::MainWindow& window, Station station)
        : m_window(window)
        , m_bench(window.station(station)->bench())
    {
    }
    /// Of this bench only: other benches have plans and fields of the same names.
    template <class T> T* find(const char* name)
    {
        T* found = m_bench->findChild<T*>(name);
        if (!found)
            qFatal("no widget called %s", name);
        return found;
    }
    void type(const char* field, const QString& words)
    {
        auto* box = find<QDoubleSpinBox>(field);
        box->setFocus();
        QTest::keyClick(box, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(box, words);
        QTest::keyClick(box, Qt::Key_Return);
    }
    void undo() { onTheWindow(Qt::Key_Z); }
    void redo() { onTheWindow(Qt::Key_Y); }
    bool settle()
    {
        return QTest::qWaitFor([this] { return m_window.settled(); }, 30000);
    }

private:
    void onTheWindow(Qt::Key key)
    {
        m_window.board()->setFocus();
        QTest::keyClick(&m_window, key, Qt::ControlModifier);
    }
    app::MainWindow& m_window;
    QWidget* m_bench;
};

} // namespace rl::kit
