// Painting an unwanted thing out of a picture.
#include "app/stations/cut/cut_pages.h"
#include "core/base/words.h"
#include "core/cutout/patch.h"
#include "core/project/edits.h"
#include "store/stored_picture.h"

namespace rl::app {

PatchPage::PatchPage(Desk& desk, CutTable& table)
    : CutPage(
        desk, table, tr("Paint out"), tr("Brush over a fence or a cable: the hole is filled from what lies around it"))
    , m_tool(table, [this] { fill(); })
    , m_fill(desk.jobs)
{
    m_form->mainButton(
        "paintOut", tr("Paint out"),
        tr("Fills what you brushed over; the result hangs on the wall beside the original (Enter)"), [this] { fill(); },
        [this] { return !m_fill.running(); });
    m_form->value(
        {"patchWidth", tr("brush"), tr("Width of the brush that marks what is to go."), {}},
        NumberFormat{1, " px", 0, 4}, 2, 600, [this] { return std::optional(m_table.brushPx); },
        [this](double v, int) { m_table.brushPx = v; });
    m_form->latch("takeFrom", tr("Mark the source"),
        tr("The brush marks in green where the filling may be taken from, instead of what is to go. Without it is "
           "taken "
           "from around the hole, from what is of a kind with its rim."),
        [this](bool on) { m_tool.takeFrom(on); });
    m_form->button(
        "wipeBrush", tr("Clear brush marks"), tr("Removes all brush marks (Esc)"), [this] { m_tool.drop(); },
        [this] { return !m_tool.hole().isNull() || !m_tool.from().isNull(); });
    m_form->button(
        "stopPatch", tr("Stop"), tr("Cancels; the picture stays as it is"), [this] { m_fill.stop(); },
        [this] { return m_fill.running(); });
    connect(&m_fill, &JobBase::done, this, &PatchPage::take);
}

void PatchPage::fill()
{
    const Reference* r = m_table.picture();
    if (!r || m_fill.running())
        return;
    if (m_tool.hole().isNull())
        return m_desk.notices.say(tr("Brush over what is to go first."));
    m_from = r->id;
    m_fill.ask(
        ++m_count,
        [pixels = r->pixels, name = r->name, marks = m_tool.hole(), source = m_tool.from()](
            Progress& progress) -> Result<Reference> {
            const auto maskOf = [&](const QImage& brushed) {
                if (brushed.isNull())
                    return Mask();
                const QImage whole
                    = brushed.scaled(pixels.width(), pixels.height(), Qt::IgnoreAspectRatio, Qt::FastTransformation);
                std::vector<std::uint8_t> out(std::size_t(whole.width()) * std::size_t(whole.height()));
                for (int y = 0; y < whole.height(); ++y)
                    std::copy_n(whole.constScanLine(y), whole.width(), out.begin() + std::ptrdiff_t(y) * whole.width());
                return Mask(whole.width(), whole.height(), std::move(out));
            };
            const Photo photo = pixels.photo();
            if (photo.empty())
                return Error{ErrorKind::Missing, rl::tr("The file of “%1” cannot be read.", name), {}};
            const Photo filled = cutout::patched(photo, maskOf(marks), progress, maskOf(source));
            if (progress.cancelled())
                return Error{ErrorKind::Cancelled, {}, {}};
            if (filled.empty())
                return Error{
                    ErrorKind::Invalid, rl::tr("There is not enough left around the hole to fill it from."), {}};
            auto bytes = std::make_shared<const std::vector<unsigned char>>(store::encodeJpeg(filled, 96));
            const auto glanced = store::glancePicture(bytes);
            if (!glanced)
                return glanced.error();
            return store::referenceOf(name + " (painted out)", *glanced);
        },
        Lane::Long);
    m_form->refresh();
    emit saysChanged();
}

/// It hangs beside the original, which stays.
void PatchPage::take()
{
    m_form->refresh();
    emit saysChanged();
    const Reference* old = project().reference(m_from);
    if (m_fill.problem() || !m_fill.last() || !old)
        return;
    Reference fresh = *m_fill.last();
    fresh.credit = old->credit, fresh.permission = old->permission, fresh.permissionNote = old->permissionNote;
    fresh.roles = old->roles, fresh.heap = old->heap;
    fresh.source = "painted out of " + old->name;
    Project after = edits::withReference(project(), std::move(fresh));
    const int id = after.references.back().id;
    if (after.backdrop.reference == m_from)
        after.backdrop.reference = id;
    m_desk.edit(tr("Paint out"), std::move(after));
    m_tool.wipe();
    m_desk.holdReference(id);
    m_desk.notices.say(tr("Painted out, at full size. The original still hangs on the wall."));
}

QString PatchPage::says() const
{
    return m_fill.running()
        ? tr("Filling the hole from around it, at full size…")
        : tr("Brush over what is to go, a little beyond its edge. The filled picture hangs beside the "
             "original and takes its place as the backdrop; Ctrl+Z takes it back.");
}

} // namespace rl::app
