#include "store/foreign_pictures.h"
#include "core/base/late.h"
#include "core/base/words.h"
#include "late/pictures.h"
#include "store/late_pictures.h"
#include "store/picture_reader.h"

namespace rl::store {

namespace {
Result<ForeignPicture> taken(late::Foreign f, const std::string& what, std::string note)
{
    switch (f.outcome) {
    case late::Read::Fine:
        return ForeignPicture{std::move(f.bgr), std::move(f.profile), std::move(note)};
    case late::Read::TooLarge:
        return Error{ErrorKind::TooLarge,
            tr("The picture is %1 × %2 pixels; at most 200 million in all can be opened.", std::to_string(f.width),
                std::to_string(f.height)),
            {}};
    case late::Read::NoSize:
        return Error{ErrorKind::Damaged, tr("The SVG picture gives no usable size."), {}};
    case late::Read::Damaged:
        break;
    }
    return Error{
        ErrorKind::Damaged, tr("The %1 picture is damaged or of a variant that cannot be decoded.", what), f.detail};
}
} // namespace

const late::Pictures& latePictures()
{
    static const late::Pictures& pictures = lateTable<late::Pictures>("pictures", "rlLatePictures");
    return pictures;
}

Result<ForeignPicture> decodeHeif(Bytes bytes)
{
    return taken(latePictures().heif(bytes, kMostPixels), "HEIC", {});
}

Result<ForeignPicture> decodeRaw(Bytes bytes)
{
    return taken(latePictures().raw(bytes, kMostPixels), tr("camera raw"),
        tr("Developed from camera raw with the camera's own white balance. "));
}

Result<ForeignPicture> decodeSvg(Bytes bytes)
{
    return taken(latePictures().svg(bytes, 2400), "SVG", tr("Drawn from SVG at 2400 pixels. "));
}

} // namespace rl::store
