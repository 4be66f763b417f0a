#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/light/relight.h"
#include "core/paint/mixing.h"
#include "core/transfer/element_flow.h"
#include "core/transfer/landmarks.h"
#include "core/transfer/lineart.h"
#include "core/transfer/stencil.h"
#include "core/transfer/tiles.h"
#include <QPagedPaintDevice>
#include <QPainter>
#include <QString>

namespace rl::output {

enum class SheetContent { LineArt, Picture, Grid, Colours, Values, Landmarks, Flow, Stencil, Mask, Recarry };
inline constexpr int kSheetContentCount = 10;
/// "lineart", "picture", … as the command line says it.
const char* wordOf(SheetContent content);

/// A shape to be cut, in its place on the canvas.
struct PlacedShape {
    std::vector<std::vector<Vec2>> loops; ///< closed, cm on the canvas
    int islands = 0, bridges = 0; ///< of a stencil
};

/// \param content Stencil or Mask \param turns more than 1: the thing as seen from so many directions, side by side
/// from the canvas' upper left (a cut-out is a card: turned up to 60° either way, and mirrored; a stand-in all round)
/// \return Invalid where it is not seen, or too small for a knife
Result<PlacedShape> shapeToCut(
    const Project& project, int element, SheetContent content, stage::SurfaceCache& cache, int turns = 1);

/// All that sheets are drawn from.
struct SheetJob {
    Project project;
    SheetContent content = SheetContent::LineArt;
    bool withGrid = true;
    int element = 0; ///< this alone; 0 = all
    light::Picture picture; ///< for pictures, colours and values: as lit
    std::vector<transfer::Stroke> lines; ///< plan cm; for line art, landmarks and for one element again
    std::optional<transfer::Landmarks> landmarks;
    std::optional<transfer::ElementFlow> flow;
    PlacedShape shape; ///< for stencils and masks
    std::shared_ptr<const paint::Mixing> mixing; ///< for colours: puddles by number where there is a paint box
};

/// The work made ready for its sheets: the board shows the lines of the same source.
/// \param element needed for flow, stencil and mask of one, and carrying one again
Result<SheetJob> sheetJob(const Project& project, SheetContent content, bool withGrid, stage::SurfaceCache& cache,
    Progress& progress, int element = 0, int turns = 1);

/// What of the canvas goes on sheets, cm: all with its bleed, or one element's place with 1 cm about it.
Rect carriedPart(const SheetJob& job);

/// Writes the sheets as a PDF: those at 1:1 with a map of them first, each with overlap, cut marks, a label and a 10 cm
/// check ruler; colours, values and landmarks on single pages. Lines stay vector. Written beside, then renamed.
Result<Done> writeSheets(const SheetJob& job, const QString& path, Progress& progress);

/// \return what is said when there would be too many sheets
std::optional<Error> tooMany(const SheetJob& job);
/// The paper of the sheets, without margins.
void setPaper(QPagedPaintDevice& device, const SheetJob& job);
/// The same pages on any device. \pre the painter is begun on it, and not tooMany()
void drawSheets(const SheetJob& job, QPagedPaintDevice& device, QPainter& painter, Progress& progress);

/// Pixels across the canvas wanted for printing the picture: 200 px/inch, no more than the photographs carry,
/// 1000…6000.
int printWidthPx(const Project& project);

} // namespace rl::output
