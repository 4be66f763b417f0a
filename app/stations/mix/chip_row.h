#pragma once
#include <QColor>
#include <QWidget>
#include <vector>

namespace rl::app {

/// Chips of paint side by side, each with a line or two under it; a second colour below for comparing.
class ChipRow final : public QWidget {
public:
    struct Chip {
        QColor upper;
        QColor lower; ///< invalid: none
        QString title, words;
    };
    explicit ChipRow(const QString& name, int lines = 2);
    void show(std::vector<Chip> chips, const QString& upperWord = {}, const QString& lowerWord = {});
    void say(const QString& words); ///< instead of chips

protected:
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent*) override; ///< all words of a chip as a tool tip

private:
    int head() const; ///< px before the first chip
    double wide() const; ///< of one chip, px
    std::vector<Chip> m_chips;
    QString m_upperWord, m_lowerWord, m_words;
    int m_lines;
};

} // namespace rl::app
