#include "store/exiv.h"
#include <exiv2/exiv2.hpp>
#include <mutex>

namespace rl::store {

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

} // namespace rl::store
