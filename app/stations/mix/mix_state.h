#pragma once
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/paint/other_tube.h"
#include "core/paint/reach.h"
#include <QColor>
#include <QImage>

namespace rl::app {

class StationView;

/// As a screen shows it, clamped.
QColor screenColour(const colour::ExactLab& lab);

/// What all pages of Mix share: what the board shows, which colour is wanted, and the answers to both.
class MixState final : public QObject {
    Q_OBJECT
public:
    /// The one of a station.
    static MixState& of(Desk& desk, StationView& view);
    explicit MixState(Desk& desk);

    enum NumberFormat { Plan, Paints, Lost, Map };
    int shown() const { return m_shown; }
    void show(int what);
    QImage look(); ///< instead of the picture; null: the plan

    /// What the box makes of the newest picture; null while it is not known.
    const paint::Mixing* mixing() const { return m_desk.review ? m_desk.review->mixing.get() : nullptr; }
    bool canMix() const { return mixing() && !mixing()->recipes.empty(); }
    QString nameOf(const std::string& paint) const; ///< the painter's own name of a tube
    QString partsOf(const paint::Recipe& recipe) const; ///< "8 titanium white + ½ ultramarine"
    QString placeOf(int puddle) const; ///< "light of Tortoise"
    int numberOf(int puddle) const; ///< what it is called; 0: there is none

    /// A colour that recipes are wanted for.
    struct Wanted {
        colour::ExactLab lab, around; ///< itself; what surrounds it on the canvas
        QString from; ///< where it comes from, in words
        std::optional<Vec2> at; ///< cm
        int puddle = 0; ///< its number; 0 = of no puddle
        bool operator==(const Wanted& o) const
        {
            return lab.L == o.lab.L && lab.a == o.lab.a && lab.b == o.lab.b && from == o.from && puddle == o.puddle;
        }
    };
    const std::optional<Wanted>& wanted() const { return m_wanted; }
    void want(Wanted wanted);
    void wantAt(Vec2 cm); ///< the mean of 3 mm about a place
    void wantPuddle(int puddle);
    void wantFamily(int element, bool light);
    const paint::Answer* answer() const;
    static constexpr double kFarOff = 2; ///< CIEDE2000 from which a colour is out of reach
    const paint::OtherTube* otherTube() const; ///< what would bring a colour out of reach nearer; null: not known
    bool full() const { return m_full; }
    void setFull(bool on); ///< every combination of parts, a second or so
    bool searching() const { return m_answer.running(); }

    const paint::Kept* kept() const; ///< of the soft proof, when it is known
    bool proving() const { return m_proof.running(); }
    void refresh(); ///< the picture, the box or the plan has changed

signals:
    void changed();

private:
    struct Proofed {
        QImage proof, lost;
        paint::Kept kept;
    };
    int puddleWanted() const; ///< its place; −1: none is, or it has gone
    JobKey answerKey() const;
    JobKey proofKey() const;
    void ask();
    void askOther();
    Desk& m_desk;
    int m_shown = Plan;
    std::optional<Wanted> m_wanted;
    bool m_full = false;
    Job<paint::Answer> m_answer;
    Job<paint::OtherTube> m_other;
    Job<Proofed> m_proof;
    QImage m_map;
    const void* m_mapOf = nullptr;
};

} // namespace rl::app
