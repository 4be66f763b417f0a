#pragma once
#include "app/document.h"
#include "app/live_light.h"
#include "app/wall_keeper.h"

namespace rl::app {

/// What the stations share beside the document: what is held, and the newest picture and findings.
class Workbench final : public QObject {
    Q_OBJECT
public:
    Workbench(Document& document, LiveLight& light, WallKeeper& wall)
        : document(document)
        , light(light)
        , wall(wall)
    {
    }
    Document& document;
    LiveLight& light;
    WallKeeper& wall;
    std::shared_ptr<const LitWork> lit;
    std::shared_ptr<const review::Review> review;

    int element() const { return m_element; }
    int lantern() const { return m_lantern; }
    int reference() const { return m_reference; }
    void holdElement(int id) { hold(m_element, id); }
    void holdLantern(int id) { hold(m_lantern, id); }
    void holdReference(int id) { hold(m_reference, id); }
    /// The one light shown alone: -1 the sun, 0 none, else a lantern. Only how the work is looked at; never saved.
    int alone() const { return m_alone; }
    void setAlone(int which)
    {
        if (m_alone == which)
            return;
        m_alone = which;
        emit aloneChanged();
    }
    /// A cut-out's element: the held one, or the first made of the picture.
    const Element* heldElement() const { return document.project().element(m_element); }

signals:
    void heldChanged();
    void aloneChanged();
    void notice(const QString& sentence); ///< one sentence for the painter, shown without stopping the work
    void importWanted(const QStringList& files);
    void studyWanted(int reference); ///< a work of its own to take this picture apart
    void cutWanted(int reference); ///< go to Cut with this picture

private:
    void hold(int& what, int id)
    {
        if (what == id)
            return;
        what = id;
        emit heldChanged();
    }
    int m_element = 0, m_lantern = 0, m_reference = 0, m_alone = 0;
};

} // namespace rl::app
