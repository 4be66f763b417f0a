#include "core/colour/profile.h"
#include "core/base/words.h"
#include <lcms2.h>

namespace rl::colour {

namespace {
using Profile = std::unique_ptr<void, decltype(&cmsCloseProfile)>;
using Transform = std::unique_ptr<void, decltype(&cmsDeleteTransform)>;
} // namespace

Result<Photo> toSrgb(const Photo& pixels, std::span<const unsigned char> icc)
{
    const Profile from(cmsOpenProfileFromMem(icc.data(), cmsUInt32Number(icc.size())), &cmsCloseProfile);
    if (!from || cmsGetColorSpace(from.get()) != cmsSigRgbData)
        return Error{ErrorKind::Unsupported,
            tr("The picture's colour profile cannot be used; its colours are taken as sRGB."), {}};
    const Profile to(cmsCreate_sRGBProfile(), &cmsCloseProfile);
    const Transform transform(
        cmsCreateTransform(from.get(), TYPE_RGB_8, to.get(), TYPE_RGB_8, INTENT_PERCEPTUAL, 0), &cmsDeleteTransform);
    if (!transform)
        return Error{
            ErrorKind::Damaged, tr("The picture's colour profile is damaged; its colours are taken as sRGB."), {}};
    std::vector<Rgb8> out(pixels.size());
    cmsDoTransform(transform.get(), pixels.data(), out.data(), cmsUInt32Number(pixels.size()));
    return Photo(pixels.width(), pixels.height(), std::move(out));
}

} // namespace rl::colour
