#pragma once
#include "store/picture_header.h"
#include <exiv2/exiv2.hpp>

/// What pictures say of themselves, by Exiv2. Its versions before and after 0.28 differ in types; only here.
namespace rl::store {

#if EXIV2_TEST_VERSION(0, 28, 0)
using ExivImage = Exiv2::Image::UniquePtr;
#else
using ExivImage = Exiv2::Image::AutoPtr;
#endif

/// \return never null, its metadata not read yet \throws Exiv2's error where it knows no such kind of file.
/// The XMP part has to be made ready once, before several threads use it, and wants a lock of the program's own
/// (Exiv2, XmpParser::initialize): done by the first call.
ExivImage exivImage(Bytes bytes);
int exivWhole(const Exiv2::Exifdatum& datum); ///< its first whole number
std::vector<unsigned char> exivProfile(Exiv2::Image& image); ///< ICC; empty where there is none

} // namespace rl::store
