#pragma once
#include "cmake/headers/core.h"
#include <condition_variable>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <thread>
