#pragma once
#include "app/stations/paint/paint_state.h"
#include <QWidget>

class QListWidget;
class QTreeWidget;

namespace rl::app {

/// Beside the photograph of the canvas: all of them by day, and canvas against stage thing by thing.
class PhotoBeside final : public QWidget {
    Q_OBJECT
public:
    PhotoBeside(Desk& desk, PaintState& state);
    void fill();
    QString dayOf(const CanvasPhoto& photo) const;

private:
    void fillStrip();
    void fillParts(const survey::WorkSurvey& survey);
    Desk& m_desk;
    PaintState& m_state;
    QListWidget* m_strip;
    QTreeWidget* m_list;
    bool m_filling = false;
};

} // namespace rl::app
