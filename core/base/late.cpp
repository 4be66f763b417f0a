#include "core/base/late.h"
#include <dlfcn.h>
#include <stdexcept>

namespace rl {

void* lateSymbol(const char* name, const char* function)
{
    // The loader keeps count by itself and is safe between threads; it looks where the program says (RUNPATH).
    void* library = ::dlopen(("librl_" + std::string(name) + ".so").c_str(), RTLD_NOW | RTLD_LOCAL);
    void* found = library ? ::dlsym(library, function) : nullptr;
    if (!found) {
        const char* why = ::dlerror();
        throw std::runtime_error("part of the program is missing: " + std::string(why ? why : name));
    }
    return found;
}

} // namespace rl
