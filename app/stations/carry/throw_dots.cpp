// Squaring the projector up by dots that are thrown and photographed.
#include "app/stations/carry/throw_page.h"
#include "core/transfer/canvas_plan.h"
#include "store/picture_reader.h"

namespace rl::app {

void ThrowPage::throwDots()
{
    m_dots = true;
    throwIt();
    CarryPage::refresh();
    emit saysChanged();
}

void ThrowPage::photograph(const QString& file)
{
    const auto canvas = transfer::canvasPlanOf(project());
    transfer::DotPattern dots;
    dots.widthPx = widthPx(), dots.heightPx = heightPx();
    std::optional<devices::SimulatedProjector> room;
    if (file.isEmpty() && m_simulated)
        room = *m_simulated;
    m_found.ask(
        ++m_count,
        [room, file, dots, canvas](Progress&) -> Result<transfer::Keystone> {
            Photo photo;
            if (room)
                photo = room->photograph();
            else {
                const auto read = store::readPicture(std::filesystem::path(file.toStdString()));
                if (!read)
                    return read.error();
                photo = read->pixels;
            }
            return transfer::keystoneOf(photo, dots, canvas.widthCm, canvas.heightCm);
        },
        Lane::Long);
}

double ThrowPage::trueErrorMm() const
{
    if (!m_simulated || !m_keystone)
        return 0;
    const auto canvas = transfer::canvasPlanOf(project());
    double worst = 0;
    for (const Vec2 c :
        {Vec2{0, 0}, Vec2{canvas.widthCm, 0}, Vec2{canvas.widthCm, canvas.heightCm}, Vec2{0, canvas.heightCm}})
        worst = std::max(worst, 10 * (m_simulated->canvasAt(m_keystone->projectorAt(c)) - c).length());
    return worst;
}

QString ThrowPage::says() const
{
    if (!m_thrown)
        return tr("Stand the projector before the canvas, throw the picture, and square it up to the canvas' corners.");
    if (m_dots)
        return tr("Photograph the dots with all four corners of the canvas in the picture.");
    QString s = m_keystone && m_keystone->points > 4
        ? tr("Aligned by %n dots, to %1 mm.", nullptr, int(m_keystone->points)).arg(m_keystone->errorMm, 0, 'f', 2)
        : tr("Drag the four corners onto the canvas', or throw dots and photograph them.");
    if (m_simulated)
        s += tr(" In the simulated room its worst corner is off by %1 mm.").arg(trueErrorMm(), 0, 'f', 1);
    return s;
}

} // namespace rl::app
