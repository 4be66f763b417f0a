#pragma once
#include "core/project/project.h"
#include "store/picture_reader.h"
#include <QString>

/// A small made-up work and pictures for tests.
namespace rl::kit {

/// A photograph of one disc, lit by a distant light over an even ground; JPEG-free, exact.
struct Disc {
    Photo photo;
    Mask mask;
};
/// \param azimuth, elevation of the light, picture convention \param ambient share of light from everywhere
Disc litDisc(int size, double radius, double azimuth, double elevation, double ambient);

/// A plain picture of one colour.
Photo plain(int width, int height, Rgb8 colour);

/// A reference whose original is the PNG of its pixels.
Reference referenceOf(const std::string& name, const Photo& photo);

/// 60 × 40 cm, horizon at 16 cm, eye at 1.6 m, one white card ("Post", 2 m high, a tenth as wide) 10 m away in the
/// middle, no backdrop, the sun as given.
Project postWork(double sunAzimuth = 180, double sunElevation = 45);

/// A photograph held in memory with its file.
LazyPhoto held(const Photo& photo);
/// The same before a shore with something to hold on to: a photograph of it is told from any other.
Project shoreWork();
QString pathIn(const QString& folder, const char* name);
bool writeBytes(const QString& path, const QByteArray& bytes);

} // namespace rl::kit
