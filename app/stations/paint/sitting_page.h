#pragma once
#include "app/stations/paint/easel_view.h"
#include "app/stations/paint/paint_page.h"

class QListWidget;
class QTreeWidget;

namespace rl::app {

/// The sitting under way: timer by element, notes; the log of those behind, decisions and scrapped tries.
class SittingPage final : public PaintPage {
    Q_OBJECT
public:
    SittingPage(Desk& desk, StationView& view);
    QString says() const override;
    void show() override;
    QWidget* beside() override;
    void startOrPause();
    void openEasel();
    EaselView* easel() const { return m_easel.get(); }

private:
    void fillLog();
    QTreeWidget* m_log;
    QString m_reason;
    std::unique_ptr<EaselView> m_easel;
};

/// The photograph of the canvas: squared up, held against the stage, wiped over it.
class PhotoPage final : public PaintPage {
    Q_OBJECT
public:
    PhotoPage(Desk& desk, StationView& view);
    ~PhotoPage() override;
    QString says() const override;
    QImage look() override;
    void show() override;
    QWidget* beside() override;
    std::vector<Tool*> tools() override;
    bool busy() const override { return PaintPage::busy() || m_camera.running() || m_idea.running(); }
    void bringIn(const QString& path);
    void simulate(int seed); ///< the simulated easel photographs this stage
    void tryOn(); ///< the photograph becomes the lowest picture of a new take

private:
    class Wipe;
    class Corner;
    class DragBox;
    enum Shown { Even, Squared, Stage, Raw, Since };
    enum Mode { Nothing, Corners, Card, Accepting }; ///< what the hand does on the board
    bool some() const; ///< a photograph is in hand
    void photoFields();
    void handFields();
    void outFields();
    void layOutBeside();
    void fillStrip();
    std::unique_ptr<Wipe> m_wipe;
    std::unique_ptr<Corner> m_corner;
    std::unique_ptr<DragBox> m_accept, m_card;
    void accept(const Rect& cm);
    void setGrey(const Rect& cm);
    void takeIdea();
    std::optional<Vec2> inPhoto(Vec2 cm) const; ///< px, of a place on the board that shows the photograph
    QString dayOf(const CanvasPhoto& photo) const;
    QWidget* m_beside;
    QListWidget* m_strip; ///< all photographs by day
    QTreeWidget* m_list;
    Job<Reference> m_camera;
    Job<Reference> m_idea; ///< the squared-up photograph as a picture of its own
    int m_count = 0;
    const QImage& base(const survey::WorkSurvey& survey);
    QImage m_base, m_over; ///< what lies on the board; the stage to be wiped over it
    Photo m_baseOf; ///< the stage of that comparison, held so that no other takes its place
    int m_baseShown = -1;
    int m_shown = Even;
    double m_sash = 1; ///< 0…1 of the width: right of it the stage
    Mode m_mode = Nothing;
    bool m_filling = false;
};

/// What is left after the last stroke: facts, signature, varnish, the record.
class RecordPage final : public PaintPage {
    Q_OBJECT
public:
    RecordPage(Desk& desk, StationView& view);
    ~RecordPage() override;
    QString says() const override;
    void show() override;
    QWidget* beside() override;
    std::vector<Tool*> tools() override;
    void writeRecord(const QString& path);
    void writeLog(const QString& path);

private:
    class SignTool;
    std::unique_ptr<SignTool> m_sign;
    QTreeWidget* m_facts;
    bool m_signing = false, m_filling = false;
};

} // namespace rl::app
