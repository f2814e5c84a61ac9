package scree.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import scree.core.colour.Lab;
import scree.core.image.PictureIntake;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/**
 * The demo's pictures of the made-up musicians, each with the colour card at a window. They ship with the application, since
 * rendering them takes half a minute; {@link #main} makes them anew after a change of the simulated camera.
 */
final class Portraits {
    /** Below it a card's dots are too small to be found. */
    private static final int SMALLEST = 640;

    private static final double KELVIN_TODAY = 5600;
    private static final double KELVIN_THEN = 5900;
    private static final float JPEG_QUALITY = .95f;
    /** Pixels across: the demo's and the browser journeys'. */
    private static final List<Integer> SHIPPED = List.of(1100, 700);

    private Portraits() {}

    /** One picture. */
    record Portrait(String name, Sitter sitter, Lab skin, double kelvin, int width) {
        static Portrait today(Sitter sitter, int width) {
            Sitter today = sitter.troubledBy(DemoConcerns.of(sitter).painted());
            return new Portrait(fileName(sitter, "today", width), today, sitter.skin(), KELVIN_TODAY, width);
        }

        static int thenWidth(int width) {
            return Math.max(SMALLEST, width * 2 / 3);
        }

        /** Returns a smaller picture of a past sitting with the skin of then. */
        static Portrait then(Sitter sitter, PastSeason season, int width) {
            int small = thenWidth(width);
            String when = season.name().toLowerCase(Locale.ROOT);
            return new Portrait(fileName(sitter, when, small), sitter, season.skin(sitter.skin()), KELVIN_THEN, small);
        }

        /** Returns the shipped file, or renders it when none of this width ships. */
        byte[] jpeg() {
            return shipped().orElseGet(this::render);
        }

        Optional<byte[]> shipped() {
            try (InputStream file = Portraits.class.getResourceAsStream("portraits/" + name)) {
                return file == null ? Optional.empty() : Optional.of(file.readAllBytes());
            } catch (IOException e) {
                throw new IllegalStateException(name, e);
            }
        }

        byte[] render() {
            var picture = Studio.seat(Ensemble.withSkin(sitter, skin), Lighting.facingWindow(), width)
                    .shoot(Camera.quiet(5), Lamp.daylight(kelvin), Shot.withCard(sitter.seed()));
            return PictureIntake.encodeJpeg(picture, JPEG_QUALITY);
        }
    }

    /** Returns a file's name: who, when or where, how wide. */
    static String fileName(Sitter sitter, String when, int width) {
        String who = sitter.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-");
        return "%s-%s-%d.jpg".formatted(who, when, width);
    }

    /** Returns all that the demo shows of a musician at that width. */
    static List<Portrait> of(int index, int width) {
        Sitter sitter = Ensemble.all().get(index);
        return IntStream.rangeClosed(0, PastSeason.saw(index) ? PastSeason.values().length : 0)
                .mapToObj(i -> i == 0
                        ? Portrait.today(sitter, width)
                        : Portrait.then(sitter, PastSeason.values()[i - 1], width))
                .toList();
    }

    /** Renders all that ship, the demo's swatch sheet, and what sheets say of its kit. The argument is the directory that they go to. */
    public static void main(String[] directory) throws IOException {
        Path home = Files.createDirectories(Path.of(directory[0]));
        for (int width : SHIPPED) {
            for (int i = 0; i < Ensemble.all().size(); i++) {
                for (Portrait portrait : of(i, width)) {
                    Files.write(home.resolve(portrait.name()), portrait.render());
                }
            }
        }
        DemoSheet.write(home);
        DemoSwatches.write(home);
    }
}
