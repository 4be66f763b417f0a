// The fields of the page of the projector.
#include "app/stations/carry/throw_page.h"
#include <QFileDialog>
#include <QGuiApplication>
#include <QPushButton>
#include <QScreen>

namespace rl::app {

void ThrowPage::projectorField()
{
    m_form->pick(
        {"projector", tr("projector"), tr("A screen of this desktop, or the simulated one to learn with"), {}},
        [] {
            Choices all{{tr("simulated"), 0}};
            const auto screens = QGuiApplication::screens();
            for (int i = 0; i < screens.size(); ++i)
                all.emplace_back(tr("screen %1, %2 × %3")
                                     .arg(i + 1)
                                     .arg(screens[i]->size().width())
                                     .arg(screens[i]->size().height()),
                    i + 1);
            return all;
        },
        [this] { return std::optional(m_screen); },
        [this](int i) {
            setThrowing(false);
            m_screen = i;
            m_keystone.reset();
            refresh();
        });
}

void ThrowPage::whatFields()
{
    m_form->pick(
        {"throwWhat", tr("throw"), tr("What is thrown onto the canvas"), {}},
        [] {
            return Choices{{tr("line art"), ToThrow::Lines}, {tr("grid"), ToThrow::GridAlone},
                {tr("line art and grid"), ToThrow::Both}, {tr("selected element"), ToThrow::Element},
                {tr("one value step"), ToThrow::Values}, {tr("the picture"), ToThrow::Picture},
                {tr("one pass, far to near"), ToThrow::Pass}};
        },
        [this] { return std::optional(m_what); },
        [this](int i) {
            m_what = i;
            refresh();
            throwIt();
        });
    m_form->value(
        {"throwStep", tr("values up to"), tr("What is that dark or darker is projected white"), {}},
        NumberFormat{1, tr(" of 5"), 0, 1}, 1, 4,
        [this] { return m_what == ToThrow::Values ? std::optional(double(m_step)) : std::nullopt; },
        [this](double v, int) {
            m_step = int(v);
            throwIt();
        });
    m_form->value(
        {"throwPass", tr("layer"), tr("What is painted in that layer: 1 the farthest third of elements, 3 the nearest"),
            {}},
        NumberFormat{1, tr(" of 3"), 0, 1}, 1, 3,
        [this] { return m_what == ToThrow::Pass ? std::optional(double(m_pass)) : std::nullopt; },
        [this](double v, int) {
            m_pass = int(v);
            throwIt();
        });
}

void ThrowPage::brightnessFields()
{
    m_form->value(
        {"throwBright", tr("brightness"), tr("Dims the projection, so that the paint can be seen under it"), {}},
        NumberFormat{1, " %", 0, 10}, 5, 100, [this] { return std::optional(m_bright); },
        [this](double v, int) {
            m_bright = v;
            throwIt();
        });
    m_form->check(
        {"throwInverted", tr("dark lines on light"), tr("For a light ground in a dark room; else light lines on black"),
            {}},
        [this] { return std::optional(m_inverted); },
        [this](bool on) {
            m_inverted = on;
            throwIt();
        });
}

void ThrowPage::throwButtons()
{
    m_form->latch("throwNow", tr("Project"),
        tr("Opens the projector's picture; drag its corners onto the canvas', Esc ends it"),
        [this](bool on) { setThrowing(on); });
    m_form->button(
        "throwDots", tr("Project dots"),
        tr("A pattern of dots to be photographed: the corners are then found by themselves"), [this] { throwDots(); },
        [this] { return m_thrown != nullptr; });
    m_form->mainButton(
        "throwPhoto", tr("Photograph dots"),
        tr("With the simulated camera; with a real projector the photograph is chosen as a file"),
        [this] {
            if (m_screen == 0)
                return photograph();
            const QString file = QFileDialog::getOpenFileName(
                this, tr("Photograph of the dots"), {}, tr("Pictures (*.jpg *.jpeg *.png *.tif *.heic)"));
            if (!file.isEmpty())
                photograph(file);
        },
        [this] { return m_thrown && m_dots; });
}

} // namespace rl::app
