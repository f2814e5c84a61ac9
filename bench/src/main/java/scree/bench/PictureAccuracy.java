package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.awt.geom.Path2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.MeshGuess;
import scree.core.face.Side;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.reason.Reason;
import scree.core.sight.EdgeFit;
import scree.core.sight.FaceSkin;
import scree.core.sight.PictureCheck;
import scree.core.sight.SeenFace;
import scree.core.sight.SightCode;
import scree.core.skin.Features;
import scree.core.skin.ZoneOutline;
import scree.core.skin.ZonesOnPoints;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;
import scree.standins.variation.Variation;

/**
 * Held-out sitters in every variation, each through the browser: what is said of the picture, what is read as skin, what a turned head does
 * to its sides, and how long a large picture takes once the face is known.
 */
final class PictureAccuracy {
    private static final int SITTERS = 6;
    private static final int WIDTH = 720;
    private static final Set<SightCode> WITHHELD = EnumSet.of(SightCode.TINTED, SightCode.NO_COLOUR);
    private static final Set<SightCode> QUESTIONS =
            EnumSet.of(SightCode.GLASSES, SightCode.HAND, SightCode.MOUTH_OPEN, SightCode.FOREHEAD_COVERED);
    private static final List<Landmark> SIDES = List.of(Landmark.CHEEK, Landmark.JAW, Landmark.TEMPLE);
    /** A zone of which less is left is not read. */
    private static final double LEAST_KEPT = .5;

    /** Codes by which something that was put on changes a pixel; a beard on deep skin is the faintest. */
    private static final int COVERED = 20;

    private final List<String> wrongs = new ArrayList<>();
    private final Map<String, int[]> byName = new TreeMap<>();
    private final List<Double> purities = new ArrayList<>();
    private final List<Double> halves = new ArrayList<>();
    private int unread;
    private int asked;
    private int quiet;
    private int shown;

    void run() throws IOException {
        Path here = Path.of(System.getenv().getOrDefault("SCREE_HERE", "."));
        List<Sitter> sitters = HeldOut.sitters(SITTERS);
        try (BrowserGuess browser = new BrowserGuess(here.resolve("app/src/main/resources/static"))) {
            for (int i = 0; i < SITTERS; i++) {
                Variation.Subject subject = new Variation.Subject(sitters.get(i), WIDTH, i);
                for (Variation variation : Variation.all()) {
                    look(browser, variation, subject);
                }
            }
        }
        tell();
        figure("picture_ms", twelveMegapixels(sitters.get(0)), "ms");
    }

    private void look(BrowserGuess browser, Variation variation, Variation.Subject subject) {
        Variation.Taken taken = variation.of(subject);
        FaceSearch search = browser.find("shown-" + shown++ + ".jpg", PictureIntake.encodeJpeg(taken.picture(), .92f));
        SeenFace face = search.mesh().map(m -> SeenFace.of(taken.picture(), m)).orElse(null);
        List<Reason> said = new ArrayList<>(PictureCheck.of(search, face, false));
        FacePoints points = null;
        if (said.stream().noneMatch(PictureCheck::stops)) {
            HeadMesh mesh = search.mesh().orElseThrow();
            EdgeFit.Fitted fitted = EdgeFit.of(
                    face,
                    MeshGuess.from(
                            mesh, taken.picture().width(), taken.picture().height()));
            points = fitted.points();
            if (fitted.foreheadCovered()) {
                said.add(PictureCheck.reason(SightCode.FOREHEAD_COVERED));
            }
            if (fitted.handPerhaps()) {
                said.add(PictureCheck.reason(SightCode.HAND));
            }
        }
        judge(variation, subject.sitter(), said);
        if (points != null && taken.points() != null) {
            measure(variation, subject, taken, face, points);
        }
    }

    private void judge(Variation variation, Sitter sitter, List<Reason> said) {
        List<SightCode> codes = said.stream().map(r -> (SightCode) r.code()).toList();
        boolean right = variation.right().isEmpty()
                ? codes.stream().noneMatch(c -> c.stops() || WITHHELD.contains(c))
                : codes.stream().anyMatch(variation.right()::contains);
        if (variation.right().isEmpty()) {
            asked += codes.stream().anyMatch(QUESTIONS::contains) ? 1 : 0;
            quiet++;
        }
        int[] n = byName.computeIfAbsent(variation.name(), k -> new int[3]);
        n[0] += right ? 1 : 0;
        n[1]++;
        n[2] = variation.right().isEmpty() ? 0 : 1;
        if (!right) {
            wrongs.add(sitter.name() + " " + variation.name() + " " + codes);
        }
    }

    private void measure(
            Variation variation, Variation.Subject subject, Variation.Taken taken, SeenFace face, FacePoints points) {
        if (variation.name().endsWith("turned by 10") || variation.name().endsWith("turned by -10")) {
            FacePoints truth = subject.portrait().facePoints();
            for (Landmark l : SIDES) {
                halves.add(Math.abs(halvesApart(points.turnedBack(), l) - halvesApart(truth, l)));
            }
        } else if (!variation.name().startsWith("turned") && !variation.name().startsWith("nodded")) {
            purity(variation, subject, taken, face, points);
        }
    }

    private static double halvesApart(FacePoints points, Landmark l) {
        LevelledFace level = LevelledFace.of(points);
        double right = level.outward(l, Side.RIGHT).x();
        double left = level.outward(l, Side.LEFT).x();
        return 2 * (right - left) / (right + left);
    }

