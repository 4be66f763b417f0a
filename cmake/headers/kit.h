#pragma once
#include "cmake/headers/tests.h"
