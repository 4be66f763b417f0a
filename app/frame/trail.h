#pragma once
#include "core/base/finding.h"
#include <QWidget>
#include <vector>

namespace rl::app {

/// The stations as lamps on one line: bright when nothing is left to say, low when something is worth watching, out
/// when something is broken; the count stands beside it.
class Trail final : public QWidget {
    Q_OBJECT
public:
    explicit Trail(QWidget* parent = nullptr);
    void setTitle(const QString& title, const QString& detail);
    void setCurrent(int station);
    /// \param checking they are those of before: what counts is being worked out
    void setFindings(const Findings& findings, bool checking = false);
    void setUnknown(); ///< nothing is known of the findings yet
    void setNames(std::vector<QString> names); ///< instead of the stations' own
    bool fits() const; ///< every name and count has room
    QRect lampRect(int station) const; ///< where to click
    QSize sizeHint() const override { return {900, height()}; }

signals:
    void stationWanted(int station);

protected:
    void changeEvent(QEvent* e) override;
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

private:
    QString m_title, m_detail;
    int m_current = 3;
    QString wordsOf(std::size_t station) const;
    int titleWide() const;
    std::vector<QString> m_names;
    std::vector<int> m_count, m_broken;
    bool m_known = false, m_checking = false;
};

/// A small lamp: 0 holds (burning), 1 watch (low), 2 broken (out), 3 not known yet (empty).
void paintLamp(QPainter& painter, QPointF centre, double size, int state);

} // namespace rl::app
