#include "store/exiv.h"
#include <mutex>

namespace rl::store {

namespace {
void exivReady()
{
    static std::mutex mutex;
    static const bool ready = Exiv2::XmpParser::initialize(
        [](void* lock, bool on) {
            auto* m = static_cast<std::mutex*>(lock);
            on ? m->lock() : m->unlock();
        },
        &mutex);
    (void)ready;
}
} // namespace

#if EXIV2_TEST_VERSION(0, 28, 0)
ExivImage exivImage(Bytes bytes)
{
    exivReady();
    return Exiv2::ImageFactory::open(bytes.data(), bytes.size());
}

int exivWhole(const Exiv2::Exifdatum& datum)
{
    return int(datum.toInt64());
}

std::vector<unsigned char> exivProfile(Exiv2::Image& image)
{
    if (!image.iccProfileDefined())
        return {};
    const Exiv2::DataBuf& icc = image.iccProfile();
    return {icc.c_data(), icc.c_data() + icc.size()};
}
#else
ExivImage exivImage(Bytes bytes)
{
    exivReady();
    return Exiv2::ImageFactory::open(bytes.data(), long(bytes.size()));
}

int exivWhole(const Exiv2::Exifdatum& datum)
{
    return int(datum.toLong());
}

std::vector<unsigned char> exivProfile(Exiv2::Image& image)
{
    if (!image.iccProfileDefined())
        return {};
    const Exiv2::DataBuf* icc = image.iccProfile();
    return {icc->pData_, icc->pData_ + icc->size_};
}
#endif

} // namespace rl::store
