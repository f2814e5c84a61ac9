package scree.core.sight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import scree.core.face.HeadTurn;
import scree.core.image.Raster;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.mesh.Pose;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/**
 * Decides for every page whether a picture can be read, before anything is read from it. All limits lie between groups of varied pictures,
 * most of them photographs: docs/method.md has each with its hits and false alarms.
 */
public final class PictureCheck {
    private static final double LEAST_UNIT = 40;
    private static final double GOOD_UNIT = 80;
    private static final double DARK_PICTURE = 62;
    private static final double DARK_WHITES = 45;
    private static final double DARK_CHEEK = 50;
    private static final double MOST_CLIPPED = .12;
    private static final int CLIPPED_FROM = 253;
    private static final double SHARP = .15;
    private static final double GOOD_SHARP = .22;
    private static final double GREY = 3;
    private static final double[] WHITES_A = {-8, 14};
    private static final double[] WHITES_B = {-8, 18};
    private static final double[] CHEEK_HUE = {28, 80};
    private static final double CHEEK_CHROMA = 42;
    private static final double MISFIT = .09;
    private static final double OPEN = .12;
    private static final double BRIDGE_DIP = 15;
    private static final double RIM_DIP = 20;
    /** Lightness of the eyes, their lids closed or behind dark glass, over the cheeks'. Derived: 40 L* under a cheek of 73. */
    private static final double EYES_DARKER = .45;
    /** Eyes as light and as coloured as the cheeks are lids. House choice. */
    private static final double LID_LIKE = 8;

    private static final double LID_COLOUR = 5;
    /** Whites of a dusky picture. House choice: between dark pictures, under 45, and good light, 68 to 73 on every skin. */
    private static final double DUSKY_WHITES = 55;
    /** No cheek is deeper in light that can be read. House choice: the deepest of the skin model. */
    private static final double DEEPEST_CHEEK = 22;
    /** Longest side of what is looked at as a whole. */
    private static final int OVERVIEW = 300;

    private static final int[] RIGHT_EYE = {33, 7, 163, 144, 145, 153, 154, 155, 133, 173, 157, 158, 159, 160, 161, 246
    };
    private static final int[] LEFT_EYE = HeadMesh.partners(RIGHT_EYE);
    /** Forehead, both cheeks, nose, both sides of the chin. */
    private static final int[] PATCHES = {151, 50, 280, 4, 204, 424};

    private static final double PATCH = .1;

    private final HeadMesh mesh;
    private final UprightFace face;
    private final double[] cheek;
    private final boolean card;
    private final SkinFeatures overview;

    private PictureCheck(SeenFace seen, boolean card) {
        this.mesh = seen.mesh();
        this.card = card;
        this.overview = SkinFeatures.of(seen.small().shrunkTo(OVERVIEW));
        this.face = seen.upright();
        this.cheek = seen.mask().cheeks();
    }

    /**
     * Returns what is to be said, what stops first. After a reason that stops nothing more is looked for.
     *
     * @param card whether the colour card was found, which tells a lamp's colour better than skin does
     */
    public static List<Reason> of(FaceSearch search, Raster picture, boolean card) {
        return of(search, search.mesh().map(mesh -> SeenFace.of(picture, mesh)).orElse(null), card);
    }

    /** @param face the one that was found, or null */
    public static List<Reason> of(FaceSearch search, SeenFace face, boolean card) {
        if (!search.found()) {
            return List.of(reason(SightCode.NO_FACE));
        }
        if (search.upsideDown()) {
            return List.of(reason(SightCode.HEAD_DOWN));
        }
        if (search.two()) {
            return List.of(reason(SightCode.TWO_FACES));
        }
        HeadMesh mesh = search.mesh().orElseThrow();
        if (mesh.unit() < LEAST_UNIT) {
            return List.of(reason(SightCode.TOO_SMALL, (int) Math.round(mesh.unit())));
        }
        return new PictureCheck(face, card).reasons(search.restless());
    }

