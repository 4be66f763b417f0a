#pragma once
#include "app/stations/light/light_page.h"

namespace rl::app {

/// Flames, panels and swarms: what each is, what it does, and which are dimmed together.
class LanternPage final : public LightPage {
public:
    LanternPage(Desk& desk, StationView& view);
    QString says() const override;
    void refresh() override;
    void hang(); ///< another one

private:
    void colourFields();
    void stopFields();
    void reachFields();
    void strengthFields();
    void shapeFields();
    void placeFields();
    void thingPick(const FieldWords& words, const QString& none, int Lantern::*which, std::function<void(int)> choose);
    void groupFields();
    void chooseGroup(int id);
    void rename();
    QPushButton* m_alone;
};

} // namespace rl::app
