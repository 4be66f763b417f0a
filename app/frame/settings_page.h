#pragma once
#include "app/desk/settings.h"
#include <QDialog>

class QFormLayout;

namespace rl::app {

/// The few things that are set once. Each takes hold at once; there is nothing to confirm.
class SettingsPage final : public QDialog {
    Q_OBJECT
public:
    explicit SettingsPage(QWidget* parent = nullptr);
    const Settings& settings() const { return m_settings; }
    void show(const Settings& settings); ///< as they are elsewhere set too

signals:
    void changed(const rl::app::Settings& settings);

private:
    void choice(const char* name, const QString& label, const QString& tip, const QStringList& words,
        std::function<int(const Settings&)> get, std::function<void(Settings&, int)> set);
    void number(const char* name, const QString& label, const QString& tip, const QString& unit, int low, int high,
        int step, std::function<int(const Settings&)> get, std::function<void(Settings&, int)> set);
    void folder();
    void change(const std::function<void(Settings&)>& set);
    Settings m_settings;
    QFormLayout* m_rows;
    std::vector<std::function<void()>> m_refresh;
};

} // namespace rl::app