    private List<Reason> reasons(boolean restless) {
        Pose pose = Pose.of(mesh);
        int about = (int) Math.round(Math.abs(pose.aboutYawDegrees()));
        double yaw = Math.abs(pose.yawDegrees());
        double sharp = sharpness();
        if (dark()) {
            return List.of(reason(SightCode.TOO_DARK));
        }
        if (clipped() > MOST_CLIPPED) {
            return List.of(reason(SightCode.BURNT));
        }
        if (sharp < SHARP) {
            return List.of(reason(SightCode.BLURRED));
        }
        if (yaw > HeadTurn.REFUSED) {
            return List.of(reason(SightCode.TURNED_AWAY, about));
        }
        List<Reason> said = new ArrayList<>();
        if (grey()) {
            said.add(reason(SightCode.NO_COLOUR));
        } else if (!card && tinted()) {
            said.add(reason(SightCode.TINTED));
        }
        when(said, yaw > HeadTurn.ASKED, reason(SightCode.TURN_TO_CAMERA, about));
        when(said, lifted(pose), reason(SightCode.EYE_HEIGHT));
        when(said, restless || pose.misfit() > MISFIT, reason(SightCode.UNSURE));
        when(said, darkGlasses(), reason(SightCode.DARK_GLASSES));
        when(said, !darkGlasses() && glasses(), reason(SightCode.GLASSES));
        when(said, open(), reason(SightCode.MOUTH_OPEN));
        when(said, mesh.unit() < GOOD_UNIT, reason(SightCode.SMALL, (int) Math.round(mesh.unit())));
        when(said, sharp < GOOD_SHARP, reason(SightCode.SOFT));
        said.sort(java.util.Comparator.comparing(r -> !stops(r)));
        return said;
    }

    private static void when(List<Reason> said, boolean so, Reason reason) {
        if (so) {
            said.add(reason);
        }
    }

    /** Returns whether a reason keeps the picture from being read. */
    public static boolean stops(Reason reason) {
        return reason.code() instanceof SightCode code && code.stops();
    }

    /** Returns a code as it is said: what stops or withholds is a caution, what asks a check, the rest a note. */
    public static Reason reason(SightCode code, Object... args) {
        return switch (code.kind()) {
            case REFUSES, ASKS_AGAIN, WITHHOLDS_COLOUR -> Reason.caution(code, args);
            case ASKS -> Reason.check(code, args);
            case NOTES -> Reason.note(code, args);
        };
    }

    private static boolean lifted(Pose pose) {
        return Math.abs(pose.pitchDegrees() - HeadTurn.USUAL_PITCH) > HeadTurn.MOST_PITCH;
    }

    // ---- light and colour ----

    private boolean dark() {
        SkinFeatures all = overview;
        double[] lightness = new double[all.width() * all.height()];
        for (int i = 0; i < lightness.length; i++) {
            lightness[i] = all.pixel(i % all.width(), i / all.width(), 0);
        }
        boolean nothingLight = percentile(lightness, .99) < DARK_PICTURE;
        if (darkGlasses() || lidsClosed()) { // no whites to tell by
            return nothingLight && cheek[0] < DEEPEST_CHEEK;
        }
        double white = whites()[0]; // deep skin before leaves is no dark picture: the whites tell
        return white < DARK_WHITES && cheek[0] < DARK_CHEEK || nothingLight && white < DUSKY_WHITES;
    }

    private boolean darkGlasses() {
        return eyes(.9) < EYES_DARKER * cheek[0];
    }

    /** Where no whites show the eyes have the skin's own colour. */
    private boolean lidsClosed() {
        double[] w = whites();
        return Math.abs(w[0] - cheek[0]) < LID_LIKE && Math.hypot(w[1] - cheek[1], w[2] - cheek[2]) < LID_COLOUR;
    }

