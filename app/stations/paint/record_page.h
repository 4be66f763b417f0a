#pragma once
#include "app/stations/paint/paint_page.h"

class QTreeWidget;

namespace rl::app {

/// What is left after the last stroke: facts, signature, varnish, the record.
class RecordPage final : public PaintPage {
    Q_OBJECT
public:
    RecordPage(Desk& desk, StationView& view);
    ~RecordPage() override;
    QString says() const override;
    void refresh() override;
    QWidget* beside() override;
    std::vector<Tool*> tools() override;
    void writeRecord(const QString& path);
    void writeLog(const QString& path);

private:
    class SignTool;
    std::unique_ptr<SignTool> m_sign;
    QTreeWidget* m_facts;
    bool m_signing = false, m_filling = false;
};

} // namespace rl::app
