package scree.standins.camera;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import scree.core.colour.Spectrum;
import scree.core.image.CardLayout;
import scree.core.image.Homography;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.image.SheetLayout;
import scree.standins.makeup.MadeUpProduct;

/**
 * A swatch sheet on a table with the card on it, photographed from above by a pinhole camera, with known truth and with what goes wrong
 * at a table: uneven coats, a shadow's edge, glare, a hand over a corner, a card that does not lie flat.
 */
public final class SheetScene {
    private static final double FILL = .90;
    private static final double FOCAL = .75;
    private static final double[] SKIN = {.42, .28, .20};
    private static final double[] TABLE = {.30, .26, .22};
    private static final int STEPS = 17;
    private static final double REACH = .8;
    private static final double TILT_LIGHT = .017;
    private static final double SMEAR_HALF_WIDTH = 13;
    private static final double SMEAR_HALF_HEIGHT = 12.4;

    private final Setting setting;
    private final Map<Integer, Coat> coats;

    /**
     * One coat.
     *
     * @param product what was smeared
     * @param onPaper S·X over paper
     * @param onPrint S·X over print
     * @param uneven how much it varies, as a standard deviation of ln S·X
     */
    public record Coat(MadeUpProduct product, double onPaper, double onPrint, double uneven) {
        public static Coat even(MadeUpProduct product, double coat) {
            return new Coat(product, coat, coat, .04);
        }
    }

    /** What goes wrong. */
    public enum Fault {
        /** A second product beside the first in field 1. */
        TWO_PRODUCTS,
        /** Glare over the print of field 2. */
        GLARE,
        /** A shadow's edge through field 3. */
        SHADOW,
        /** Fingers over the right of field 12. */
        HAND,
        /** A hand over the lower right corner. */
        CORNER_HIDDEN,
        /** The upper right corner is cut off. */
        CUT_OFF,
        NO_CARD,
        CARD_TILTED,
        /** A lamp of another colour on the lower row. */
        SECOND_LAMP,
        BLURRED,
        /** Field 4 lies over paper only. */
        ONE_GROUND,
        /** Field 5 was smeared past its strips. */
        SMEARED,
        TOO_BRIGHT
    }

    /**
     * How it lies and is lit.
     *
     * @param number of the sheet
     * @param paper reflectance of the bare paper
     * @param print reflectance of the black print
     * @param lightX ln of light per 100 mm to the right
     * @param lightY ln of light per 100 mm downwards
     * @param turn of the sheet in the picture, degrees
     * @param lean of the camera forward, degrees
     * @param card which card lies on it
     * @param faults what goes wrong
     */
    public record Setting(
            int number,
            Spectrum paper,
            Spectrum print,
            double lightX,
            double lightY,
            double turn,
            double lean,
            CardLayout.Kind card,
            List<Fault> faults) {
        /** Returns a careful picture by daylight on usual paper. */
        public static Setting careful(int number) {
            return new Setting(
                    number,
                    paper(.86, 0, .03),
                    Spectrum.flat(.055),
                    .03,
                    -.02,
                    1.5,
                    3,
                    CardLayout.Kind.COLOUR,
                    List.of());
        }

        /** Returns any paper, print, light and camera's lean within what is usual. */
        public static Setting any(int number, Random random) {
            return new Setting(
                    number,
                    paper(.83 + .04 * random.nextDouble(), .04 * random.nextDouble() - .02, .05 * random.nextDouble()),
                    Spectrum.flat(.03 + .07 * random.nextDouble()),
                    .08 * random.nextDouble() - .04,
                    .08 * random.nextDouble() - .04,
                    6 * random.nextDouble() - 3,
                    8 * random.nextDouble() - 4,
                    CardLayout.Kind.COLOUR,
                    List.of());
        }

        public Setting with(Fault... faults) {
            return new Setting(number, paper, print, lightX, lightY, turn, lean, card, List.of(faults));
        }

        public Setting withCard(CardLayout.Kind kind) {
            return new Setting(number, paper, print, lightX, lightY, turn, lean, kind, faults);
        }

        private static Spectrum paper(double white, double tint, double brightener) {
            double[] r = new double[Spectrum.BANDS];
            for (int i = 0; i < r.length; i++) {
                double nm = Spectrum.wavelength(i);
                double bump = Math.exp(-Math.pow((nm - 442) / 26, 2));
                r[i] = white * (1 + tint * (nm - 550) / 180) * (1 - .25 * Math.exp(-(nm - 380) / 10))
                        + brightener * bump;
            }
            return Spectrum.of(r);
        }
    }

    /** @param coats by the number of their field */
    public SheetScene(Setting setting, Map<Integer, Coat> coats) {
        this.setting = setting;
        this.coats = Map.copyOf(coats);
    }

