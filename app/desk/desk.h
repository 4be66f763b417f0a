#pragma once
#include "app/desk/actions.h"
#include "app/desk/document.h"
#include "app/desk/job.h"
#include "app/desk/live_light.h"
#include "app/desk/notices.h"
#include "app/desk/selection.h"
#include "app/desk/wall_keeper.h"

namespace rl::app {

/// What is on the desk, shared by the frame and all stations: the document, what is held, the newest picture and
/// findings, what the painter is told, and every key.
class Desk final : public QObject {
    Q_OBJECT
public:
    Desk();
    ~Desk() override;

    Notices notices;
    Jobs jobs{&notices}; ///< all that is at work on the open work
    Actions actions;
    Document document;
    LiveLight light;
    WallKeeper wall;
    std::shared_ptr<const LitWork> lit;
    std::shared_ptr<const review::Review> review; ///< the newest; its light and findings may still be missing
    Findings findings; ///< of the last whole review
    /// Is the review whole, and of the work as it stands? Else it is being checked.
    bool known() const { return review && review->whole && m_reviewOf == document.revision(); }
    void take(review::Reviewed newest, quint64 revision);
    /// Findings that no review of the plan has: of a photograph of the canvas.
    const Findings& more() const { return m_more; }
    void setMore(Findings more);

    const Project& project() const { return document.project(); }
    stage::SurfaceCache& surfaces() { return light.surfaces(); }
    /// One undoable step; nothing when `after` is no other than what is.
    void edit(const QString& text, Project after, int gesture = -1) { document.edit(text, std::move(after), gesture); }

    const Selection& selection() const { return m_selection; }
    void hold(Selection selection); ///< what is not there any more is let go
    void holdElement(int id);
    void holdLantern(int id);
    void holdReference(int id);
    int element() const { return m_selection.element; }
    int lantern() const { return m_selection.lantern; }
    int reference() const { return m_selection.reference; }
    const Element* heldElement() const { return project().element(m_selection.element); }
    const Lantern* heldLantern() const { return project().lantern(m_selection.lantern); }
    const Reference* heldReference() const { return project().reference(m_selection.reference); }
    /// The element drawn at a canvas point, a few pixels about it, nearest first; 0 = none.
    int elementAt(Vec2 canvasCm) const;
    stage::Placement placed(const Element& e) { return stage::placed(project(), e, surfaces()); }

    /// The one light shown alone: -1 the sun, 0 none, else a lantern. Only how the work is looked at; never saved.
    int alone() const { return m_alone; }
    void setAlone(int which);
    /// What a fix would do, looked at and not done. Ends with whatever changes the work.
    struct Trial {
        std::string finding; ///< its key
        QString label;
        Project project;
    };
    const std::optional<Trial>& trial() const { return m_trial; }
    void tryOut(std::optional<Trial> trial);

    /// Says that something is locked in its place, when it is.
    bool refusesLocked(const Element* e);

signals:
    void heldChanged();
    void aloneChanged();
    void trialChanged();
    void pictureChanged(); ///< lit is another
    void reviewed(); ///< review is another
    void overlayChanged(); ///< what is drawn over a board is another
    void boardWanted(); ///< the keys should be heard there
    void importWanted(const QStringList& files);
    void findWanted(int reference, const QString& file); ///< a missing picture is to be read from there
    void studyWanted(int reference); ///< a work of its own to take this picture apart
    void stationWanted(int station);
    void closing(); ///< the window is being closed: what stands beside it goes with it
    void opened(const QString& field); ///< a field in which only the painter can answer
    void compareWanted(const QImage& before, const QString& wordBefore, const QString& wordAfter); ///< on the board

private:
    Selection m_selection;
    Findings m_more;
    int m_alone = 0;
    quint64 m_reviewOf = 0; ///< revision
    std::optional<Trial> m_trial;
};

} // namespace rl::app
