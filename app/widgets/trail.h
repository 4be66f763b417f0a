#pragma once
#include "core/base/finding.h"
#include <QWidget>
#include <array>

namespace rl::app {

/// The stations as lamps on one line: bright when nothing is left to say, low when something is worth watching, out
/// when something is broken; the count stands beside it.
class Trail final : public QWidget {
    Q_OBJECT
public:
    explicit Trail(QWidget* parent = nullptr);
    void setTitle(const QString& title, const QString& detail);
    void setCurrent(int station);
    void setFindings(const Findings& findings);
    QRect lampRect(int station) const; ///< where to click
    QSize sizeHint() const override { return {900, 58}; }

signals:
    void stationWanted(int station);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

private:
    QString m_title, m_detail;
    int m_current = 3;
    std::array<int, kStationCount> m_count{}, m_broken{};
};

/// A small lamp: 0 holds (burning), 1 watch (low), 2 broken (out).
void paintLamp(QPainter& painter, QPointF centre, double size, int state);
QString stationName(int station);

} // namespace rl::app
