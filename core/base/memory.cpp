#include "core/base/memory.h"
#include <malloc.h>

namespace rl {

void keepMemory()
{
    mallopt(M_MMAP_THRESHOLD, 256 << 20);
    mallopt(M_TRIM_THRESHOLD, 512 << 20);
    mallopt(M_TOP_PAD, 64 << 20);
}

void handBackMemory()
{
    malloc_trim(0);
}

} // namespace rl
