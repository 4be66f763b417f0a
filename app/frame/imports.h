#pragma once
#include "app/desk/desk.h"
#include "app/desk/importer.h"
#include <QWidget>

class QProgressBar;

namespace rl::app {

/// Pictures coming in: how many, a way to stop, and what became of them. Hidden while none are.
class Imports final : public QWidget {
    Q_OBJECT
public:
    explicit Imports(Desk& desk);
    void start(const QStringList& files);
    bool running() const { return m_importer.running(); }

private:
    void take(std::vector<Arrival> pictures);
    void finish(const QStringList& problems, bool cancelled);
    Desk& m_desk;
    Importer m_importer;
    QProgressBar* m_bar;
    int m_gesture = -1, m_fresh = 0, m_known = 0;
};

} // namespace rl::app
