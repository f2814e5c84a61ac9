package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;
import scree.core.image.CardCalibration;
import scree.core.image.CardField;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSamples;
import scree.core.image.CardSighting;
import scree.core.image.PictureIntake;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.skin.FaceFrame;
import scree.core.skin.SkinReader;
import scree.core.skin.ZoneOutline;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Studio;

/** How fast Scree is on this machine. */
final class Speed {
    void run() throws Exception {
        say("# speed on this machine, %d processors", Runtime.getRuntime().availableProcessors());
        ranking();
        new Mixing().speed();
        placing();
        calibration();
        photo();
        start();
        new Load().run();
    }

    private void ranking() throws Exception {
        say("top 10 of 50,000 shades, JMH average over 256 skins, one thread, warm");
        var options = new OptionsBuilder()
                .include(Ranking.class.getName())
                .verbosity(VerboseMode.SILENT)
                .build();
        RunResult result = new Runner(options).runSingle();
        figure("rank_50000_ms", result.getPrimaryResult().getScore(), "ms");
    }

    private void placing() throws Exception {
        say(
                "47 points to reading to plan to SVG paths, and the made-up picture 1200 x 1500 with base, seven covered places and every family on; JMH, warm");
        var options = new OptionsBuilder()
                .include(Placing.class.getName())
                .verbosity(VerboseMode.SILENT)
                .build();
        for (RunResult result : new Runner(options).run()) {
            boolean preview = result.getParams().getBenchmark().endsWith("preview");
            figure(
                    preview ? "preview_ms" : "plan_svg_ms",
                    result.getPrimaryResult().getScore(),
                    "ms");
        }
    }

    private void calibration() throws Exception {
        Raster picture = Studio.seat(Ensemble.all().get(4), Lighting.facingWindow(), 1200)
                .shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(1));
        CardSighting.Found card = (CardSighting.Found) CardFinder.find(picture);
        PrintedCard coloursOnly = PrintedCard.ofColours(
                "colours only",
                CardLayout.fields().stream().map(CardField::colour).toList());
        say("calibration of one picture on the card that was found; medians of 9");
        figure("calibration_ms", median(() -> CardCalibration.of(CardSamples.of(picture, card), card)), "ms");
        figure(
                "calibration_colours_only_ms",
                median(() -> CardCalibration.of(CardSamples.of(picture, card), card, coloursOnly)),
                "ms");
    }

    /** Prints how long a large picture takes. */
    void photo() throws Exception {
        byte[] jpeg = twelveMegapixels();
        say(
                "12-megapixel JPEG (%.1f MB): upload bytes to zone readings with the card, against plain decoding; medians of 9",
                jpeg.length / 1e6);
        double plain = median(() -> ImageIO.read(new ByteArrayInputStream(jpeg)));
        double whole = median(() -> {
            Raster raster = PictureIntake.read(jpeg).shrunkTo(PictureIntake.STORED_LONGEST_SIDE);
            FaceFrame face = FaceFrame.usualIn(raster.width(), raster.height());
            return SkinReader.read(raster, CardFinder.find(raster), face, ZoneOutline.templates());
        });
        say("  plain %.0f ms, whole %.0f ms", plain, whole);
        figure("photo_12mp_ratio", whole / plain, "x");
    }

    /** Returns a JPEG of twelve megapixels with a face and the colour card. */
    static byte[] twelveMegapixels() {
        var portrait = Studio.seat(Ensemble.all().get(4), Lighting.facingWindow(), 1200);
        BufferedImage small = portrait.shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(1))
                .toImage();
        BufferedImage large = new BufferedImage(3100, 3875, BufferedImage.TYPE_INT_RGB);
        var g = large.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(small, 0, 0, 3100, 3875, null);
        g.dispose();
        return PictureIntake.encodeJpeg(Raster.of(large), .92f);
    }

    private static double median(Callable<?> work) throws Exception {
        double[] ms = new double[9];
        for (int i = -3; i < ms.length; i++) {
            long start = System.nanoTime();
            work.call();
            if (i >= 0) {
                ms[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(ms);
        return ms[ms.length / 2];
    }

    /** Starts the built application on a migrated, empty database and waits until it says it is healthy. */
    private void start() throws Exception {
        String jar = System.getenv("SCREE_JAR");
        if (jar == null || !new File(jar).exists() || System.getenv("SCREE_DB_URL") == null) {
            say("cold start was not measured: run it by ./scree bench");
            return;
        }
        RunningApp.start(jar, Map.of("SCREE_DEMO", "false")).close(); // migrates
        double seconds;
        try (RunningApp app = RunningApp.start(jar, Map.of("SCREE_DEMO", "false"))) {
            seconds = app.seconds();
        }
        say("cold start of the application, new process to healthy, migrated empty database");
        figure("start_s", seconds, "s");
    }
}
