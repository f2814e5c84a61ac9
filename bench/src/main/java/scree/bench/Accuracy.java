package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import scree.core.colour.Lab;
import scree.core.image.CameraProfile;
import scree.core.image.CardCalibration;
import scree.core.image.CardField;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.skin.Answer;
import scree.core.skin.FaceFrame;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinModel;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinScene;
import scree.core.skin.Testimony;
import scree.core.skin.Undertone;
import scree.core.skin.UndertoneBench;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;
import scree.core.skin.ZoneReading;
import scree.standins.camera.Camera;
import scree.standins.camera.FlatCapture;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/** How right Scree is, on simulated captures whose truth is known. */
final class Accuracy {
    private static final int SITTERS = 16;
    private static final int CAMERAS = 6;
    private static final int WIDTH = 720;
    private static final PrintedCard LAB_ONLY = PrintedCard.ofColours(
            "colours only", CardLayout.fields().stream().map(CardField::colour).toList());

    private enum Setting {
        CARD_DAYLIGHT(CardLayout.Kind.COLOUR, 3),
        CARD_WARM(CardLayout.Kind.COLOUR, 2),
        GREY_DAYLIGHT(CardLayout.Kind.GREY, 2),
        GREY_KNOWN_PHONE_DAYLIGHT(CardLayout.Kind.GREY, 1),
        CARD_LAB_ONLY_DAYLIGHT(CardLayout.Kind.COLOUR, 1),
        CARD_LAB_ONLY_WARM(CardLayout.Kind.COLOUR, 1),
        NO_CARD_DAYLIGHT(null, 1);

        final CardLayout.Kind card;
        final int lights;

        Setting(CardLayout.Kind card, int lights) {
            this.card = card;
            this.lights = lights;
        }
    }

    private record Miss(Setting setting, Zone zone, double difference) {}

    void run() throws IOException {
        say("# accuracy, all on simulated captures; seeds are fixed");
        differences();
        captures();
        new Mixing().gap();
        new SwatchAccuracy().run();
        new RoleAccuracy().run();
        new CoverAccuracy().run();
        new LightAccuracy().run();
        undertone();
        witnesses();
        new FaceAccuracy().run();
    }

    private void differences() throws IOException {
        Path file = Path.of(
                System.getenv().getOrDefault("SCREE_HERE", "."), "core/src/test/resources/golden/ciede2000.csv");
        double worst = 0;
        List<String> lines = Files.readAllLines(file);
        for (String line : lines.subList(1, lines.size())) {
            String[] v = line.split(",");
            double[] n = IntStream.range(0, 7)
                    .mapToDouble(i -> Double.parseDouble(v[i]))
                    .toArray();
            worst = Math.max(worst, Math.abs(Lab.of(n[0], n[1], n[2]).differenceFrom(Lab.of(n[3], n[4], n[5])) - n[6]));
        }
        say("CIEDE2000 against %d golden pairs (34 published with four decimals, 500 cross-checked)", lines.size() - 1);
        figure("ciede2000_max_error", worst, "dE00");
    }

    private void captures() {
        List<Sitter> sitters = HeldOut.sitters(SITTERS);
        Map<Integer, List<Miss>> bySitter = new ConcurrentHashMap<>();
        int[] notFound = new int[1];
        IntStream.range(0, SITTERS).parallel().forEach(i -> bySitter.put(i, captures(sitters.get(i), i, notFound)));
        List<Miss> misses = IntStream.range(0, SITTERS)
                .boxed()
                .flatMap(i -> bySitter.get(i).stream())
                .toList();
        int shots = SITTERS * CAMERAS * (3 + 2 + 2 + 1 + 1 + 1 + 1);
        say(
                "skin colour from %d whole pictures (%d held-out sitters, %d evaluation cameras, 11 lights each), JPEG, +-5 %% uneven light,",
                shots, SITTERS, CAMERAS);
        say(
                "face to the window, zones laid from true pupils and chin; figures are of both cheeks in one; cards not found: %d",
                notFound[0]);
        for (Setting setting : Setting.values()) {
            Map<Zone, List<Double>> zones = new EnumMap<>(Zone.class);
            misses.stream()
                    .filter(m -> m.setting() == setting)
                    .forEach(m -> zones.computeIfAbsent(m.zone(), z -> new ArrayList<>())
                            .add(m.difference()));
            for (Zone zone : List.of(Zone.OUTER_CHEEK, Zone.JAW, Zone.NECK, Zone.FOREHEAD)) {
                if (zones.containsKey(zone)) {
                    say(
                            "  %s, %s: mean %.2f, 95th percentile %.2f",
                            setting, zone, mean(zones.get(zone)), p95(zones.get(zone)));
                }
            }
            List<Double> cheek = zones.get(Zone.CHEEK);
            if (setting == Setting.NO_CARD_DAYLIGHT) {
                say(
                        "  %s, CHEEK (provisional, never a reading): mean %.2f, 95th percentile %.2f",
                        setting, mean(cheek), p95(cheek));
            } else {
                String name = setting.name().toLowerCase(java.util.Locale.ROOT);
                figure(name + "_de00_mean", mean(cheek), "dE00");
                figure(name + "_de00_p95", p95(cheek), "dE00");
            }
        }
    }

