#pragma once
#include "core/base/progress.h"
#include "core/paint/kernel.h"
#include "core/paint/recipe.h"

namespace rl::paint {

/// Up to four paints of a list and how much of each comes nearest to a colour.
struct Fit {
    std::array<int, 4> of{-1, -1, -1, -1}; ///< places in the list, ascending
    int count = 0;
    std::array<double, 4> amounts{}; ///< shares of the volume, sum 1
    colour::ExactLab lab;
    double de = 1e9; ///< CIEDE2000 to the wanted colour
};

enum class Effort {
    Moving, ///< while a hand moves: the twelve best of each count are carried on to the next
    Full, ///< every choice of up to four paints
};

/// Searches the mixes of a list of paints (opaque, satin, daylight). Holds the paints in the form the search needs.
/// Source: two-constant Kubelka-Munk mixing, Gauss-Newton on the terms of CIEDE2000 over ln(amount), which needs no
/// constraint on the sum; started from amounts by strength, since strengths span 250 : 1.
class Search {
public:
    explicit Search(Paints paints);
    const Paints& paints() const { return m_paints; }
    /// \param most paints in a mix, 1…4 \param only places in the list that may be used; empty: all
    /// \return one fit for each choice that was looked at to its end, the nearest first; a colour far out of reach
    /// keeps its hue: fits that fall over 25° off it stand behind those that keep it (`hueKept`)
    struct Found {
        std::vector<Fit> fits;
        Fit nearest; ///< by CIEDE2000 alone, whatever its hue
        bool hueKept = false; ///< the nearest was a grey or another hue, and set aside
    };
    Found best(const colour::ExactLab& wanted, int most, Effort effort, const std::vector<int>& only = {}) const;
    /// The best amounts of one choice. \param start of the amounts; null: by strength
    Fit fit(std::array<int, 4> of, int count, const colour::ExactLab& wanted, const double* start = nullptr,
        bool keepHue = false) const;
    /// The nearest mix, its hue kept; quick where a like colour was just found. \param like a fit of a colour close by
    Fit near(const colour::ExactLab& wanted, const Fit& like) const;
    const Packed& packedOf(int paint) const { return m_packed[std::size_t(paint)]; }
    Recipe recipeOf(const Fit& fit) const;

private:
    void begin(const Fit& fit, const Packed** paints, double* u) const;
    Fit quick(Fit start, const colour::ExactLab& wanted, double giveUp, bool keepHue) const;
    void polish(Fit& fit, const colour::ExactLab& wanted, bool keepHue) const;
    Paints m_paints;
    std::vector<Packed> m_packed;
    std::vector<double> m_strength;
};

/// Whether a mix keeps the wanted hue (within 25°, no grey); greys are wanted as they are.
bool keepsHue(const colour::ExactLab& wanted, const colour::ExactLab& got);

} // namespace rl::paint
