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
import scree.core.image.CardLayout;
import scree.core.image.PictureIntake;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;
import scree.standins.camera.Trouble;

/** Plugs the simulated camera in: photographs the made-up musicians, once each, and keeps the files for the next start. */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class StandInCamera implements PracticeCamera {
    /** Below it a card's dots are too small to be found. */
    private static final int SMALLEST = 640;

    private final StandInMeters meters;
    private final int width;
    private final Path cache;

    StandInCamera(
            StandInMeters meters,
            @Value("${scree.demo.portrait-width}") int width,
            @Value("${scree.demo.portrait-cache:}") String cache) {
        this.meters = meters;
        this.width = width;
        this.cache = cache.isBlank() ? null : Path.of(cache);
    }

    @Override
    public byte[] photograph(Sitting sitting, Room room) {
        Sitter sitter = Ensemble.all().stream()
                .filter(s -> s.name().equals(sitting.clientName()))
                .findFirst()
                .orElse(Ensemble.all().get((int) Math.floorMod(sitting.clientId(), 12L)));
        meters.room(room);
        return room == Room.WINDOW ? today(sitter) : stored(sitter, "room-" + room, room, sitter.skin(), 5600, width);
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
        return stored(sitter, when, Room.WINDOW, skin, kelvin, width);
    }

    private byte[] stored(Sitter sitter, String when, Room room, Lab skin, double kelvin, int width) {
        String name = "%s-%s-%d.jpg"
                .formatted(
                        sitter.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"),
                        when.toLowerCase(Locale.ROOT),
                        width);
        try {
            if (cache != null && Files.exists(cache.resolve(name))) {
                return Files.readAllBytes(cache.resolve(name));
            }
            byte[] jpeg = render(Ensemble.withSkin(sitter, skin), room, kelvin, width);
            if (cache != null) {
                Files.createDirectories(cache);
                Files.write(cache.resolve(name), jpeg);
            }
            return jpeg;
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    private static byte[] render(Sitter sitter, Room room, double kelvin, int width) {
        Lighting lighting = switch (room) {
            case SIDE_WINDOW -> Lighting.sideWindow();
            case LAMP_ABOVE -> Lighting.lampAbove();
            default -> Lighting.facingWindow();
        };
        Trouble trouble = switch (room) {
            case LAMP_AND_WINDOW -> Trouble.secondLamp(Lamp.led(2900, 60), .5);
            case WINDOW_BEHIND -> Trouble.litFromBehind(2.5);
            case COLOURED_WALL -> Trouble.colouredWall(Lab.of(55, -35, 25));
            default -> Trouble.NONE;
        };
        Lamp lamp = room == Room.WARM_LAMP ? Lamp.led(2900, 60) : Lamp.daylight(kelvin);
        Shot shot = Shot.withCard(sitter.seed());
        var picture = Studio.seat(sitter, lighting, width)
                .shoot(
                        Camera.quiet(5),
                        lamp,
                        room == Room.GREY_CARD ? shot.withCard(CardLayout.Kind.GREY) : shot,
                        trouble);
        return PictureIntake.encodeJpeg(picture, 0.95f);
    }
}
