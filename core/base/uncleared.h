#pragma once
#include <memory>
#include <type_traits>
#include <vector>

namespace rl {

/// Leaves what is new as the memory was: for planes whose every value that matters is written before it is read.
template <class T> struct Unfilled : std::allocator<T> {
    template <class U> struct rebind {
        using other = Unfilled<U>;
    };
    template <class U> void construct(U* p)
    {
        if constexpr (!std::is_trivially_copyable_v<U>)
            ::new (static_cast<void*>(p)) U;
    }
    template <class U, class... Args> void construct(U* p, Args&&... args)
    {
        ::new (static_cast<void*>(p)) U(std::forward<Args>(args)...);
    }
};
template <class T> using Uncleared = std::vector<T, Unfilled<T>>;

} // namespace rl