    private static List<Miss> captures(Sitter sitter, int index, int[] notFound) {
        Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), WIDTH);
        Map<String, Point> points = portrait.landmarks();
        FaceFrame face = new FaceFrame(points.get("right pupil"), points.get("left pupil"), points.get("chin"));
        Map<Zone, Lab> truth = truth(portrait, face);
        Random random = new Random(100 + index);
        List<Miss> misses = new ArrayList<>();
        for (int c = 0; c < CAMERAS; c++) {
            Camera camera = new Camera(Camera.Family.EVALUATION, 40 + c);
            Optional<CameraProfile> phone = Optional.empty();
            for (Setting setting : Setting.values()) {
                for (int k = 0; k < setting.lights; k++) {
                    boolean warm = setting == Setting.CARD_WARM || setting == Setting.CARD_LAB_ONLY_WARM;
                    Lamp lamp = warm ? HeldOut.warmLed(random) : HeldOut.daylight(random);
                    Raster shot = portrait.shoot(
                            camera, lamp, HeldOut.shot(setting.card, random, 1 + random.nextInt(1 << 20)));
                    Raster picture = PictureIntake.read(PictureIntake.encodeJpeg(shot, .92f));
                    CardSighting card = CardFinder.find(picture);
                    if (setting.card != null && !(card instanceof CardSighting.Found)) {
                        synchronized (notFound) {
                            notFound[0]++;
                        }
                    }
                    if (setting == Setting.CARD_DAYLIGHT) {
                        phone = SkinReader.learn(picture, card, PrintedCard.design());
                    }
                    SkinReading reading = SkinReader.read(picture, card, scene(setting, face, phone));
                    for (ZoneReading z : reading.zones()) {
                        Lab t = truth.get(z.zone());
                        if (t != null) {
                            misses.add(new Miss(setting, z.zone(), z.colour().differenceFrom(t)));
                        }
                    }
                }
            }
        }
        return misses;
    }

    private static SkinScene scene(Setting setting, FaceFrame face, Optional<CameraProfile> phone) {
        SkinScene plain = SkinScene.of(face, ZoneOutline.templates());
        return switch (setting) {
            case GREY_KNOWN_PHONE_DAYLIGHT ->
                new SkinScene(face, plain.outlines(), List.of(), plain.features(), PrintedCard.design(), phone);
            case CARD_LAB_ONLY_DAYLIGHT, CARD_LAB_ONLY_WARM ->
                new SkinScene(face, plain.outlines(), List.of(), plain.features(), LAB_ONLY, Optional.empty());
            default -> plain;
        };
    }

    private static Map<Zone, Lab> truth(Portrait portrait, FaceFrame face) {
        Map<Zone, Lab> truth = new EnumMap<>(Zone.class);
        for (ZoneOutline o : ZoneOutline.templates()) {
            Lab side = portrait.trueColour(o.polygon(face));
            if (side != null) {
                truth.merge(o.zone(), side, (a, b) -> a.towards(b, .5));
            }
        }
        return truth;
    }

    /** Family told from one measured zone, against the family of the zone's true colour. */
    private void undertone() {
        Random random = new Random(77);
        int right = 0;
        int rightOfAll = 0;
        int clear = 0;
        int all = 0;
        Map<Integer, int[]> calibration = new java.util.TreeMap<>();
        while (clear < 900) {
            double melanin = .006 * Math.pow(60, random.nextDouble());
            double blood = SkinModel.averageBlood(melanin) * Math.pow(2.6, 2 * random.nextDouble() - 1);
            var skin = SkinModel.reflectance(new SkinModel.Content(
                    melanin, Math.min(.28, blood), .55 + .3 * random.nextDouble(), 4 * random.nextDouble()));
            Lab truth = skin.toLab();
            if (truth.b() < 4 || truth.lightness() < 29) {
                continue;
            }
            Undertone wanted = Undertone.of(List.of(truth), 0, true);
            FlatCapture capture = new FlatCapture(
                    new Camera(Camera.Family.EVALUATION, 200 + random.nextInt(40)),
                    HeldOut.daylight(random),
                    HeldOut.shot(CardLayout.Kind.COLOUR, random, 1 + random.nextInt(1 << 20)));
            Lab read = CardCalibration.of(capture.card(), capture.sighting()).read(capture.code(skin), new Point(0, 0));
            Undertone told = Undertone.of(List.of(read), 1.2, true);
            boolean same = told.leading() == wanted.leading();
            all++;
            rightOfAll += same ? 1 : 0;
            double share = Math.max(told.cool(), Math.max(told.neutral(), told.warm()));
            int[] bin = calibration.computeIfAbsent((int) Math.min(9, share * 10), k -> new int[2]);
            bin[0] += same ? 1 : 0;
            bin[1]++;
            if (Math.abs(Math.abs(wanted.leanDegrees()) - 3) >= 1) {
                clear++;
                right += same ? 1 : 0;
            }
        }
        say(
                "undertone family from a measured zone, card in daylight, evaluation cameras: %d skins of L* 29 to 78; counted are the %d",
                all, clear);
        say(
                "whose true lean is at least 1 degree from a family's edge (of all skins, edges included: %.1f %%)",
                100.0 * rightOfAll / all);
        calibration.forEach(
                (bin, n) -> say("  leading share %d to %d %%: right %d of %d", bin * 10, bin * 10 + 10, n[0], n[1]));
        figure("undertone_right_percent", 100.0 * right / clear, "%");
    }

    /** A rough measurement alone, and with three witnesses that err as the craft's table says they do. */
    private void witnesses() {
        Random random = new Random(4711);
        int alone = 0;
        int together = 0;
        int all = 900;
        Map<Integer, int[]> calibration = new java.util.TreeMap<>();
        for (int i = 0; i < all; i++) {
            double l = 30 + 46 * random.nextDouble();
            double lean = (random.nextInt(3) - 1) * 7 + 4 * (random.nextDouble() - .5);
            Undertone.Family truth =
                    lean > 3 ? Undertone.Family.WARM : lean < -3 ? Undertone.Family.COOL : Undertone.Family.NEUTRAL;
            Lab usual = ReferenceCurve.at(l);
            Lab seen = Lab.ofLch(l, usual.chroma(), usual.hueDegrees() + lean + 5 * random.nextGaussian());
            SkinReading rough = new SkinReading(
                    SkinReading.Trust.PROVISIONAL,
                    new scree.core.image.Calibration.Quality(0, 0, 0, 1, 0),
                    List.of(new ZoneReading(
                            Zone.NECK, seen, 1, new scree.core.image.ZoneSample(new double[3], 0, 100, 0, 0, 0, 0))),
                    List.of(),
                    List.of(),
                    new scree.core.light.LightFigures(
                            scree.core.light.LightFigures.Card.NONE,
                            null,
                            0.0,
                            null,
                            null,
                            null,
                            null,
                            null,
                            0,
                            0,
                            null),
                    List.of());
            List<Testimony> said = java.util.stream.Stream.of(Witness.BRIGHT, Witness.DRAPES, Witness.PAST)
                    .map(w -> new Testimony(answer(w, truth, random), false))
                    .toList();
            alone += leading(rough, List.of()) == truth ? 1 : 0;
            Undertone told = UndertoneBench.weigh(rough, said).orElseThrow().undertone();
            together += told.leading() == truth ? 1 : 0;
            double share = Math.max(told.cool(), Math.max(told.neutral(), told.warm()));
            int[] bin = calibration.computeIfAbsent((int) Math.min(9, share * 10), k -> new int[2]);
            bin[0] += told.leading() == truth ? 1 : 0;
            bin[1]++;
        }
        say(
                "undertone of %d skins from a provisional picture (5 degrees off): alone right %.1f %%, with bright cloths, drape cards and",
                all, 100.0 * alone / all);
        say("past bases, who are right two times in three: right %.1f %%", 100.0 * together / all);
        calibration.forEach(
                (bin, n) -> say("  leading share %d to %d %%: right %d of %d", bin * 10, bin * 10 + 10, n[0], n[1]));
        figure("undertone_bench_right_percent", 100.0 * together / all, "%");
    }

    private static Undertone.Family leading(SkinReading reading, List<Testimony> said) {
        return UndertoneBench.weigh(reading, said).orElseThrow().undertone().leading();
    }

    /** The answer for the truth two times in three, else any of the witness. */
    private static Answer answer(Witness witness, Undertone.Family truth, Random random) {
        Map<Witness, List<Answer>> right = Map.of(
                Witness.BRIGHT, List.of(Answer.BRIGHT_PINK, Answer.BRIGHT_BOTH, Answer.BRIGHT_ORANGE),
                Witness.DRAPES, List.of(Answer.DRAPES_PINK, Answer.DRAPES_NEUTRAL, Answer.DRAPES_YELLOW),
                Witness.PAST, List.of(Answer.PAST_ORANGE, Answer.PAST_FINE, Answer.PAST_PINK));
        List<Answer> answers = right.get(witness);
        return random.nextInt(3) < 2 ? answers.get(truth.ordinal()) : answers.get(random.nextInt(3));
    }

    static double mean(List<Double> values) {
        return values.stream().mapToDouble(v -> v).average().orElse(Double.NaN);
    }

    static double p95(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        return sorted.get((int) Math.min(sorted.size() - 1, Math.ceil(.95 * sorted.size()) - 1));
    }
}
