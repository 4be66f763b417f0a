#pragma once
#include "core/project/project.h"
#include <QWidget>

namespace rl::app {

/// The cast as standing cards in reading order; drag one to another place, Delete takes the chosen one away.
class CastRow final : public QWidget {
    Q_OBJECT
public:
    CastRow();
    void show(std::vector<CastMember> cast);
    QRect cardRect(int index) const;
    QSize sizeHint() const override;

signals:
    void moved(int from, int to);
    void removed(int member); ///< its id
    void renamed(int member, const QString& name);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    int idAt(int index) const { return m_members[std::size_t(index)].id; }
    int at(QPoint p) const;
    std::vector<CastMember> m_members;
    int m_chosen = -1, m_held = -1;
    QPoint m_pointer;
};

} // namespace rl::app
