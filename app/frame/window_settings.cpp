// What the painter has set, in the window.
#include "app/board/board.h"
#include "app/forms/flow_layout.h"
#include "app/frame/main_window.h"
#include "app/frame/settings_page.h"
#include "app/frame/side_column.h"
#include "app/frame/what_now.h"
#include <QHBoxLayout>

namespace rl::app {

SettingsPage* MainWindow::settings()
{
    if (!m_settings) {
        m_settings = new SettingsPage(this);
        connect(m_settings, &SettingsPage::changed, this, &MainWindow::use);
    }
    m_settings->show(Settings::read()); // text and mat have keys of their own
    return m_settings;
}

void MainWindow::use(const Settings& settings)
{
    const bool spoke = WhatNow::wanted();
    settings.keep();
    settings.apply();
    dress(settings);
    if (spoke != settings.whatNow)
        m_whatNow->setWanted(settings.whatNow);
    judged(); // the cards are in the colours of the hour
    refresh();
}

void MainWindow::dress(const Settings& s)
{
    m_middle->setDirection(s.leftHand ? QBoxLayout::RightToLeft : QBoxLayout::LeftToRight);
    FlowLayout::setFromRight(s.leftHand);
    for (const auto& station : m_stations)
        station->setLeftHanded(s.leftHand);
    for (Board* board : findChildren<Board*>())
        board->setMat(s.mat);
}

void MainWindow::followMats()
{
    for (Board* board : findChildren<Board*>())
        connect(board, &Board::matChanged, this, [this](int mat) {
            Settings s = Settings::read();
            s.mat = mat;
            s.keep();
            dress(s);
        });
}

} // namespace rl::app