    /** Returns the share of burnt pixels at six patches of skin. */
    private double clipped() {
        int seen = 0;
        int burnt = 0;
        for (int point : PATCHES) {
            Vec at = face.pixelOf(mesh.at(point));
            int reach = (int) Math.round(PATCH * UprightFace.SCALE / 2);
            for (int y = (int) at.y() - reach; y <= at.y() + reach; y++) {
                for (int x = (int) at.x() - reach; x <= at.x() + reach; x++) {
                    seen++;
                    boolean full = false;
                    for (int c = 0; c < 3; c++) {
                        full |= face.raster().code(x, y, c) >= CLIPPED_FROM;
                    }
                    burnt += full ? 1 : 0;
                }
            }
        }
        return (double) burnt / seen;
    }

    private boolean grey() {
        SkinFeatures all = overview;
        double[] chroma = new double[all.width() * all.height()];
        for (int i = 0; i < chroma.length; i++) {
            int x = i % all.width();
            int y = i / all.width();
            chroma[i] = Math.hypot(all.pixel(x, y, 1), all.pixel(x, y, 2));
        }
        return percentile(chroma, .90) < GREY && Math.hypot(cheek[1], cheek[2]) < GREY;
    }

    private boolean tinted() {
        double[] whites = whites();
        double hue = Math.toDegrees(Math.atan2(cheek[2], cheek[1]));
        boolean eyes = !lidsClosed() && (outside(whites[1], WHITES_A) || outside(whites[2], WHITES_B));
        return eyes || outside(hue, CHEEK_HUE) || Math.hypot(cheek[1], cheek[2]) > CHEEK_CHROMA;
    }

    private static boolean outside(double v, double[] range) {
        return v < range[0] || v > range[1];
    }

    /** Returns the median L*, a*, b* of the lightest third of both eyes. */
    private double[] whites() {
        List<double[]> pixels = eyePixels();
        pixels.sort((a, b) -> Double.compare(b[0], a[0]));
        List<double[]> light = pixels.subList(0, Math.max(1, (int) (.3 * pixels.size())));
        double[] middle = new double[3];
        for (int c = 0; c < 3; c++) {
            int which = c;
            middle[c] =
                    EdgeTrace.median(light.stream().mapToDouble(p -> p[which]).toArray());
        }
        return middle;
    }

    private double eyes(double share) {
        return percentile(eyePixels().stream().mapToDouble(p -> p[0]).toArray(), share);
    }

    private List<double[]> eyePixels() {
        List<double[]> pixels = new ArrayList<>();
        for (int[] eye : new int[][] {RIGHT_EYE, LEFT_EYE}) {
            List<Vec> outline = new ArrayList<>();
            for (int i : eye) {
                outline.add(face.pixelOf(mesh.at(i)));
            }
            inside(outline, pixels);
        }
        if (pixels.isEmpty()) {
            pixels.add(new double[] {cheek[0], cheek[1], cheek[2]});
        }
        return pixels;
    }

    private void inside(List<Vec> outline, List<double[]> pixels) {
        int top = (int) outline.stream().mapToDouble(Vec::y).min().orElse(0);
        int bottom = (int) outline.stream().mapToDouble(Vec::y).max().orElse(0);
        int left = (int) outline.stream().mapToDouble(Vec::x).min().orElse(0);
        int right = (int) outline.stream().mapToDouble(Vec::x).max().orElse(0);
        for (int y = Math.max(0, top); y <= Math.min(UprightFace.HEIGHT - 1, bottom); y++) {
            for (int x = Math.max(0, left); x <= Math.min(UprightFace.WIDTH - 1, right); x++) {
                if (contains(outline, x, y)) {
                    SkinFeatures f = face.features();
                    pixels.add(new double[] {f.pixel(x, y, 0), f.pixel(x, y, 1), f.pixel(x, y, 2)});
                }
            }
        }
    }

