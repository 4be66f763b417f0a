#pragma once
#include "cmake/headers/core.h"
#include <QFontMetricsF>
#include <QPainter>
#include <QPainterPath>
#include <QPdfWriter>
#include <QString>
