#pragma once
#include "app/desk/desk.h"
#include <QWidget>

namespace rl::app {

/// One line for each thing, the strongest first: how much it draws, and what lifts or damps that.
class PullRows final : public QWidget {
    Q_OBJECT
public:
    explicit PullRows(Desk& desk);
    void fit(); ///< as high as its lines

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    void paintRow(QPainter& p, const Element& element, int y) const;
    std::size_t lines() const { return m_desk.review ? m_desk.review->reading.attention.order.size() : 1; }
    Desk& m_desk;
};

} // namespace rl::app
