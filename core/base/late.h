#pragma once
#include <string>

/// Parts of the program that are loaded when first asked for (late/).
namespace rl {

/// Loads the shared library librl_NAME.so beside the program, once, and looks a function up in it.
/// \return never null \throws std::runtime_error, naming the library, where the program is not installed whole
void* lateSymbol(const char* name, const char* function);

/// \tparam Table of functions that the library gives out
template <class Table> const Table& lateTable(const char* name, const char* function)
{
    return *reinterpret_cast<const Table* (*)()>(lateSymbol(name, function))();
}

} // namespace rl
