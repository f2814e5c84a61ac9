package scree.standins.variation;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import scree.core.image.PictureIntake;
import scree.core.image.Raster;

/** Pictures spoilt by light, lens, size, way up and storing. */
public enum Spoilt {
    DARK,
    BURNT,
    BLUE,
    ORANGE,
    GREY,
    BLURRED,
    ON_ITS_HEAD,
    SMALL,
    WALL,
    TWO_PEOPLE,
    HEAVY_JPEG,
    TILTED;

    private static final double TILT_DEGREES = 24;

    /** Returns the picture spoilt. */
    public Raster of(Raster r) {
        return switch (this) {
            case DARK -> lit(r, .06, .06, .06);
            case BURNT -> lit(r, 10, 10, 10); // deep and tan skin does not clip at five times the light
            case BLUE -> lit(r, .4, .6, 1.9);
            case ORANGE -> lit(r, 1.6, .7, .2);
            case GREY -> grey(r);
            case BLURRED -> scaled(r, r.height() / 12);
            case ON_ITS_HEAD -> onItsHead(r);
            case SMALL -> r.shrunkTo(150);
            case WALL -> wall(r);
            case TWO_PEOPLE -> beside(r);
            case HEAVY_JPEG -> PictureIntake.read(PictureIntake.encodeJpeg(r, .12f));
            case TILTED -> tilted(r);
        };
    }

    private static Raster lit(Raster r, double red, double green, double blue) {
        double[] by = {red, green, blue};
        int[] rgb = new int[r.rgb().length];
        for (int i = 0; i < rgb.length; i++) {
            for (int c = 0; c < 3; c++) {
                double linear = Math.pow((r.rgb()[i] >> (16 - 8 * c) & 0xff) / 255.0, 2.2) * by[c];
                rgb[i] = rgb[i] << 8 | (int) Math.round(255 * Math.min(1, Math.pow(linear, 1 / 2.2)));
            }
        }
        return new Raster(r.width(), r.height(), rgb);
    }

    private static Raster grey(Raster r) {
        int[] rgb = new int[r.rgb().length];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = 0x010101 * r.luma(i % r.width(), i / r.width());
        }
        return new Raster(r.width(), r.height(), rgb);
    }

    private static Raster onItsHead(Raster r) {
        int[] rgb = new int[r.rgb().length];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = r.rgb()[rgb.length - 1 - i];
        }
        return new Raster(r.width(), r.height(), rgb);
    }

    private static Raster scaled(Raster r, int side) {
        BufferedImage soft = new BufferedImage(r.width(), r.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D paper = soft.createGraphics();
        paper.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        paper.drawImage(r.shrunkTo(side).toImage(), 0, 0, r.width(), r.height(), null);
        paper.dispose();
        return Raster.of(soft);
    }

    private static Raster tilted(Raster r) {
        BufferedImage turned = new BufferedImage(r.width(), r.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D paper = turned.createGraphics();
        paper.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        paper.setColor(new java.awt.Color(r.rgb()[0]));
        paper.fillRect(0, 0, r.width(), r.height());
        paper.drawImage(
                r.toImage(),
                AffineTransform.getRotateInstance(Math.toRadians(TILT_DEGREES), r.width() / 2.0, r.height() * .45),
                null);
        paper.dispose();
        return Raster.of(turned);
    }

    /** The upper left of the picture, where the studio's wall is, as large as the whole. */
    private static Raster wall(Raster r) {
        int[] rgb = new int[r.rgb().length];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = r.rgb()[i / r.width() / 8 * r.width() + i % r.width() / 8];
        }
        return new Raster(r.width(), r.height(), rgb);
    }

    private static Raster beside(Raster r) {
        int[] rgb = new int[2 * r.rgb().length];
        for (int y = 0; y < r.height(); y++) {
            for (int half = 0; half < 2; half++) {
                System.arraycopy(r.rgb(), y * r.width(), rgb, (2 * y + half) * r.width(), r.width());
            }
        }
        return new Raster(2 * r.width(), r.height(), rgb);
    }
}
