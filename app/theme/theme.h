#pragma once
#include <QColor>
#include <QFont>

class QApplication;

/// Linen-pale or, for the evening, dark; nearly colourless either way, one warm accent kept for light and for the thing
/// being held. The mats a picture lies on stay neutral and are not touched by it.
namespace rl::theme {

/// What stands on the mats and over pictures: the same by day and in the evening.
inline const QColor kLinen(0xe9, 0xe7, 0xe3), kPaper(0xf6, 0xf5, 0xf2), kInk(0x2b, 0x29, 0x26),
    kFaint(0x5f, 0x5b, 0x55), kLine(0xc4, 0xc0, 0xb8), kAccent(0xb3, 0x5c, 0x12), kGlow(0xf0, 0xa9, 0x4a),
    kDark(0x3c, 0x39, 0x35);

/// Of the window around them.
struct Chrome {
    QColor linen, paper, ink, faint, line, edge, accent, strong, onStrong, pressed, off;
};
extern const Chrome kDay, kEvening;
enum class Hour { Day, Evening };
const Chrome& chrome();
inline QColor linen()
{
    return chrome().linen;
} ///< benches
inline QColor paper()
{
    return chrome().paper;
} ///< fields and cards
inline QColor ink()
{
    return chrome().ink;
} ///< words
inline QColor faint()
{
    return chrome().faint;
} ///< words of less weight
inline QColor line()
{
    return chrome().line;
}
inline QColor accent()
{
    return chrome().accent;
} ///< what is held
inline QColor strong()
{
    return chrome().strong;
} ///< what is pressed first
QColor veil(int alpha); ///< paper that shows what is under it

/// \param scale of all text, 0.8…2; 1 = 14 px
void apply(QApplication& app, double scale = 1, Hour hour = Hour::Day);
double scale();
Hour hour();
int px(double at100); ///< a length that grows with the text
QFont heading(double px);
QFont text(double px, bool strong = false);
/// How far two colours lie apart, 1…21. WCAG 2.2, "contrast ratio".
double contrast(const QColor& a, const QColor& b);

} // namespace rl::theme
