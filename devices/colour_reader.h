#pragma once
#include "core/base/words.h"
#include "core/paint/calibration.h"
#include <memory>
#include <random>

namespace rl::devices {

/// Reads the colour of a patch it is laid on.
class ColourReader {
public:
    virtual ~ColourReader() = default;
    virtual std::string name() const = 0;
    virtual double noise() const = 0; ///< CIELAB, standard deviation of a reading
    /// \return Missing where none is connected, NotWritable never
    virtual Result<paint::Reading> read() = 0;
};

/// Stands in for a device: lies on a patch of a paint that differs from the typical one as real tubes do, and reads it
/// with noise. The same seed, the same tubes.
class SimulatedReader final : public ColourReader {
public:
    explicit SimulatedReader(unsigned seed = 7);
    /// What it lies on now. \param whiteParts of titanium white to one of the paint
    void layOn(const std::string& pigment, double whiteParts);
    std::string name() const override { return tr("simulated colour reader"); }
    double noise() const override { return 0.3; }
    Result<paint::Reading> read() override;

private:
    unsigned m_seed;
    std::mt19937 m_noise;
    std::optional<paint::Spectrum> m_patch;
};

} // namespace rl::devices
