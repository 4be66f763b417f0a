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
* { font-family: "Cabin"; font-size: 14px; color: #2b2926; }
QMainWindow, QDialog { background: #e9e7e3; }
QToolTip { background: #f6f5f2; color: #2b2926; border: 1px solid #8d877d; padding: 5px; }
QPushButton { background: #f6f5f2; border: 1px solid #b9b4ab; border-radius: 3px; padding: 4px 11px; min-height: 20px; }
QPushButton:hover { border-color: #6d675e; }
QPushButton:pressed, QPushButton:checked { background: #dcd8d0; border-color: #6d675e; }
QPushButton:focus { border: 2px solid #b35c12; padding: 3px 10px; }
QPushButton:disabled { color: #8f8a82; }
QPushButton[main="true"] { background: #3c3935; color: #f6f5f2; border-color: #3c3935; }
QPushButton[main="true"]:hover { background: #55514b; }
QPushButton[main="true"]:focus { border: 2px solid #f0a94a; }
QPushButton[main="true"]:disabled { background: #b9b4ab; border-color: #b9b4ab; color: #f6f5f2; }
QToolButton { background: #f6f5f2; border: 1px solid #b9b4ab; border-radius: 3px; padding: 3px 9px; min-height: 20px; }
QToolButton:hover { border-color: #6d675e; }
QToolButton:checked { background: #5f5b55; border-color: #5f5b55; color: #f6f5f2; }
QToolButton:focus { border: 2px solid #b35c12; padding: 2px 8px; }
QToolButton:disabled { color: #8f8a82; }
QLineEdit, QDoubleSpinBox, QSpinBox, QComboBox { background: #f6f5f2; border: 1px solid #b9b4ab; border-radius: 3px; padding: 2px 6px; min-height: 22px; selection-background-color: #b35c12; selection-color: #ffffff; }
QLineEdit:focus, QDoubleSpinBox:focus, QSpinBox:focus, QComboBox:focus { border: 2px solid #b35c12; padding: 1px 5px; }
QLineEdit:disabled, QDoubleSpinBox:disabled, QSpinBox:disabled, QComboBox:disabled { background: #e4e1da; color: #8f8a82; border-color: #cfcac1; }
QCheckBox:disabled { color: #8f8a82; }
QComboBox QAbstractItemView { background: #f6f5f2; selection-background-color: #dcd8d0; selection-color: #2b2926; }
QCheckBox { spacing: 6px; }
QSlider::groove:horizontal { height: 4px; background: #c4c0b8; border-radius: 2px; }
QSlider::handle:horizontal { width: 14px; height: 14px; margin: -6px 0; border-radius: 7px; background: #3c3935; }
QSlider::handle:horizontal:focus { background: #b35c12; }
QScrollBar:vertical { width: 11px; background: transparent; } QScrollBar::handle:vertical { background: #b9b4ab; border-radius: 5px; min-height: 24px; }
QScrollBar:horizontal { height: 11px; background: transparent; } QScrollBar::handle:horizontal { background: #b9b4ab; border-radius: 5px; min-width: 24px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollArea { border: none; background: transparent; }
QLabel[role="hint"] { color: #5f5b55; }
QLabel[role="head"] { font-family: "EB Garamond 12"; font-size: 19px; }
QMenuBar { background: #e9e7e3; } QMenuBar::item { padding: 3px 9px; } QMenuBar::item:selected, QMenu::item:selected { background: #dcd8d0; }
QMenu { background: #f6f5f2; border: 1px solid #b9b4ab; } QMenu::item { padding: 4px 22px; }
QProgressBar { border: 1px solid #b9b4ab; background: #f6f5f2; border-radius: 3px; text-align: center; max-height: 16px; } QProgressBar::chunk { background: #f0a94a; }
)";
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

void apply(QApplication& app, double scale)
{
    s_scale = std::clamp(scale, 0.8, 2.0);
    loadFonts();
    app.setStyle(QStyleFactory::create("Fusion"));
    QPalette p;
    p.setColor(QPalette::Window, kLinen);
    p.setColor(QPalette::Base, kPaper);
    p.setColor(QPalette::Button, kPaper);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(role, kInk);
    p.setColor(QPalette::Highlight, kAccent);
    app.setPalette(p);
    app.setFont(text(14));
    app.setStyleSheet(scaled(kSheet));
    app.setWindowIcon(QIcon(":/theme/lantern.svg"));
}

} // namespace rl::theme
