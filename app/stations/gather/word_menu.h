#pragma once
#include "app/forms/form.h"

namespace rl::app {

/// The painter's word on the light, softness, colour and eye level of a picture, in place of what was measured.
class WordMenu final : public QPushButton {
public:
    explicit WordMenu(Desk& desk);

private:
    void word(const QString& name, const QString& label, bool Overrule::*set,
        std::function<void(Overrule&, const gather::PictureMeasure&)> begin);
    template <class V>
    void figure(
        const FieldWords& words, const NumberFormat& shown, double low, double high, bool Overrule::*set, V value);
    Desk& m_desk;
    Form* m_form;
};

} // namespace rl::app
