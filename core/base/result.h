#pragma once
#include "core/base/words.h"
#include <cassert>
#include <exception>
#include <new>
#include <string>
#include <utility>
#include <variant>

namespace rl {

enum class ErrorKind {
    Missing,
    Damaged,
    Newer,
    TooLarge,
    Unsupported,
    NotWritable,
    Full,
    Invalid,
    Cancelled,
    Internal
};

/// What went wrong: one sentence for the painter, the detail for a log.
struct Error {
    ErrorKind kind = ErrorKind::Internal;
    std::string sentence;
    std::string detail;
};

struct Done { };

/// A value or an Error; never both.
template <class T> class [[nodiscard]] Result {
public:
    Result(T value)
        : m_state(std::move(value))
    {
    }
    Result(Error error)
        : m_state(std::move(error))
    {
    }
    explicit operator bool() const { return m_state.index() == 0; }
    const T& operator*() const { return value(); }
    const T* operator->() const { return &value(); }
    const T& value() const
    {
        assert(m_state.index() == 0);
        return std::get<0>(m_state);
    }
    T take() { return std::move(std::get<0>(m_state)); }
    const Error& error() const { return std::get<1>(m_state); }

private:
    std::variant<T, Error> m_state;
};

/// Runs f, which returns a Result, and turns whatever it throws into an Error.
template <class F> auto guarded(F&& f) noexcept -> decltype(f())
{
    try {
        return std::forward<F>(f)();
    } catch (const std::bad_alloc&) {
        return Error{ErrorKind::TooLarge, tr("There is not enough memory for this."), {}};
    } catch (const std::exception& e) {
        return Error{ErrorKind::Internal,
            tr("This did not work because of an internal error. Details: Help ▸ Show log file."), e.what()};
    } catch (...) {
        return Error{ErrorKind::Internal,
            tr("This did not work because of an internal error. Details: Help ▸ Show log file."), "unknown exception"};
    }
}

} // namespace rl
