package scree.standins.variation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import scree.core.face.FacePoints;
import scree.core.image.Raster;
import scree.core.sight.SightCode;
import scree.standins.camera.Backdrop;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;
import scree.standins.camera.TurnedHead;

/**
 * One way in which a real picture differs from a studio's.
 *
 * @param right what may rightly be said of it, one is enough; empty when nothing may be said that stops it
 * @param take how the picture is taken
 */
public record Variation(String name, Set<SightCode> right, Function<Subject, Taken> take) {
    private static final int DEGREES_FOUND_AS_ASKED = 15;

    /** Who is photographed, how wide, and the camera's number; seated once for all variations. */
    public static final class Subject {
        private final Sitter sitter;
        private final int width;
        private final int seed;
        private Portrait portrait;
        private Raster plain;

        public Subject(Sitter sitter, int width, int seed) {
            this.sitter = sitter;
            this.width = width;
            this.seed = seed;
        }

        public Sitter sitter() {
            return sitter;
        }

        /** Returns the sitter before the studio's wall. */
        public Portrait portrait() {
            if (portrait == null) {
                portrait = Studio.seat(sitter, Lighting.facingWindow(), width);
            }
            return portrait;
        }

        /** Returns the picture as it is without any variation. */
        public Raster plain() {
            if (plain == null) {
                plain = shot(portrait());
            }
            return plain;
        }

        private Raster shot(Portrait seated) {
            return seated.shoot(Camera.quiet(60 + seed), Lamp.daylight(5600), Shot.withoutCard(sitter, seed));
        }

        private Taken before(Backdrop backdrop) {
            Portrait seated = Studio.seat(sitter, Lighting.facingWindow(), width, backdrop);
            return new Taken(shot(seated), seated.facePoints());
        }

        private Taken worn(Worn worn) {
            return new Taken(
                    worn.on(plain(), portrait().facePoints(), sitter.hair().colour()),
                    portrait().facePoints());
        }

        private Taken turned(double yaw, double pitch) {
            TurnedHead turned = portrait().turned(plain(), yaw, pitch);
            return new Taken(turned.picture(), turned.points());
        }

        private Taken bearded() {
            Subject other = new Subject(sitter.bearded(), width, seed);
            return new Taken(other.plain(), other.portrait().facePoints());
        }
    }

    /** A picture with the truth; the points are null where they cannot lie on it. */
    public record Taken(Raster picture, FacePoints points) {}

    /** Returns the picture. */
    public Taken of(Subject subject) {
        return take.apply(subject);
    }

    /** Returns whether it is a picture from which may be read. */
    public boolean readable() {
        return right.stream().noneMatch(SightCode::stops);
    }

    /** Returns all of them. */
    public static List<Variation> all() {
        List<Variation> all = new ArrayList<>();
        all.add(new Variation(
                "plain", Set.of(), s -> new Taken(s.plain(), s.portrait().facePoints())));
        for (Backdrop b : EnumSet.complementOf(EnumSet.of(Backdrop.WALL))) {
            all.add(new Variation("before " + b, Set.of(), s -> s.before(b)));
        }
        all.add(new Variation("beard", Set.of(), Subject::bearded));
        for (Worn worn : Worn.values()) {
            all.add(new Variation(worn.name(), rightly(worn), s -> s.worn(worn)));
        }
        for (Spoilt spoilt : Spoilt.values()) {
            all.add(new Variation(spoilt.name(), rightly(spoilt), s -> new Taken(spoilt.of(s.plain()), null)));
        }
        for (int yaw : new int[] {-20, -10, 10, 20}) {
            all.add(new Variation("turned by " + yaw, turned(yaw), s -> s.turned(yaw, 0)));
        }
        for (int pitch : new int[] {-22, 22}) {
            all.add(new Variation("nodded by " + pitch, Set.of(SightCode.EYE_HEIGHT), s -> s.turned(0, pitch)));
        }
        return all;
    }

    private static Set<SightCode> turned(int yaw) {
        return Math.abs(yaw) < DEGREES_FOUND_AS_ASKED
                ? Set.of()
                : Set.of(SightCode.TURN_TO_CAMERA, SightCode.TURNED_AWAY, SightCode.UNSURE);
    }

    private static Set<SightCode> rightly(Worn worn) {
        return switch (worn) {
            case GLASSES -> Set.of(SightCode.GLASSES, SightCode.DARK_GLASSES);
            case DARK_GLASSES -> Set.of(SightCode.DARK_GLASSES, SightCode.NO_FACE, SightCode.UNSURE, SightCode.BLURRED);
            case FRINGE, HAT, HEADBAND -> Set.of(SightCode.FOREHEAD_COVERED);
            case HAND_AT_JAW -> Set.of(SightCode.HAND);
            case SMILE_WITH_TEETH, OPEN_MOUTH -> Set.of(SightCode.MOUTH_OPEN);
            case EARRINGS, CLOSED_LIDS -> Set.of();
        };
    }

    private static Set<SightCode> rightly(Spoilt spoilt) {
        return switch (spoilt) {
            case DARK -> Set.of(SightCode.TOO_DARK, SightCode.NO_FACE);
            case BURNT -> Set.of(SightCode.BURNT, SightCode.NO_FACE);
            case BLUE -> Set.of(SightCode.TINTED);
            case ORANGE -> Set.of(SightCode.TINTED, SightCode.BURNT);
            case GREY -> Set.of(SightCode.NO_COLOUR);
            case BLURRED -> Set.of(SightCode.BLURRED, SightCode.NO_FACE);
            case ON_ITS_HEAD -> Set.of(SightCode.HEAD_DOWN, SightCode.NO_FACE);
            case SMALL -> Set.of(SightCode.TOO_SMALL, SightCode.NO_FACE);
            case WALL -> Set.of(SightCode.NO_FACE);
            case TWO_PEOPLE -> Set.of(SightCode.TWO_FACES);
            case HEAVY_JPEG, TILTED -> Set.of();
        };
    }
}