    /** What of a zone's pixels that would be read is truly skin: neither hair nor wall nor anything that was put on. */
    private void purity(
            Variation variation, Variation.Subject subject, Variation.Taken taken, SeenFace face, FacePoints points) {
        Portrait portrait = subject.portrait();
        Raster plain = variation.name().startsWith("before") ? taken.picture() : subject.plain();
        FaceSkin skin = FaceSkin.of(face, points);
        Path2D features = path(Features.of(points));
        for (ZoneOutline zone : ZonesOnPoints.outlines(points)) {
            List<Point> line = zone.polygon(ZonesOnPoints.frame(points));
            Path2D outline = path(List.of(line));
            var box = outline.getBounds();
            int all = 0;
            int read = 0;
            int pure = 0;
            for (int y = box.y; y <= box.y + box.height; y++) {
                for (int x = box.x; x <= box.x + box.width; x++) {
                    if (outline.contains(x, y) && !features.contains(x, y)) {
                        all++;
                        if (skin.at(x, y)) {
                            read++;
                            boolean covered = apart(plain, taken.picture(), x, y) > COVERED;
                            pure += portrait.skin(x, y) && !covered ? 1 : 0;
                        }
                    }
                }
            }
            boolean onFace = line.stream()
                    .allMatch(p -> p.y()
                            < points.at(scree.core.face.PointKey.of(Landmark.CHIN))
                                    .at()
                                    .y());
            if (onFace && all > 0 && read >= LEAST_KEPT * all) {
                purities.add((double) pure / read);
            } else if (onFace) {
                unread++;
            }
        }
    }

    private static int apart(Raster a, Raster b, int x, int y) {
        int most = 0;
        for (int c = 0; c < 3; c++) {
            most = Math.max(most, Math.abs(a.code(x, y, c) - b.code(x, y, c)));
        }
        return most;
    }

    private static Path2D path(List<List<Point>> polygons) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (List<Point> polygon : polygons) {
            for (int i = 0; i < polygon.size(); i++) {
                if (i == 0) {
                    path.moveTo(polygon.get(i).x(), polygon.get(i).y());
                } else {
                    path.lineTo(polygon.get(i).x(), polygon.get(i).y());
                }
            }
            path.closePath();
        }
        return path;
    }

    private void tell() {
        say(
                "%d pictures in the browser: %d held-out sitters in %d variations; simulated",
                shown, SITTERS, byName.size());
        StringBuilder each = new StringBuilder("  said rightly: ");
        byName.forEach((name, n) ->
                each.append(name.toLowerCase(java.util.Locale.ROOT)).append(" %d of %d, ".formatted(n[0], n[1])));
        say("%s", each.toString());
        wrongs.forEach(w -> say("  %s", w));
        say("  asked without need (a hand, glasses, an open mouth, hair): %d of %d", asked, quiet);
        figure("refused_right_percent", share(1), "%");
        figure("refused_wrong_percent", 100 - share(0), "%");
        double[] sorted = purities.stream().mapToDouble(d -> d).sorted().toArray();
        say(
                "  zones read: %d, unread: %d, under 0.9 pure: %d",
                sorted.length,
                unread,
                java.util.Arrays.stream(sorted).filter(p -> p < .9).count());
        figure("zone_purity", java.util.Arrays.stream(sorted).average().orElse(0), "");
        figure(
                "turned_false_sides_percent",
                100 * halves.stream().mapToDouble(d -> d).average().orElse(1),
                "%");
    }

    private double share(int expected) {
        int right = byName.values().stream()
                .filter(n -> n[2] == expected)
                .mapToInt(n -> n[0])
                .sum();
        int of = byName.values().stream()
                .filter(n -> n[2] == expected)
                .mapToInt(n -> n[1])
                .sum();
        return 100.0 * right / of;
    }

    private static final int LARGE = 3000;
    private static final int ROUNDS = 9;

    /** From a known face to points, edges, mask and zones, the median of nine. */
    private static double twelveMegapixels(Sitter sitter) {
        Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), WIDTH);
        Raster small = portrait.shoot(
                scree.standins.camera.Camera.quiet(3),
                scree.standins.camera.Lamp.daylight(5600),
                scree.standins.camera.Shot.withoutCard(sitter, 3));
        var large = new java.awt.image.BufferedImage(LARGE, LARGE * 5 / 4, java.awt.image.BufferedImage.TYPE_INT_RGB);
        large.createGraphics().drawImage(small.toImage(), 0, 0, LARGE, LARGE * 5 / 4, null);
        Raster picture = Raster.of(large);
        FaceSearch search = scree.standins.camera.StandInSearch.of(Studio.points(sitter, LARGE), 0);
        double[] ms = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long start = System.nanoTime();
            SeenFace face = SeenFace.of(picture, search.mesh().orElseThrow());
            PictureCheck.of(search, face, false);
            FacePoints points = EdgeFit.of(
                            face, MeshGuess.from(search.mesh().orElseThrow(), picture.width(), picture.height()))
                    .points();
            FaceSkin skin = FaceSkin.of(face, points);
            for (ZoneOutline zone : ZonesOnPoints.outlines(points)) {
                scree.core.image.ZoneSample.of(
                        picture, zone.polygon(ZonesOnPoints.frame(points)), Features.of(points), skin);
            }
            ms[i] = (System.nanoTime() - start) / 1e6;
        }
        java.util.Arrays.sort(ms);
        return ms[ROUNDS / 2];
    }
}