    private static boolean contains(List<Vec> outline, double x, double y) {
        boolean in = false;
        for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
            Vec a = outline.get(i);
            Vec b = outline.get(j);
            if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                in = !in;
            }
        }
        return in;
    }

    // ---- sharpness ----

    private static final double EYE_REACH_X = .28;
    private static final double EYE_REACH_Y = .18;

    /** Returns the steepest slope of luma round the better eye over its range there, at 100 pixels per pupil distance. */
    private double sharpness() {
        return Math.max(sharpness(mesh.pupil(true)), sharpness(mesh.pupil(false)));
    }

    private double sharpness(Vec pupil) {
        Vec at = face.pixelOf(pupil);
        List<Integer> lumas = new ArrayList<>();
        List<Double> slopes = new ArrayList<>();
        int reachX = (int) (EYE_REACH_X * UprightFace.SCALE);
        int reachY = (int) (EYE_REACH_Y * UprightFace.SCALE);
        Raster r = face.raster();
        for (int y = (int) at.y() - reachY; y <= at.y() + reachY; y++) {
            for (int x = (int) at.x() - reachX; x <= at.x() + reachX; x++) {
                lumas.add(r.luma(x, y));
                slopes.add(Math.hypot(r.luma(x + 1, y) - r.luma(x - 1, y), r.luma(x, y + 1) - r.luma(x, y - 1)) / 2);
            }
        }
        double[] luma = lumas.stream().mapToDouble(Integer::doubleValue).toArray();
        double range = percentile(luma, .98) - percentile(luma, .02);
        return range < 1
                ? 0
                : percentile(slopes.stream().mapToDouble(Double::doubleValue).toArray(), .99) / range;
    }

    // ---- what is worn or done ----

    private static final int UPPER_LIP_INSIDE = 13;
    private static final int LOWER_LIP_INSIDE = 14;

    private boolean open() {
        return mesh.at(UPPER_LIP_INSIDE).distanceTo(mesh.at(LOWER_LIP_INSIDE)) / mesh.unit() > OPEN;
    }

    private static final double BRIDGE_TOP = -.24;
    private static final double BRIDGE_BOTTOM = .22;
    private static final double RIM_TOP = .12;
    private static final double RIM_BOTTOM = .50;
    private static final double RIM_FROM = .25;

    /** A frame darkens the nose's bridge, or leaves a rim under both eyes. */
    private boolean glasses() {
        double bridge = dip(0, .02, BRIDGE_TOP, BRIDGE_BOTTOM);
        double right = dip(-.5, RIM_FROM, RIM_TOP, RIM_BOTTOM);
        double left = dip(.5, RIM_FROM, RIM_TOP, RIM_BOTTOM);
        return bridge > BRIDGE_DIP || Math.min(right, left) > RIM_DIP;
    }

    private static final int COLUMNS = 9;
    /** Half of the window whose median a line is held against, pixels. */
    private static final int RUNNING = 9;

    /** Returns the darkest dip of L* down a strip against its own running median, the median of nine columns. */
    private double dip(double x, double reach, double top, double bottom) {
        int from = (int) UprightFace.pixel(new Vec(0, top)).y();
        int to = (int) UprightFace.pixel(new Vec(0, bottom)).y();
        double[] line = new double[to - from + 1];
        for (int y = from; y <= to; y++) {
            double[] across = new double[COLUMNS];
            for (int c = 0; c < COLUMNS; c++) {
                double at = x + reach * (c - COLUMNS / 2) / (COLUMNS / 2.0);
                across[c] = face.features().at(UprightFace.pixel(new Vec(at, 0)).x(), y, 0);
            }
            line[y - from] = EdgeTrace.median(across);
        }
        double most = 0;
        for (int i = 0; i < line.length; i++) {
            int a = Math.max(0, i - RUNNING);
            int b = Math.min(line.length, i + RUNNING + 1);
            most = Math.max(most, EdgeTrace.median(Arrays.copyOfRange(line, a, b)) - line[i]);
        }
        return most;
    }

    /** Sorts what it is given. */
    private static double percentile(double[] values, double share) {
        Arrays.sort(values);
        double at = share * (values.length - 1);
        int i = (int) at;
        int next = Math.min(values.length - 1, i + 1);
        return values[i] + (at - i) * (values[next] - values[i]);
    }
}
