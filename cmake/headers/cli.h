#pragma once
#include "cmake/headers/store.h"
#include <CLI/CLI.hpp>
#include <QString>
