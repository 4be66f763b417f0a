#pragma once
#include "core/gather/fit.h"
#include <QWidget>

namespace rl::app {

/// Candidates against the lead, best first: one line each, as long as much would have to change, in pieces by what.
class FitChart final : public QWidget {
    Q_OBJECT
public:
    FitChart();
    struct Row {
        gather::Candidate candidate;
        QString name;
    };
    void show(QString lead, std::vector<Row> rows, int held, int second);
    QRect rowRect(int index) const;
    QSize sizeHint() const override { return {420, 160}; }

signals:
    void held(int reference);
    void secondWanted(int reference); ///< Ctrl+click: to compare with the held one

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    bool event(QEvent*) override;

private:
    int rowAt(QPoint p) const;
    QString m_lead;
    std::vector<Row> m_rows;
    int m_held = 0, m_second = 0, m_first = 0;
};

/// Its reasons, one a line, with their figures.
QString reasonsText(const gather::Candidate& candidate);

} // namespace rl::app
