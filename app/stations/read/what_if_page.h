#pragma once
#include "app/desk/job.h"
#include "app/stations/station.h"
#include "core/reading/touch.h"

class QLabel;

namespace rl::app {

/// Lights lighter, darks darker, more or less colour, warmer shadows: tried as a look, with figures before and after;
/// kept as a take, or dropped.
class WhatIfPage final : public Page {
public:
    explicit WhatIfPage(Desk& desk);
    QString says() const override;
    void forget() override { m_touch = {}, m_saturation = 1; }
    void refresh() override;
    QImage look() override;
    void left() override;
    bool busy() const override { return m_made.running() || m_kept.running(); }

private:
    struct Looked {
        QImage image;
        reading::Attention before, after;
        reading::ValuePlan valuesBefore, valuesAfter;
    };
    reading::Touch touch() const; ///< on the element in hand, or on the whole
    JobKey key() const;
    void number(const QString& name, const QString& label, const QString& tip, double reading::Touch::*member,
        double reach, const QString& unit);
    void changed();
    void keep(bool asTake);
    reading::Touch m_touch;
    double m_saturation = 1;
    bool m_whole = true;
    Job<Looked> m_made;
    Job<std::shared_ptr<Project>> m_kept;
    QLabel* m_figures;
};

} // namespace rl::app
