#pragma once
#include "app/board/tools/box_tool.h"
#include "app/board/tools/points_tool.h"
#include "app/stations/paint/paint_page.h"
#include "app/stations/paint/photo_beside.h"
#include "app/stations/paint/photo_look.h"

namespace rl::app {

/// The photograph of the canvas: squared up, held against the stage, wiped over it.
class PhotoPage final : public PaintPage {
    Q_OBJECT
public:
    PhotoPage(Desk& desk, StationView& view);
    ~PhotoPage() override;
    QString says() const override;
    void forget() override { byHand(nullptr); }
    QImage look() override;
    void refresh() override;
    QWidget* beside() override { return m_beside; }
    std::vector<Tool*> tools() override;
    bool busy() const override { return PaintPage::busy() || m_camera.running() || m_idea.running(); }
    void bringIn(const QString& path);
    void simulate(int seed); ///< the simulated easel photographs this stage
    void tryOn(); ///< the photograph becomes the lowest picture of a new take

private:
    class Wipe;
    bool some() const { return m_state.photos.held() != nullptr; } ///< a photograph is in hand
    void photoFields();
    void handFields();
    void passField();
    void outFields();
    void byHand(Tool* which); ///< what the hand does on the board; null: it wipes
    void beginCorners();
    void refill();
    void accept(const Rect& cm);
    void setGrey(const Rect& cm);
    void takeIdea();
    std::optional<Vec2> inPhoto(Vec2 cm) const; ///< px, of a place on the board that shows the photograph
    Choices photographs() const;
    QString comparedWords(const survey::WorkSurvey& survey) const;
    std::unique_ptr<Wipe> m_wipe;
    PointsTool m_corners;
    BoxTool m_accept, m_card;
    PhotoBeside* m_beside;
    PhotoLook m_look;
    Job<Reference> m_camera;
    Job<Reference> m_idea; ///< the squared-up photograph as a picture of its own
    int m_count = 0;
};

} // namespace rl::app
