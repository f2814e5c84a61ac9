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
import scree.core.face.PointState;
import scree.core.image.CardLayout;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;
import scree.standins.camera.Trouble;

/** Plugs the simulated camera in: the made-up musicians at a window as they ship, in other rooms as they are asked for. */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class StandInCamera implements PracticeCamera {
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
        return room == Room.WINDOW ? today(sitter) : practised(sitter, room);
    }

    /** Returns the pixel of a place on the skin in today's pictures. */
    Point place(double x, double y) {
        return Studio.place(x, y, width);
    }

    byte[] today(Sitter sitter) {
        return Portraits.Portrait.today(sitter, width).jpeg();
    }

    /** Returns where the points of a face lie in the stored picture of today, as an artist would put them. */
    FacePoints points(Sitter sitter) {
        return Studio.points(sitter, Math.min(width, PictureIntake.STORED_LONGEST_SIDE * 4 / 5));
    }

    /** Returns the same as a browser would have found them: nobody has looked at them yet. */
    FacePoints guessed(Sitter sitter) {
        return unseen(points(sitter));
    }

    FacePoints guessedThen(Sitter sitter) {
        return unseen(Studio.points(sitter, Portraits.Portrait.thenWidth(width)));
    }

    private static FacePoints unseen(FacePoints points) {
        return FacePoints.of(points.marks().stream()
                .map(m -> new FacePoints.Mark(m.at(), PointState.GUESSED))
                .toList());
    }

    /** Returns a smaller picture of a past sitting with the skin of then. */
    byte[] then(Sitter sitter, PastSeason season) {
        return Portraits.Portrait.then(sitter, season, width).jpeg();
    }

    /** What was rendered before a lamp threw shadows is not shown any more: the name changes with the renderer. */
    private static final String RENDERED = "room-2-";

    /** Renders what no demo sitting shows, once. */
    private byte[] practised(Sitter sitter, Room room) {
        String name = Portraits.fileName(sitter, RENDERED + room.name().toLowerCase(Locale.ROOT), width);
        try {
            if (cache != null && Files.exists(cache.resolve(name))) {
                return Files.readAllBytes(cache.resolve(name));
            }
            byte[] jpeg = render(sitter, room, width);
            if (cache != null) {
                Files.createDirectories(cache);
                Files.write(cache.resolve(name), jpeg);
            }
            return jpeg;
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    private static byte[] render(Sitter sitter, Room room, int width) {
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
        Lamp lamp = room == Room.WARM_LAMP ? Lamp.led(2900, 60) : Lamp.daylight(5600);
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
