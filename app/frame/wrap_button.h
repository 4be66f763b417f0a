#pragma once
#include <QPushButton>

namespace rl::app {

/// A button whose words wrap instead of being cut.
class WrapButton final : public QPushButton {
public:
    explicit WrapButton(const QString& words);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
};

} // namespace rl::app
