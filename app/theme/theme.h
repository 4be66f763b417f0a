#pragma once
#include <QColor>
#include <QFont>

class QApplication;

/// Linen-pale, nearly colourless; one warm accent kept for light and for the thing being held.
namespace rl::theme {

inline const QColor kLinen(0xe9, 0xe7, 0xe3), kPaper(0xf6, 0xf5, 0xf2), kInk(0x2b, 0x29, 0x26),
    kFaint(0x5f, 0x5b, 0x55), kLine(0xc4, 0xc0, 0xb8), kAccent(0xb3, 0x5c, 0x12), kGlow(0xf0, 0xa9, 0x4a),
    kDark(0x3c, 0x39, 0x35);

/// \param scale of all text, 0.8…2; 1 = 14 px
void apply(QApplication& app, double scale = 1);
double scale();
int px(double at100); ///< a length that grows with the text
QFont heading(double px);
QFont text(double px, bool strong = false);

} // namespace rl::theme
