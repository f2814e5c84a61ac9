package scree.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;

/** Sitters, skins and shots for measuring only: other seeds, outlines, skins and cameras than those used for tuning. */
final class HeldOut {
    private HeldOut() {}

    /** Returns made-up people over all depths with random outline, nose, redness and hue lean; hair kept off the cheeks. */
    static List<Sitter> sitters(int count) {
        Random random = new Random(20260101);
        List<Sitter> sitters = new ArrayList<>();
        List<Sitter> models = Ensemble.all().stream()
                .filter(s -> s.hair().style() != Sitter.Style.LONG && s.hair().style() != Sitter.Style.BOB)
                .toList();
        for (int i = 0; i < count; i++) {
            Sitter model = models.get(random.nextInt(models.size()));
            double l = 31 + 44.0 * (i + random.nextDouble()) / count;
            Lab usual = ReferenceCurve.at(l);
            Lab skin = Lab.ofLch(
                    l,
                    usual.chroma() * (.9 + .25 * random.nextDouble()),
                    usual.hueDegrees() + 16 * random.nextDouble() - 8);
            sitters.add(new Sitter(
                    "held out " + i,
                    20 + random.nextInt(50),
                    model.man(),
                    skin,
                    face(model.face(), random),
                    model.hair(),
                    new Sitter.Marks(
                            .5 * random.nextDouble(),
                            random.nextInt(4),
                            .4 * model.marks().stubble(),
                            random.nextDouble(),
                            random.nextDouble()),
                    model.wrap(),
                    model.iris(),
                    7000 + i));
        }
        return sitters;
    }

    private static Sitter.Face face(Sitter.Face f, Random r) {
        Sitter.Shape shape = Sitter.Shape.values()[r.nextInt(Sitter.Shape.values().length)];
        return new Sitter.Face(
                shape,
                1.6 * r.nextDouble() - .8,
                f.noseLength() + .06 * (r.nextDouble() - .5),
                f.noseWidth(),
                .18 + .10 * r.nextDouble(),
                .05 * r.nextDouble(),
                f.eyeUpper(),
                f.eyeLower(),
                f.eyeTilt(),
                f.eyeDifference(),
                f.browHeight(),
                f.browArch(),
                f.browThickness(),
                f.mouthWidth(),
                f.lipUpper(),
                f.lipLower(),
                f.smile(),
                f.fold(),
                f.bag(),
                f.jowl() * r.nextDouble(),
                f.earSize());
    }

    /** Returns people of other proportions than any that something was derived on, for a drawing style of its own. */
    static List<Sitter> oddlyBuilt(int count) {
        Random r = new Random(20260707);
        return sitters(count).stream()
                .map(s -> new Sitter(
                        s.name(),
                        s.age(),
                        s.man(),
                        s.skin(),
                        odd(s.face(), r),
                        s.hair(),
                        s.marks(),
                        s.wrap(),
                        s.iris(),
                        s.seed() + 500))
                .toList();
    }

    private static Sitter.Face odd(Sitter.Face f, Random r) {
        return new Sitter.Face(
                f.shape(),
                f.asymmetry(),
                f.noseLength() + .16 * (r.nextDouble() - .5),
                f.noseWidth() * (.85 + .35 * r.nextDouble()),
                f.noseHeight(),
                f.crook(),
                f.eyeUpper() * (.8 + .4 * r.nextDouble()),
                f.eyeLower() * (.8 + .4 * r.nextDouble()),
                f.eyeTilt() + .06 * (r.nextDouble() - .5),
                f.eyeDifference(),
                f.browHeight() + .12 * (r.nextDouble() - .5),
                f.browArch() * (.6 + .8 * r.nextDouble()),
                f.browThickness() * (.7 + .8 * r.nextDouble()),
                f.mouthWidth() * (.85 + .3 * r.nextDouble()),
                f.lipUpper() * (.7 + .7 * r.nextDouble()),
                f.lipLower() * (.7 + .7 * r.nextDouble()),
                f.smile() + .03 * (r.nextDouble() - .5),
                f.fold(),
                f.bag(),
                f.jowl(),
                f.earSize());
    }

    static Lamp daylight(Random r) {
        return Lamp.daylight(4000 + 3500 * r.nextDouble());
    }

    static Lamp warmLed(Random r) {
        return Lamp.led(2700 + 600 * r.nextDouble(), 54 + 16 * r.nextDouble());
    }

    /** Returns a shot with ±5 % uneven light between face and card, exposure and white balance as they fall. */
    static Shot shot(scree.core.image.CardLayout.Kind card, Random r, long seed) {
        double[] balance = {1 + .06 * (r.nextDouble() - .5), 1 + .06 * (r.nextDouble() - .5)};
        return new Shot(
                card,
                .72 + .20 * r.nextDouble(),
                .05 * (r.nextDouble() - .5),
                .04 * (r.nextDouble() - .5),
                balance,
                0,
                seed);
    }
}
