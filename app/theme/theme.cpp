#include "app/theme/theme.h"
#include "app/theme/fonts.h"
#include <QApplication>
#include <QIcon>
#include <QPalette>
#include <QRegularExpression>
#include <QStyleFactory>

namespace rl::theme {

namespace {
double s_scale = 1;
Hour s_hour = Hour::Day;
} // namespace

const Chrome kDay{"#e9e7e3", "#f6f5f2", "#2b2926", "#5f5b55", "#c4c0b8", "#7f796f", "#9c4d0b", "#3c3935", "#f6f5f2",
    "#dcd8d0", "#8f8a82"};
const Chrome kEvening{"#2a2826", "#37342f", "#ece8e0", "#c6bfb3", "#57524a", "#8d867a", "#f2a552", "#ddd6c9", "#2a2826",
    "#4b463f", "#8f887c"};

const Chrome& chrome()
{
    return s_hour == Hour::Day ? kDay : kEvening;
}

Hour hour()
{
    return s_hour;
}

QColor veil(int alpha)
{
    QColor c = paper();
    c.setAlpha(alpha);
    return c;
}

double contrast(const QColor& a, const QColor& b)
{
    const auto light = [](const QColor& c) {
        const auto linear = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF()) + 0.05;
    };
    return std::max(light(a), light(b)) / std::min(light(a), light(b));
}

double scale()
{
    return s_scale;
}

int px(double at100)
{
    return int(std::lround(at100 * s_scale));
}

QFont heading(double size)
{
    QFont f("EB Garamond 12");
    f.setPixelSize(px(size));
    return f;
}

QFont text(double size, bool strong)
{
    QFont f("Cabin");
    f.setPixelSize(px(size));
    f.setWeight(strong ? QFont::DemiBold : QFont::Normal);
    return f;
}

namespace {
const char* kSheet = R"(
* { font-family: "Cabin"; font-size: 14px; color: @ink; }
QMainWindow, QDialog { background: @linen; }
QToolTip { background: @paper; color: @ink; border: 1px solid @edge; padding: 5px; }
QPushButton { background: @paper; border: 1px solid @edge; border-radius: 3px; padding: 4px 11px; min-height: 20px; }
QPushButton:hover { border-color: @faint; }
QPushButton:pressed, QPushButton:checked { background: @pressed; border-color: @faint; }
QPushButton:focus { border: 2px solid @accent; padding: 3px 10px; }
QPushButton:disabled { color: @off; }
QPushButton[main="true"] { background: @strong; color: @onStrong; border-color: @strong; }
QPushButton[main="true"]:hover { background: @faint; }
QPushButton[main="true"]:focus { border: 2px solid @accent; }
QPushButton[main="true"]:disabled { background: @line; border-color: @line; color: @ink; }
QToolButton { background: @paper; border: 1px solid @edge; border-radius: 3px; padding: 3px 9px; min-height: 20px; }
QToolButton:hover { border-color: @faint; }
QToolButton:checked { background: @strong; border-color: @strong; color: @onStrong; }
QToolButton:focus { border: 2px solid @accent; padding: 2px 8px; }
QToolButton:disabled { color: @off; }
QLineEdit, QDoubleSpinBox, QSpinBox, QComboBox { background: @paper; border: 1px solid @edge; border-radius: 3px; padding: 2px 6px; min-height: 22px; selection-background-color: @accent; selection-color: @paper; }
QLineEdit:focus, QDoubleSpinBox:focus, QSpinBox:focus, QComboBox:focus { border: 2px solid @accent; padding: 1px 5px; }
QLineEdit:disabled, QDoubleSpinBox:disabled, QSpinBox:disabled, QComboBox:disabled { background: @linen; color: @off; border-color: @line; }
QCheckBox:disabled { color: @off; }
QComboBox QAbstractItemView { background: @paper; selection-background-color: @pressed; selection-color: @ink; }
QCheckBox { spacing: 6px; border-radius: 3px; } QCheckBox:focus { background: @pressed; }
QSlider::groove:horizontal { height: 4px; background: @line; border-radius: 2px; }
QSlider::handle:horizontal { width: 14px; height: 14px; margin: -6px 0; border-radius: 7px; background: @strong; }
QSlider::handle:horizontal:focus { background: @accent; }
QScrollBar:vertical { width: 11px; background: transparent; } QScrollBar::handle:vertical { background: @edge; border-radius: 5px; min-height: 24px; }
QScrollBar:horizontal { height: 11px; background: transparent; } QScrollBar::handle:horizontal { background: @edge; border-radius: 5px; min-width: 24px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollArea { border: none; background: transparent; }
QLabel[role="hint"] { color: @faint; }
QLabel[role="head"] { font-family: "EB Garamond 12"; font-size: 19px; }
QMenuBar { background: @linen; } QMenuBar::item { padding: 3px 9px; } QMenuBar::item:selected, QMenu::item:selected { background: @pressed; }
QMenu { background: @paper; border: 1px solid @edge; } QMenu::item { padding: 4px 22px; }
QProgressBar { border: 1px solid @edge; background: @paper; border-radius: 3px; text-align: center; max-height: 16px; } QProgressBar::chunk { background: @accent; }
)";
}

/// The sheet in the colours of the hour.
QString coloured(QString sheet)
{
    const Chrome& c = chrome();
    // The longer names first.
    for (const auto& [name, colour] : {std::pair{"@onStrong", c.onStrong}, {"@strong", c.strong},
             {"@pressed", c.pressed}, {"@accent", c.accent}, {"@linen", c.linen}, {"@paper", c.paper},
             {"@faint", c.faint}, {"@line", c.line}, {"@edge", c.edge}, {"@ink", c.ink}, {"@off", c.off}})
        sheet.replace(name, colour.name());
    return sheet;
}

/// Lengths of the sheet that go with the text.
QString scaled(QString sheet)
{
    static const QRegularExpression size("(font-size|min-height): (\\d+)px");
    qsizetype at = 0;
    for (QRegularExpressionMatch m = size.match(sheet, at); m.hasMatch(); m = size.match(sheet, at)) {
        const QString with = QString("%1: %2px").arg(m.captured(1)).arg(px(m.captured(2).toInt()));
        sheet.replace(m.capturedStart(), m.capturedLength(), with);
        at = m.capturedStart() + with.size();
    }
    return sheet;
}

void apply(QApplication& app, double scale, Hour hour)
{
    s_scale = std::clamp(scale, 0.8, 2.0);
    s_hour = hour;
    loadFonts();
    app.setStyle(QStyleFactory::create("Fusion"));
    QPalette p;
    for (const auto& [role, colour] : {std::pair{QPalette::Window, linen()}, {QPalette::Base, paper()},
             {QPalette::AlternateBase, linen()}, {QPalette::Button, paper()}, {QPalette::ToolTipBase, paper()},
             {QPalette::WindowText, ink()}, {QPalette::Text, ink()}, {QPalette::ButtonText, ink()},
             {QPalette::ToolTipText, ink()}, {QPalette::PlaceholderText, faint()}, {QPalette::Highlight, accent()},
             {QPalette::HighlightedText, paper()}, {QPalette::Link, accent()}, {QPalette::LinkVisited, accent()},
             {QPalette::Mid, line()}, {QPalette::Dark, chrome().edge}, {QPalette::Light, paper()}})
        p.setColor(role, colour);
    app.setPalette(p);
    app.setFont(text(14));
    app.setStyleSheet(coloured(scaled(kSheet)));
    app.setWindowIcon(QIcon(":/theme/lantern.svg"));
}

} // namespace rl::theme
