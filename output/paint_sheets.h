#pragma once
#include "core/base/result.h"
#include "core/paint/mixing.h"
#include <QImage>
#include <QStringList>

namespace rl::output {

/// A card for each puddle: its number and place on a small picture, parts, ml, where it goes, and room to dab the real
/// thing; then the palette by value and what each tube gives.
/// \param elements those of a sitting, 0 = the backdrop: only puddles that go there, numbered as on the whole palette;
/// empty: all \return Invalid where nothing was mixed, or nothing goes there
Result<Done> writePuddleCards(const Project& project, const paint::Mixing& mixing, const QImage& picture,
    const QString& path, const std::vector<int>& elements = {});
/// The card to paint swatches on, A4: four marks, a row for each tube. \param tubes names, 1…12
Result<Done> writeSwatchCard(const QStringList& tubes, const QString& path);
/// One row a puddle: number, whose, family, L*a*b*, ml, recipe, CIEDE2000. *.csv or *.json.
Result<Done> writePuddleList(const Project& project, const paint::Mixing& mixing, const QString& path);

} // namespace rl::output
