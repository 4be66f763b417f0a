#pragma once
#include <QLayout>
#include <QStyle>

namespace rl::app {

/// Lays widgets side by side and goes on in the next line where there is no room; hidden ones take none. Lines are as
/// high as what is highest in them, aligned at its foot.
class FlowLayout final : public QLayout {
public:
    explicit FlowLayout(QWidget* parent = nullptr);
    ~FlowLayout() override;
    void addItem(QLayoutItem* item) override { m_items.append(item); }
    void breakLine(); ///< what comes next begins a line
    static void setFromRight(bool on); ///< lines begin at the right, for a left hand; all of them, when next laid out
    int count() const override { return int(m_items.size()); }
    QLayoutItem* itemAt(int i) const override { return m_items.value(i); }
    QLayoutItem* takeAt(int i) override { return i >= 0 && i < count() ? m_items.takeAt(i) : nullptr; }
    Qt::Orientations expandingDirections() const override { return {}; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return lay({0, 0, width, 0}, false); }
    QSize sizeHint() const override;
    QSize minimumSize() const override;
    void setGeometry(const QRect& rect) override;

private:
    int lay(const QRect& rect, bool really) const;
    QList<QLayoutItem*> m_items;
    QList<int> m_breaks;
};

} // namespace rl::app
