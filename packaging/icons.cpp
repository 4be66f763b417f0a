// Renders the lantern at the sizes icons are wanted in: lantern-icons FILE.svg FOLDER
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QSvgRenderer>

int main(int argc, char** argv)
{
    QGuiApplication app(argc, argv);
    if (argc < 3)
        return 2;
    QSvgRenderer picture(QString::fromLocal8Bit(argv[1]));
    if (!picture.isValid())
        return 2;
    for (const int size : {16, 22, 24, 32, 48, 64, 128, 256, 512}) {
        QImage image(size, size, QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::transparent);
        QPainter p(&image);
        picture.setAspectRatioMode(Qt::KeepAspectRatio);
        picture.render(&p);
        p.end();
        if (!image.save(QString("%1/%2.png").arg(QString::fromLocal8Bit(argv[2])).arg(size)))
            return 2;
    }
    return 0;
}
