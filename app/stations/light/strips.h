#pragma once
#include "core/review/light_audit.h"
#include <QWidget>

namespace rl::app {

/// Lights above, shades below, as chips to mix from.
class Strips final : public QWidget {
    Q_OBJECT
public:
    Strips();
    void show(const review::AuditRow& row);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    review::AuditRow m_row;
};

} // namespace rl::app
