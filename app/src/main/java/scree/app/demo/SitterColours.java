package scree.app.demo;

import java.util.Arrays;
import java.util.Comparator;
import scree.app.sitting.OwnColours;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.judge.EyeTone;
import scree.core.judge.HairTone;
import scree.standins.camera.Sitter;

/** What an artist would call hair, brows and eyes of the made-up sitters. */
final class SitterColours {
    private SitterColours() {}

    /** Returns what an artist would call a sitter's colours: the nearest names. */
    static OwnColours of(Sitter s) {
        HairTone hair = hair(Lab.ofClamped(
                s.hair().colour().lightness() * (1 - s.hair().grey())
                        + GREY_HAIR * s.hair().grey(),
                s.hair().colour().a() * (1 - s.hair().grey()),
                s.hair().colour().b() * (1 - s.hair().grey())));
        Lab iris = Srgb.toLab(s.iris() >> 16 & 255, s.iris() >> 8 & 255, s.iris() & 255);
        boolean cool = iris.b() < 4;
        EyeTone eyes = Arrays.stream(EyeTone.values())
                .filter(t -> cool == (t == EyeTone.BLUE || t == EyeTone.GREY))
                .min(Comparator.comparingDouble(t -> Math.abs(t.lightness() - iris.lightness())))
                .orElseThrow();
        return new OwnColours(hair, hair(s.hair().colour()), eyes);
    }

    private static final double GREY_HAIR = 64;

    private static HairTone hair(Lab colour) {
        return Arrays.stream(HairTone.values())
                .min(Comparator.comparingDouble(t -> t.colour().differenceFrom(colour)))
                .orElseThrow();
    }
}
