package scree.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import scree.app.sitting.Sitting;
import scree.app.skin.PracticeCamera;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.image.PictureIntake;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/** Plugs the simulated camera in: photographs the made-up musicians, once each, and keeps the files for the next start. */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class StandInCamera implements PracticeCamera {
    /** Below it a card's dots are too small to be found. */
    private static final int SMALLEST = 640;

    private final int width;
    private final Path cache;

    StandInCamera(
            @Value("${scree.demo.portrait-width}") int width, @Value("${scree.demo.portrait-cache:}") String cache) {
        this.width = width;
        this.cache = cache.isBlank() ? null : Path.of(cache);
    }

    @Override
    public byte[] photograph(Sitting sitting) {
        Sitter sitter = Ensemble.all().stream()
                .filter(s -> s.name().equals(sitting.clientName()))
                .findFirst()
                .orElse(Ensemble.all().get((int) Math.floorMod(sitting.clientId(), 12L)));
        return today(sitter);
    }

    byte[] today(Sitter sitter) {
        return photograph(sitter, "today", sitter.skin(), 5600, width);
    }

    /** Returns where the points of a face lie in the stored picture of today, as an artist would put them. */
    FacePoints points(Sitter sitter) {
        return Studio.points(sitter, Math.min(width, PictureIntake.STORED_LONGEST_SIDE * 4 / 5));
    }

    /** Returns a smaller picture of a past sitting with the skin of then. */
    byte[] past(Sitter sitter, String when, Lab skin) {
        return photograph(sitter, when, skin, 5900, Math.max(SMALLEST, width * 2 / 3));
    }

    /** Returns a JPEG of the sitter with the colour card in daylight. */
    private byte[] photograph(Sitter sitter, String when, Lab skin, double kelvin, int width) {
        String name = "%s-%s-%d.jpg"
                .formatted(sitter.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"), when, width);
        try {
            if (cache != null && Files.exists(cache.resolve(name))) {
                return Files.readAllBytes(cache.resolve(name));
            }
            byte[] jpeg = render(Ensemble.withSkin(sitter, skin), kelvin, width);
            if (cache != null) {
                Files.createDirectories(cache);
                Files.write(cache.resolve(name), jpeg);
            }
            return jpeg;
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    private static byte[] render(Sitter sitter, double kelvin, int width) {
        var portrait = Studio.seat(sitter, Lighting.facingWindow(), width);
        var picture = portrait.shoot(Camera.quiet(5), Lamp.daylight(kelvin), Shot.withCard(sitter.seed()));
        return PictureIntake.encodeJpeg(picture, 0.95f);
    }
}