    /**
     * Returns the picture.
     *
     * @param width pixels; height is four thirds of it
     */
    public Raster shoot(Camera camera, Lamp lamp, Shot shot, int width) {
        int height = width * 4 / 3;
        Pinhole eye = new Pinhole(width, height, setting);
        Homography toSheet = Homography.between(eye.sheetCorners(), corners(SheetLayout.WIDTH, SheetLayout.HEIGHT));
        Homography toCard = Homography.between(eye.cardCorners(), corners(CardLayout.WIDTH, CardLayout.HEIGHT));
        Paint paint = new Paint(camera, lamp, shot);
        float[][] raw = new float[3][width * height];
        boolean card = !faulty(Fault.NO_CARD);
        double onCard = faulty(Fault.CARD_TILTED) ? 1 - 5 * TILT_LIGHT : 1;
        boolean shadow = faulty(Fault.SHADOW);
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                Point mm = toSheet.map(x, y);
                double[] here = card ? paint.card.on(toCard.map(x, y)) : null;
                double light = light(mm, shadow);
                if (here != null) {
                    light *= onCard;
                } else {
                    here = paint.sheet(mm);
                }
                double[] tint = paint.tint(mm);
                double glare = paint.glare(mm);
                for (int c = 0; c < 3; c++) {
                    raw[c][y * width + x] = (float) (here[c] * light * tint[c] + glare);
                }
            }
        });
        Blur.of(raw, width, height, faulty(Fault.BLURRED) ? width / 330.0 : .7);
        Developer developer = new Developer(camera, lamp, faulty(Fault.TOO_BRIGHT) ? brighter(shot) : shot);
        int[] out = new int[width * height];
        for (int i = 0; i < out.length; i++) {
            out[i] = developer.develop(raw[0][i], raw[1][i], raw[2][i]);
        }
        return new Raster(width, height, out);
    }

    private static Shot brighter(Shot shot) {
        return new Shot(shot.card(), 1.9 * shot.exposure(), 0, 0, shot.whiteBalance(), shot.covered(), shot.seed());
    }

    private boolean faulty(Fault fault) {
        return setting.faults().contains(fault);
    }

    private double light(Point mm, boolean shadow) {
        double light = Math.exp(setting.lightX() * (mm.x() - 105) / 100 + setting.lightY() * (mm.y() - 148) / 100);
        if (shadow) {
            SheetLayout.Field f = SheetLayout.fields().get(2);
            boolean there = mm.x() > f.left() + 18 && mm.x() < f.right() + 6 && mm.y() < f.bottom() + 6;
            light *= there ? .82 : 1;
        }
        return light;
    }

    private static List<Point> corners(double width, double height) {
        return List.of(new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height));
    }

    /** Where millimetres of sheet and card fall in the picture. */
    private static final class Pinhole {
        private final double focal;
        private final double distance;
        private final int width;
        private final int height;
        private final Setting setting;

        Pinhole(int width, int height, Setting setting) {
            this.width = width;
            this.height = height;
            this.setting = setting;
            this.focal = FOCAL * height;
            this.distance = FOCAL * SheetLayout.HEIGHT / FILL;
        }

        Point project(double x, double y, double lift) {
            double turn = Math.toRadians(setting.turn());
            double lean = Math.toRadians(setting.lean());
            double u = x - SheetLayout.WIDTH / 2;
            double v = y - SheetLayout.HEIGHT / 2;
            double ru = u * Math.cos(turn) - v * Math.sin(turn);
            double rv = u * Math.sin(turn) + v * Math.cos(turn);
            double z = distance - lift + rv * Math.sin(lean);
            double side = setting.faults().contains(Fault.CUT_OFF) ? width / 9.0 : 0;
            return new Point(
                    width / 2.0 + side + focal * ru / z,
                    height / 2.0 + focal * (rv * Math.cos(lean) - lift * Math.sin(lean)) / z);
        }

        List<Point> sheetCorners() {
            return corners(SheetLayout.WIDTH, SheetLayout.HEIGHT).stream()
                    .map(p -> project(p.x(), p.y(), 0))
                    .toList();
        }

        /** The card lies on its side, its upper edge to the left. */
        List<Point> cardCorners() {
            double tilt = setting.faults().contains(Fault.CARD_TILTED) ? Math.toRadians(7) : 0;
            return corners(CardLayout.WIDTH, CardLayout.HEIGHT).stream()
                    .map(p -> project(
                            SheetLayout.CARD_LEFT + p.y() * Math.cos(tilt),
                            SheetLayout.CARD_TOP + CardLayout.WIDTH - p.x(),
                            p.y() * Math.sin(tilt)))
                    .toList();
        }
    }

    /** What reflects where, in the camera's raw. */
    private final class Paint {
        private final CardPainter card;
        private final double[] paper;
        private final double[] print;
        private final Map<Integer, double[][]> onPaper = new HashMap<>();
        private final Map<Integer, double[][]> onPrint = new HashMap<>();
        private final List<SheetLayout.Field> fields = SheetLayout.fields();
        private final List<Point> marks = SheetLayout.marks();
        private final List<Point> stones = SheetLayout.stones();
        private final boolean[] dark = SheetLayout.dark(setting.number());
        private final Noise noise;
        private final double[] second;

        Paint(Camera camera, Lamp lamp, Shot shot) {
            this.card = new CardPainter(camera, lamp.power(), shot.withCard(setting.card()));
            this.paper = camera.raw(setting.paper(), lamp.power());
            this.print = camera.raw(setting.print(), lamp.power());
            this.noise = new Noise(shot.seed());
            this.second = camera.tint(Lamp.led(2900, 60).power(), lamp.power());
            coats.forEach((number, coat) -> {
                onPaper.put(number, films(camera, lamp, coat.product(), setting.paper(), coat.onPaper()));
                onPrint.put(number, films(camera, lamp, coat.product(), setting.print(), coat.onPrint()));
            });
        }

        private double[][] films(Camera camera, Lamp lamp, MadeUpProduct product, Spectrum ground, double coat) {
            double[][] films = new double[STEPS][];
            for (int i = 0; i < STEPS; i++) {
                double ln = REACH * (2.0 * i / (STEPS - 1) - 1);
                films[i] = camera.raw(product.over(ground, coat * Math.exp(ln)), lamp.power());
            }
            return films;
        }

        double[] tint(Point mm) {
            boolean there = faulty(Fault.SECOND_LAMP) && mm.y() > 186;
            return there
                    ? new double[] {.92 + .08 * second[0], .92 + .08 * second[1], .92 + .08 * second[2]}
                    : new double[] {1, 1, 1};
        }

        double glare(Point mm) {
            SheetLayout.Field f = fields.get(1);
            boolean there = faulty(Fault.GLARE)
                    && mm.x() > f.left() - 2
                    && mm.x() < f.right() + 2
                    && mm.y() > f.border()
                    && mm.y() < f.bottom() + 2;
            return there ? .05 : 0;
        }

        double[] sheet(Point mm) {
            boolean fingers = faulty(Fault.HAND) && mm.x() > 190 && mm.y() > 192 && mm.y() < 214;
            if (fingers || faulty(Fault.CORNER_HIDDEN) && mm.x() > 180 && mm.y() > 268) {
                return SKIN;
            }
            if (mm.x() < 0 || mm.y() < 0 || mm.x() > SheetLayout.WIDTH || mm.y() > SheetLayout.HEIGHT) {
                return TABLE;
            }
            for (int i = 0; i < marks.size(); i++) {
                double d = Math.max(
                        Math.abs(mm.x() - marks.get(i).x()),
                        Math.abs(mm.y() - marks.get(i).y()));
                if (d < SheetLayout.MARK_SIDE / 2) {
                    return i == 0 && d < SheetLayout.CORE_SIDE / 2 ? paper : print;
                }
            }
            for (int i = 0; i < stones.size(); i++) {
                if (dark[i] && stones.get(i).distanceTo(mm) < SheetLayout.STONE_RADIUS) {
                    return print;
                }
            }
            for (SheetLayout.Field f : fields) {
                if (mm.x() > f.left() && mm.x() < f.right() && mm.y() > f.top() && mm.y() < f.bottom()) {
                    return field(f, mm);
                }
            }
            return paper;
        }

        private double[] field(SheetLayout.Field f, Point mm) {
            boolean black = mm.y() > f.border();
            Coat coat = coats.get(f.number());
            boolean only = faulty(Fault.ONE_GROUND) && f.number() == 4 && black;
            if (coat == null || only || !smeared(f, mm)) {
                return black ? print : paper;
            }
            boolean other = faulty(Fault.TWO_PRODUCTS) && f.number() == 1 && mm.x() > f.left() + 19;
            int which = other
                    ? coats.keySet().stream().filter(n -> n > 6).findFirst().orElse(1)
                    : f.number();
            double[][] films = (black ? onPrint : onPaper).get(which);
            double ln = coat.uneven() * 3 * (noise.at(mm.x() / 5 + 31 * f.number(), mm.y() / 5) - .5);
            double at = (Math.max(-REACH, Math.min(REACH, ln)) / REACH + 1) / 2 * (STEPS - 1);
            int i = (int) Math.min(STEPS - 2, at);
            double[] out = new double[3];
            for (int c = 0; c < 3; c++) {
                out[c] = films[i][c] + (at - i) * (films[i + 1][c] - films[i][c]);
            }
            return out;
        }

        private boolean smeared(SheetLayout.Field f, Point mm) {
            double wide = faulty(Fault.SMEARED) && f.number() == 5 ? 19.5 : SMEAR_HALF_WIDTH;
            double wobble = 1.6 * (noise.at(mm.x() / 3 + 7 * f.number(), mm.y() / 3 + 50) - .5);
            double x = (mm.x() - (f.left() + f.right()) / 2) / (wide + wobble);
            double y = (mm.y() - f.border()) / (SMEAR_HALF_HEIGHT + wobble);
            return Math.pow(Math.abs(x), 5) + Math.pow(Math.abs(y), 5) < 1;
        }
    }
}
